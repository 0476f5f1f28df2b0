'use client';
import { useEffect, useRef } from 'react';

let loaded = false;

/**
 * For what comes next after something was pressed and went away: takes the focus where it fell to nothing, so that the
 * next key goes on from here. Never on the first page, where reading begins at the top. `on` is asked again
 * when it changes.
 */
export function useCatchFocus<E extends HTMLElement>(on: unknown): React.RefObject<E | null> {
  const ref = useRef<E>(null);
  useEffect(() => {
    const first = !loaded;
    loaded = true;
    if (first) return undefined;
    // After the frame in which dialogs and menus give the focus back.
    const later = requestAnimationFrame(() => {
      if (document.activeElement === document.body || document.activeElement === null)
        ref.current?.focus({ preventScroll: true });
    });
    return () => cancelAnimationFrame(later);
  }, [on]);
  return ref;
}
