'use client';
import { useCallback, useState } from 'react';

/** What is no further than this from the window is worth drawing: one is soon there. */
const MARGIN = '400px';

/** Whether an element is, or was, in the window or near it: put the first on it. */
export function useNear<T extends Element>(): [(el: T | null) => (() => void) | undefined, boolean] {
  const [near, setNear] = useState(false);
  const watch = useCallback((el: T | null) => {
    if (!el) return undefined;
    const observer = new IntersectionObserver(
      (seen) => {
        if (!seen.some((s) => s.isIntersecting)) return;
        setNear(true);
        observer.disconnect();
      },
      { rootMargin: MARGIN },
    );
    observer.observe(el);
    return () => observer.disconnect();
  }, []);
  return [watch, near];
}
