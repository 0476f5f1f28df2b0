'use client';
import { useEffect, useRef } from 'react';

/** Where arrow keys already mean something. */
const OWN = 'input, select, textarea, [role=dialog], [role=listbox]';
const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 };

/** The arrow keys step to the one before or the next, from anywhere on the page where they mean nothing else. */
export function useArrows(step: (by: number) => void): void {
  const now = useRef(step);
  useEffect(() => {
    now.current = step;
  });
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const by = STEPS[e.key];
      const taken = e.ctrlKey || e.metaKey || e.altKey || (e.target instanceof Element && e.target.closest(OWN));
      if (by === undefined || taken) return;
      e.preventDefault();
      now.current(by);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
