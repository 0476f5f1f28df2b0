import { useSyncExternalStore } from 'react';
import { today } from '@/core/units/date';

/** After midnight a moment is waited, so that the date has turned everywhere, ms. */
const MOMENT_MS = 500;

let day = today();
let timer: ReturnType<typeof setTimeout> | undefined;
const waiting = new Set<(day: string) => void>();

/** Until the next midnight here, whether the day has 23, 24 or 25 hours. */
function untilMidnightMs(now = new Date()): number {
  const next = new Date(now);
  next.setHours(24, 0, 0, 0);
  return next.getTime() - now.getTime() + MOMENT_MS;
}

/** Looks at the calendar, tells where it has turned, and looks again at midnight. */
function look(): void {
  clearTimeout(timer);
  timer = setTimeout(look, untilMidnightMs());
  const now = today();
  if (now === day) return;
  day = now;
  for (const tell of waiting) tell(day);
}

/** A device that slept through midnight looks when it wakes. */
const WAKES = [
  ['visibilitychange', () => document],
  ['focus', () => window],
  ['pageshow', () => window],
] as const;

/**
 * Tells when the real day has turned, at midnight or as soon as the page is looked at again; gives the way to
 * stop it.
 */
export function onNewDay(tell: (day: string) => void): () => void {
  if (waiting.size === 0) {
    for (const [event, on] of WAKES) on().addEventListener(event, look);
    look();
  }
  waiting.add(tell);
  return () => {
    waiting.delete(tell);
    if (waiting.size > 0) return;
    for (const [event, on] of WAKES) on().removeEventListener(event, look);
    clearTimeout(timer);
  };
}

/** The real day, here and now. */
export const useRealDay = (): string => useSyncExternalStore(onNewDay, () => day, today);
