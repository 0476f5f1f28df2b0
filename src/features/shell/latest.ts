/**
 * Asks one question at a time: while one is under way only the last of those that follow is kept, and asked when it is
 * done. What is passed over is never answered.
 */
export function latest<A, T>(ask: (about: A) => Promise<T>): (about: A) => Promise<T> {
  let busy = false;
  let waiting: (() => void) | null = null;
  const go = async (about: A): Promise<T> => {
    busy = true;
    try {
      return await ask(about);
    } finally {
      busy = false;
      const next = waiting;
      waiting = null;
      next?.();
    }
  };
  return (about) => {
    if (!busy) return go(about);
    return new Promise<T>((resolve, reject) => {
      waiting = () => void go(about).then(resolve, reject);
    });
  };
}
