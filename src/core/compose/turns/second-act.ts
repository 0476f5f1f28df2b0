import { isForSpring } from '../../plantings/occasion';
import type { Plant } from '../../plants/schema';
import type { Planting } from '../../plantings/schema';
import { type Act, actOf } from './act';
import { sortOut } from './sort-out';
import { turnDays } from './year';

/**
 * The day on which summer follows a planting for spring or for the winter; null for any other, and where a
 * day was named for it.
 */
export function secondActOn(planting: Planting): string | null {
  const { brief, startDate } = planting;
  if (brief.changeOver !== null || brief.bestOn !== null || !isForSpring(planting)) return null;
  return turnDays(planting, startDate).find((t) => t.name === 'summer')?.on ?? null;
}

/** What scores less is not worth offering as what follows. Working figure, as of proposals. */
const LEAST_SCORE = 75;

/**
 * Composes what follows a planting, into what it leaves on the day; null where it needs nothing after it, or nothing
 * was found. Deterministic from the seed. Throws UnknownPlantError.
 */
export function secondAct(planting: Planting, seed: number, library: readonly Plant[]): Act | null {
  const on = secondActOn(planting);
  if (on === null) return null;
  const sorted = sortOut(planting, on);
  if (sorted.every((s) => s.goes === null)) return null;
  const act = actOf(planting, on, sorted, { seed, library });
  return act && act.score >= LEAST_SCORE ? act : null;
}
