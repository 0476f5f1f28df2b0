import { grow } from '../growth/season';
import type { Season } from '../growth/grown';
import type { Planting } from '../plantings/schema';
import type { UnitSystem } from '../units/length';
import { sum, tenth } from '../units/number';
import { type Check, FACETS, type Facet } from './check';
import { type Reading, type Report, say } from './finding';
import { CHECKS } from './index';
import { standingOf } from './standing';

/** What one gate that is to be watched leaves of the score, and each further one. Working figures. */
const GATE_LEAVES = 0.84;
const FURTHER_LEAVES = 0.94;
/** One thing wrong, and the planting is worth no more than this; each further one takes this share. Practice. */
const WRONG_MOST = 50;
const WRONG_LEAVES = 0.62;
const WORSE_LEAVES = 0.85;
/** No part of a planting is worth nothing, or one would be all that is told. Working figure. */
const LEAST_WORTH = 0.08;
/** The worst of what counts toward one thing pulls this much against their mean. Working figure. */
const WORST_PULLS = 0.85;
/** From here up each step is harder: a planting without a fault ends at 96. Working figures. */
const EASY_TO = 0.8;
const HARDER = 0.82;

/** A planting measured: the figures without the words. */
export interface Measure {
  /** 0–100. */
  score: number;
  week: number;
  readings: Reading[];
}

const ALL: readonly [string, Check][] = Object.entries(CHECKS);

/**
 * The figures of a planting over its season: planting day, when it has filled, and two thirds through. `checks` are all
 * there are unless others are given. Throws UnknownPlantError.
 */
export function measure(
  planting: Planting,
  season: Season = grow(planting),
  checks: readonly (readonly [string, Check])[] = ALL,
): Measure {
  const standing = standingOf(planting, season);
  const readings: Reading[] = [];
  const worth = new Map<Facet, { q: number; w: number }[]>();
  const gates = { watch: 0, wrong: 0 };
  for (const [id, { of, facet, weight }] of checks) {
    for (const m of of(standing)) {
      readings.push({ ...m, check: id as Reading['check'] });
      if (m.severity === 'wrong') gates.wrong += 1;
      else if (facet === 'gate' && m.severity === 'watch') gates.watch += 1;
      if (facet !== 'gate') worth.set(facet, [...(worth.get(facet) ?? []), { q: m.quality, w: weight }]);
    }
  }
  return { score: planting.placements.length === 0 ? 0 : scoreOf(worth, gates), week: standing.week, readings };
}

/** A weighted harmonic mean of what makes a planting good, so that the worst pulls; then what the gates leave of it. */
function scoreOf(
  worth: ReadonlyMap<Facet, { q: number; w: number }[]>,
  gates: { watch: number; wrong: number },
): number {
  let [weight, parts] = [0, 0];
  for (const [facet, list] of worth) {
    if (facet === 'gate') continue;
    const mean = sum(list.map((x) => x.q * x.w)) / sum(list.map((x) => x.w));
    const worst = Math.min(...list.map((x) => x.q));
    const q = Math.max(LEAST_WORTH, WORST_PULLS * worst + (1 - WORST_PULLS) * mean);
    weight += FACETS[facet];
    parts += FACETS[facet] / q;
  }
  const plain = parts > 0 ? weight / parts : 1;
  const mean = plain <= EASY_TO ? plain : EASY_TO + (plain - EASY_TO) * HARDER;
  const watched = gates.watch === 0 ? 1 : GATE_LEAVES * FURTHER_LEAVES ** (gates.watch - 1);
  const alive = 100 * mean * watched;
  if (gates.wrong === 0) return tenth(alive);
  return tenth(Math.min(WRONG_MOST, alive * WRONG_LEAVES * WORSE_LEAVES ** (gates.wrong - 1)));
}

/** Judges a planting and says so in words. The one truth: proposals, hand edits and imported files are all judged here. Throws UnknownPlantError. */
export function assess(planting: Planting, units: UnitSystem = 'metric', season?: Season): Report {
  const { readings, ...rest } = measure(planting, season);
  const findings = readings.map((r) => ({ ...r, message: say(r.check, r.says, r.facts, units), remedies: [] }));
  return { ...rest, findings };
}
