/** How far some work has come: share done, and what there is to show, worked out when it is asked for. */
export interface WorkProgress<Sofar> {
  done: number;
  sofar: () => Sofar[];
}

/** Work that can be paused. */
type Work<Sofar, Result> = Generator<WorkProgress<Sofar>, Result>;

/** Work that may be done ahead of being asked for. */
export interface WorkAhead<Errand, Sofar, Result> {
  /** Bit by bit, until something else is asked; it is kept for when it is asked itself. */
  run: (errand: Errand) => Promise<void>;
  /** Asked in earnest: goes on from where it had come ahead. */
  ask: (errand: Errand, told: (done: number, sofar: Sofar[]) => void) => Result;
}

/** Lets what waits be heard. */
const breathe = () => new Promise<void>((done) => setTimeout(done));

/** Does some work ahead of being asked for it, an errand at a time; whatever is asked later comes first. */
export function workAhead<Errand, Sofar, Result>(
  begin: (errand: Errand) => Work<Sofar, Result>,
  pause = breathe,
): WorkAhead<Errand, Sofar, Result> {
  interface Begun {
    of: string;
    work: Work<Sofar, Result>;
    last: WorkProgress<Sofar> | null;
    result: { is: Result } | null;
  }
  let begun: Begun | null = null;
  let asked = 0;
  const beginAt = (errand: Errand): Begun => {
    const of = JSON.stringify(errand);
    if (begun?.of !== of) begun = { of, work: begin(errand), last: null, result: null };
    return begun;
  };
  const further = (b: Begun): void => {
    const { done, value } = b.work.next();
    if (done) b.result = { is: value };
    else b.last = value;
  };
  // What broke is begun anew when it is asked for again.
  const step = (b: Begun): void => {
    try {
      further(b);
    } catch (e) {
      begun = null;
      throw e;
    }
  };
  return {
    run: async (errand) => {
      const mine = (asked += 1);
      const b = beginAt(errand);
      while (asked === mine && !b.result) {
        step(b);
        await pause();
      }
    },
    ask: (errand, told) => {
      asked += 1;
      const b = beginAt(errand);
      if (b.last && !b.result) told(b.last.done, b.last.sofar());
      while (!b.result) {
        step(b);
        if (b.last && !b.result) told(b.last.done, b.last.sofar());
      }
      return b.result.is;
    },
  };
}
