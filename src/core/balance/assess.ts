import { grow } from '../growth/season';
import type { Season } from '../growth/grown';
import type { Planting } from '../plantings/schema';
import type { UnitSystem } from '../units/length';
import { tenth } from '../units/number';
import type { Check } from './check';
import { type Reading, type Report, say } from './finding';
import { CHECKS } from './index';
import { standingOf } from './standing';

/** Each thing that is wrong, or to be watched, takes this much off the score. Working figures. */
const COSTS = { wrong: 22, watch: 2.5, good: 0 } as const;

/** A planting measured: the figures without the words. */
export interface Measure {
  /** 0–100. */
  score: number;
  week: number;
  readings: Reading[];
}

const ALL: readonly [string, Check][] = Object.entries(CHECKS);

/**
 * The figures of a planting in its judged week (the peak unless another is given). `checks` are all there are unless
 * others are given. Throws UnknownPlantError.
 */
export function measure(
  planting: Planting,
  season: Season = grow(planting),
  week?: number,
  checks: readonly (readonly [string, Check])[] = ALL,
): Measure {
  const standing = standingOf(planting, season, week);
  const readings: Reading[] = [];
  let [weight, quality, faults] = [0, 0, 0];
  for (const [id, check] of checks) {
    for (const m of check.of(standing)) {
      readings.push({ ...m, check: id as Reading['check'] });
      weight += check.weight;
      quality += check.weight * m.quality;
      faults += COSTS[m.severity];
    }
  }
  const share = quality / Math.max(1, weight);
  const score = planting.placements.length === 0 ? 0 : Math.max(0, tenth(share * 100 - faults));
  return { score, week: standing.week, readings };
}

/** Judges a planting and says so in words. The one truth: proposals, hand edits and imported files are all judged here. Throws UnknownPlantError. */
export function assess(planting: Planting, units: UnitSystem = 'metric', season?: Season, week?: number): Report {
  const { readings, ...rest } = measure(planting, season, week);
  const findings = readings.map((r) => ({ ...r, message: say(r.check, r.says, r.facts, units), remedies: [] }));
  return { ...rest, findings };
}
