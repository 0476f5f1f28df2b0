import { isForSpring } from '../../plantings/occasion';
import type { Plant } from '../../plants/schema';
import { apply } from '../../plantings/commands';
import type { Placement, Planting } from '../../plantings/schema';
import { compose } from '../compose';
import { groundFor, takeOver } from './change-over';
import { sortOut, type Sorted } from './sort-out';
import { turnCost, turnDays } from './year';

/** What follows a planting that is over in spring: on its day, with who stays and goes, what is new, and what it costs. */
export interface SecondAct {
  on: string;
  sorted: Sorted[];
  /** All that stands there in both acts. */
  placements: Placement[];
  /** Ids of what is set out on the day. */
  fresh: string[];
  /** How the composer says it. */
  reason: string;
  score: number;
  /** Pounds for one container. */
  cost: number;
}

/** The day on which summer follows a planting for spring or for the winter; null for any other, and where a day was named for it. */
export function secondActOn(planting: Planting): string | null {
  const { brief, startDate } = planting;
  if (brief.changeOver !== null || brief.bestOn !== null || !isForSpring(planting)) return null;
  return turnDays(planting, startDate).find((t) => t.name === 'summer')?.on ?? null;
}

/** What scores less is not worth offering as what follows; under the second it is looked at what comes of an empty pot. Working figures, as of proposals. */
const LEAST_SCORE = 75;
const GOOD_SCORE = 85;

/** All that stays goes to the garden instead: a stranger to summer bedding, or in its way. */
const cleared = (sorted: readonly Sorted[]): Sorted[] =>
  sorted.map((s) => (s.goes === null ? { ...s, goes: 'garden', why: 'summer is better without it' } : s));

/**
 * Composes what follows a planting, into what it leaves on the day, or where that comes to little into an empty pot;
 * null where it needs nothing after it, or nothing was found. Deterministic from the seed. Throws UnknownPlantError.
 */
export function secondAct(planting: Planting, seed: number, library: readonly Plant[]): SecondAct | null {
  const on = secondActOn(planting);
  if (on === null) return null;
  const sorted = sortOut(planting, on);
  if (sorted.every((s) => s.goes === null)) return null;
  const kept = actOf(planting, on, sorted, seed, library);
  const stays = sorted.some((s) => s.goes === null);
  if ((kept && kept.score >= GOOD_SCORE) || !stays) return kept;
  const bare = actOf(planting, on, cleared(sorted), seed, library);
  return bare && bare.score > (kept?.score ?? 0) ? bare : kept;
}

function actOf(
  planting: Planting,
  on: string,
  sorted: Sorted[],
  seed: number,
  library: readonly Plant[],
): SecondAct | null {
  const [best] = compose(groundFor(planting, on, sorted), { library, seed, want: 1 }).proposals;
  if (!best || best.report.score < LEAST_SCORE) return null;
  const both = takeOver(planting, on, sorted, best.planting.placements).reduce(apply, planting);
  return {
    on,
    sorted,
    placements: both.placements,
    fresh: both.placements.filter((p) => p.from === on).map((p) => p.id),
    reason: best.reason,
    score: best.report.score,
    cost: turnCost(both, on),
  };
}
