import { grow } from '../../growth/season';
import { judgedWeeks } from '../../growth/span';
import { factsOf } from '../../plants/facts';
import type { Plant } from '../../plants/schema';
import { apply } from '../../plantings/commands';
import { occasionOf } from '../../plantings/occasion';
import { resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { maxBy } from '../../units/number';
import { compose, type Proposal } from '../compose';
import { groundFor, takeOver } from './change-over';
import { turnCost } from '../../materials/turn';
import type { Sorted } from './sort-out';

/** A turn composed: its day, who stays and goes, what is new, and what it costs. */
export interface Act {
  on: string;
  sorted: Sorted[];
  /** The planting with all its turns, this one among them. */
  after: Planting;
  /** Ids of what is set out on the day. */
  fresh: string[];
  /** How the composer says it. */
  reason: string;
  score: number;
  /** Pounds for one container. */
  cost: number;
}

/**
 * What a turn is composed from: the plants there are, a seed, and the day of the turn after it where one is
 * planned.
 */
export interface Means {
  library: readonly Plant[];
  seed: number;
  until?: string | null;
}

/**
 * Under the first score it is looked at what comes of the pot without some of what stays; so much more it
 * must come to. Working figures.
 */
const GOOD_SCORE = 85;
const WORTH_CLEARING = 5;

const CLEARED = 'summer is better without it';

/** What stays is lifted instead, all of it or all but what leads: a stranger to summer bedding, or in its way. */
function cleared(planting: Planting, sorted: readonly Sorted[], all: boolean): Sorted[] {
  const leads = new Set(planting.placements.filter((p) => p.role === 'thriller').map((p) => p.id));
  const annual = new Set(resolve(planting).flatMap((p) => (factsOf(p.plant).life === 'annual' ? [p.id] : [])));
  return sorted.map((s) =>
    s.goes === null && (all || !leads.has(s.id))
      ? { ...s, goes: annual.has(s.id) ? 'compost' : 'garden', why: CLEARED }
      : s,
  );
}

/**
 * Of proposals for winter those within so many points of the best are as good, and what flowers longest is
 * taken. Working figures.
 */
const AS_GOOD = 6;
const IN_FLOWER = 0.2;

const weeksInFlower = ({ planting }: Proposal): number =>
  grow(planting, judgedWeeks(planting)).weeks.filter((w) => w.plants.some((p) => p.alive && p.bloom >= IN_FLOWER))
    .length;

function bestFor(ground: Planting, proposals: readonly Proposal[]): Proposal | undefined {
  const best = maxBy(proposals, (p) => p.report.score);
  if (!best || occasionOf(ground) !== 'winter') return best;
  return maxBy(
    proposals.filter((p) => p.report.score >= best.report.score - AS_GOOD),
    weeksInFlower,
  );
}

function composed(planting: Planting, on: string, sorted: Sorted[], { library, seed, until }: Means): Act | null {
  const laid = groundFor(planting, on, sorted, until);
  // What was just thrown out is not bought again.
  const never = [...new Set([...laid.brief.never, ...sorted.filter((s) => s.why === CLEARED).map((s) => s.plant)])];
  const ground = { ...laid, brief: { ...laid.brief, never } };
  const best = bestFor(ground, compose(ground, { library, seed }).proposals);
  if (!best) return null;
  const after = takeOver(planting, on, sorted, best.planting.placements).reduce(apply, planting);
  return {
    on,
    sorted,
    after,
    fresh: after.placements.filter((p) => p.from === on).map((p) => p.id),
    reason: best.reason,
    score: best.report.score,
    cost: turnCost(after, on),
  };
}

const stayers = (sorted: readonly Sorted[]): number => sorted.filter((s) => s.goes === null).length;

/**
 * Composes a turn into what stays on its day; for summer, where that comes to little, into what leads alone,
 * or into the empty pot, if that is clearly better. Null where nothing was found. Deterministic from the
 * seed. Throws UnknownPlantError.
 */
export function actOf(planting: Planting, on: string, sorted: Sorted[], means: Means): Act | null {
  let best = composed(planting, on, sorted, means);
  if (occasionOf({ ...planting, startDate: on }) !== 'summer') return best;
  let left = stayers(sorted);
  for (const all of [false, true]) {
    const fewer = cleared(planting, sorted, all);
    if (stayers(fewer) === left || (best && best.score >= GOOD_SCORE)) continue;
    left = stayers(fewer);
    const act = composed(planting, on, fewer, means);
    if (act && (!best || act.score >= best.score + WORTH_CLEARING)) best = act;
  }
  return best;
}
