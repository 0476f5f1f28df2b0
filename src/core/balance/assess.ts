import type { Season } from '../growth/grown';
import { growing } from '../growth/season';
import type { Planting } from '../plantings/schema';
import type { UnitSystem } from '../units/length';
import { sum, tenth } from '../units/number';
import { type Check, FACETS, type Facet, type Measured } from './check';
import { type Reading, type Report, say } from './finding';
import { CHECKS } from './index';
import { type Standing, standingOf } from './standing';

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
const HARDER = 0.8;

/** A planting measured: the figures without the words. */
export interface Measure {
  /** 0–100. */
  score: number;
  week: number;
  readings: Reading[];
}

type Checks = readonly (readonly [string, Check])[];
const ALL: Checks = Object.entries(CHECKS);

/** Checks told by who stands there alone, wherever; those first that fail most for the work they take. */
const WHOEVER: readonly string[] = [
  'worlds',
  'sort',
  'water',
  'light',
  'safety',
  'mix',
  'thug',
  'staples',
  'repeat',
  'scorch',
  'nights',
  'echo',
  'heat',
  'winter',
  'cost',
  'flower-form',
];
/**
 * The order in which a planting is looked through for a reason to give it up: first what turns down most for
 * the work it takes, before anything is grown; then what is read from a week or two of growth; last what
 * needs its whole season.
 */
const SOONEST: readonly string[] = [
  'worlds',
  'flower-form',
  'staples',
  'texture',
  'repeat',
  ...WHOEVER.filter((id) => !['worlds', 'flower-form', 'staples', 'repeat', 'cost'].includes(id)),
  'spread',
  'steps',
  'height',
  'cover',
  'buried',
  'cost',
  'steady',
  'front',
  'season',
  'centrepiece',
  'contrast',
  'sides',
  'colour',
];
const FIRST_GROWN = SOONEST.indexOf('spread');
const EARLY: Checks = [...ALL].sort(([a], [b]) => rankOf(a) - rankOf(b));
function rankOf(id: string): number {
  const at = SOONEST.indexOf(id);
  return at < 0 ? SOONEST.length : at;
}

/** What is found so far: by facet the sum of the weighted qualities, of the weights, and the worst. */
interface Tally {
  readings: Map<string, Reading[]>;
  facets: Map<Facet, { q: number; w: number; worst: number }>;
  gates: { watch: number; wrong: number };
  /** Findings that are not good. */
  watched: number;
}
const nothing = (): Tally => ({ readings: new Map(), facets: new Map(), gates: { watch: 0, wrong: 0 }, watched: 0 });

function count(tally: Tally, id: string, { facet, weight }: Check, found: readonly Measured[]): void {
  const { readings, facets, gates } = tally;
  readings.set(
    id,
    found.map((m) => Object.assign(m, { check: id as Reading['check'] })),
  );
  for (const { severity, quality } of found) {
    if (severity === 'wrong') gates.wrong += 1;
    else if (facet === 'gate' && severity === 'watch') gates.watch += 1;
    if (severity !== 'good') tally.watched += 1;
    if (facet === 'gate') continue;
    const so = facets.get(facet);
    if (!so) facets.set(facet, { q: quality * weight, w: weight, worst: quality });
    else [so.q, so.w, so.worst] = [so.q + quality * weight, so.w + weight, Math.min(so.worst, quality)];
  }
}

/**
 * The figures of a planting over its season: planting day, when it has filled, and two thirds through. `checks` are all
 * there are unless others are given. Throws UnknownPlantError.
 */
export function measure(planting: Planting, season?: Season, checks: Checks = ALL): Measure {
  const standing = standingOf(planting, season);
  const tally = nothing();
  for (const [id, of] of checks) count(tally, id, of, of.of(standing));
  return measured(planting, standing, tally, checks);
}

/** Whether what a check finds is so wherever each plant stands. */
export const isWherever = (id: Reading['check']): boolean => WHOEVER.includes(id);

/**
 * What is known of a planting that is given up: what it could score at the most, what was found in it, and
 * whether anything was grown for it.
 */
export interface GivenUp {
  most: number;
  readings: Reading[];
  grown: boolean;
}

/**
 * The same figures, unless the planting is hopeless by what is found first: then what it could come to at the most.
 * Nothing is grown for what can be told without. Throws UnknownPlantError.
 */
export function measureUnless(
  planting: Planting,
  hopeless: (most: number, watched: number, found: readonly Reading[]) => boolean,
): Measure | GivenUp {
  const standing = standingOf(planting, undefined, growing);
  const tally = nothing();
  for (const [id, of] of EARLY) {
    count(tally, id, of, of.of(standing));
    const most = mostOf(tally);
    if (hopeless(most, tally.watched, tally.readings.get(id) ?? []))
      return { most, readings: [...tally.readings.values()].flat(), grown: rankOf(id) >= FIRST_GROWN };
  }
  return measured(planting, standing, tally, ALL);
}

function measured(planting: Planting, { week }: Standing, tally: Tally, checks: Checks): Measure {
  return {
    score: planting.placements.length === 0 ? 0 : scoreOf(tally),
    week,
    readings: checks.flatMap(([id]) => tally.readings.get(id) ?? []),
  };
}

/** What one facet is worth by its mean and its worst. */
const facetWorth = (mean: number, worst: number): number =>
  Math.max(LEAST_WORTH, WORST_PULLS * worst + (1 - WORST_PULLS) * mean);

/** A weighted harmonic mean of what makes a planting good, so that the worst pulls; then what the gates leave of it. */
function scoreOf({ facets, gates }: Tally): number {
  let [weight, parts] = [0, 0];
  for (const [facet, { q, w, worst }] of facets) {
    if (facet === 'gate') continue;
    weight += FACETS[facet];
    parts += FACETS[facet] / facetWorth(q / w, worst);
  }
  return gated(parts > 0 ? weight / parts : 1, gates);
}

/** What it could still score if all that was not looked at yet were ideal. */
function mostOf({ facets, gates }: Tally): number {
  let parts = IDEAL;
  for (const [facet, { worst }] of facets)
    if (facet !== 'gate') parts += FACETS[facet] * (1 / facetWorth(1, worst) - 1);
  return gated(IDEAL / parts, gates);
}
const IDEAL = sum(Object.values(FACETS));

function gated(plain: number, gates: Tally['gates']): number {
  const mean = plain <= EASY_TO ? plain : EASY_TO + (plain - EASY_TO) * HARDER;
  const watched = gates.watch === 0 ? 1 : GATE_LEAVES * FURTHER_LEAVES ** (gates.watch - 1);
  const alive = 100 * mean * watched;
  if (gates.wrong === 0) return tenth(alive);
  return tenth(Math.min(WRONG_MOST, alive * WRONG_LEAVES * WORSE_LEAVES ** (gates.wrong - 1)));
}

/**
 * Judges a planting and says so in words. The one truth: proposals, hand edits and imported files are all
 * judged here. Throws UnknownPlantError.
 */
export function assess(planting: Planting, units: UnitSystem = 'metric', season?: Season): Report {
  const { readings, ...rest } = measure(planting, season);
  const findings = readings.map((r) => ({ ...r, message: say(r.check, r.says, r.facts, units), remedies: [] }));
  return { ...rest, findings };
}
