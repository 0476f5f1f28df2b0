import { grow, type Season } from '../growth/season';
import type { Planting } from '../plantings/schema';
import type { UnitSystem } from '../units/length';
import { against, clear } from './clear';
import { colour } from './colour';
import { contextOf, type Context } from './context';
import type { CheckId, Reading, Report } from './finding';
import { height, steps } from './height';
import { cost, drainage, fit, light, nights, safety, scorch, season, water } from './place';
import { sightline } from './sightline';
import { steady } from './steady';
import { plainness, texture } from './texture';
import { drop, sides, trail } from './trail';
import { cover, spread, vigour } from './vigour';
import { winter } from './winter';
import { say } from './words';

/** The checks, in the order they are shown. Adding one is a file and a line here. */
const CHECKS: readonly ((ctx: Context) => Reading[])[] = [
  height,
  texture,
  trail,
  colour,
  vigour,
  steps,
  plainness,
  drop,
  sides,
  clear,
  cover,
  spread,
  fit,
  light,
  scorch,
  water,
  season,
  nights,
  safety,
  drainage,
  cost,
  winter,
  sightline,
  against,
  steady,
];

/** What each check weighs in the score. Working figures: the five levels are half of it. */
const WEIGHT: Record<CheckId, number> = {
  height: 10,
  texture: 9,
  trail: 8,
  colour: 14,
  vigour: 11,
  steps: 6,
  plainness: 3,
  drop: 3,
  sides: 4,
  clear: 4,
  cover: 5,
  spread: 3,
  fit: 6,
  light: 8,
  scorch: 4,
  water: 5,
  season: 6,
  nights: 3,
  safety: 6,
  drainage: 2,
  cost: 3,
  winter: 5,
  sightline: 8,
  against: 3,
  steady: 3,
};

/** Each thing that is wrong takes this much off the score. */
const WRONG_COSTS = 22;
const WATCH_COSTS = 2.5;

/** A planting measured: the figures without the words. */
export interface Measure {
  /** 0–100. */
  score: number;
  week: number;
  readings: Reading[];
}

/** The figures of a planting in its judged week (the peak unless another is given). Throws UnknownPlantError. */
export function measure(planting: Planting, grown: Season = grow(planting), week?: number): Measure {
  const ctx = contextOf(planting, grown, week);
  const readings = CHECKS.flatMap((check) => check(ctx));
  let [weight, quality, faults] = [0, 0, 0];
  for (const r of readings) {
    weight += WEIGHT[r.check];
    quality += WEIGHT[r.check] * r.quality;
    faults += r.severity === 'wrong' ? WRONG_COSTS : r.severity === 'watch' ? WATCH_COSTS : 0;
  }
  const score =
    planting.placements.length === 0
      ? 0
      : Math.max(0, Math.round(((quality / Math.max(1, weight)) * 100 - faults) * 10) / 10);
  return { score, week: ctx.week, readings };
}

/** Judges a planting and says so in words. The one truth: proposals, hand edits and imported files are all judged here. Throws UnknownPlantError. */
export function assess(
  planting: Planting,
  units: UnitSystem = 'metric',
  grown: Season = grow(planting),
  week?: number,
): Report {
  const { readings, ...rest } = measure(planting, grown, week);
  return { ...rest, findings: readings.map((r) => ({ ...r, message: say(r.says, r.facts, units), remedies: [] })) };
}
