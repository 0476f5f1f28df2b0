import { counted } from '@/core/plantings/ids';
import { joined } from '@/core/plantings/joined';
import type { Planting } from '@/core/plantings/schema';

/** A planting as it was before something was done, and what that was called. */
export interface PastStep {
  name: string;
  planting: Planting;
}

/** The planting now, the way back and the way forward again. */
export interface History {
  now: Planting;
  past: readonly PastStep[];
  future: readonly PastStep[];
}

/** Steps back that are kept. */
export const MOST_STEPS = 200;

export const begun = (now: Planting): History => ({ now, past: [], future: [] });

/** Something done: the way forward is gone. */
export const done = (h: History, name: string, now: Planting): History => ({
  now,
  past: [...h.past, { name, planting: h.now }].slice(-MOST_STEPS),
  future: [],
});

/**
 * Another planting takes the place of this one; the number its next id gets never falls, so that none is
 * given out twice.
 */
const inPlace = (planting: Planting, of: Planting): Planting => counted(planting, of.nextId);

/** One step back, or null where there is none. */
export function undone({ now, past, future }: History): History | null {
  const step = past[past.length - 1];
  if (!step) return null;
  return {
    now: inPlace(step.planting, now),
    past: past.slice(0, -1),
    future: [...future, { name: step.name, planting: now }],
  };
}

/** One step forward again, or null where there is none. */
export function redone({ now, past, future }: History): History | null {
  const step = future[future.length - 1];
  if (!step) return null;
  return {
    now: inPlace(step.planting, now),
    past: [...past, { name: step.name, planting: now }],
    future: future.slice(0, -1),
  };
}

/**
 * The same history after what it was kept as became something else, in another tab: that change is carried
 * through every step, so that undoing takes back only what was done here.
 */
export function rebased({ now, past, future }: History, from: Planting, to: Planting): History {
  const carried = (p: Planting): Planting => joined(from, p, to).planting;
  const steps = (list: readonly PastStep[]) =>
    list.map((s): PastStep => ({ name: s.name, planting: carried(s.planting) }));
  return { now: now === from ? to : carried(now), past: steps(past), future: steps(future) };
}

/** What the next step back, or forward, would take back or do again. */
export const nameOfLast = (steps: readonly PastStep[]): string | null => steps[steps.length - 1]?.name ?? null;
