import { assess, measure, type Measure } from '../balance/assess';
import type { Report } from '../balance/finding';
import { lch } from '../colour/oklch';
import { SCHEMES } from '../colour/schemes';
import type { Scheme } from '../colour/schemes/scheme';
import { LIBRARY } from '../plants';
import type { Plant, Role } from '../plants/schema';
import type { Placement, Planting } from '../plantings/schema';
import { hashText, seeded, sum } from '../units/number';
import { company, promise } from './casting';
import { whyNot } from './filter';
import { patternsFor, type Pattern } from './patterns';
import { place, type Cast } from './place';
import { reasonOf } from './reason';

export interface Proposal {
  planting: Planting;
  report: Report;
  reason: string;
}

export interface Composed {
  proposals: Proposal[];
  /** Plants of the library that were left out, by rule: what to loosen when little is found. */
  refused: Record<string, number>;
  /** What to do when nothing was found. */
  problem: string | null;
}

interface Options {
  seed?: number;
  library?: readonly Plant[];
  /** How many proposals to bring back. */
  want?: number;
  /** Told after each stage: share done, and the different ideas so far, best first. */
  onProgress?: (done: number, sofar: Proposal[]) => void;
}

/** Kinds tried for a part; casts kept between parts; casts grown in full; rounds of improvement. Working figures: time against quality. */
const TRIED = 12;
const BEAM = 36;
const GROWN_PER_LEAD = 7;
const GROWN_IN_ALL = 50;
const IMPROVED = 5;
const SWAPS = 7;
/** The best few are sought from in every direction; kinds tried there for each part, and rounds. */
const SOUGHT = 2;
const DIRECTIONS = 9;
const ROUNDS = 4;
const RECASTS = 30;
/** A choice is four at least; for it this many more are judged. */
const LEAST = 4;
const LOOK_FURTHER = 240;
/** Plantings grown and judged before no further climb is begun. Working figure: under a second in the worker. */
const EFFORT = 560;
/** Two proposals that share this much of their kinds are one idea. */
const ALIKE = 0.5;

interface Candidate {
  /** Plants by role as they were ranked for the hue this was cast in. */
  ranked: Ranked;
  pattern: Pattern;
  cast: Cast;
  /** With the smallest starts; left out, small starts are tried only when the budget asks. */
  small?: boolean;
  guess: number;
}

interface Judged extends Candidate {
  placements: Placement[];
  measured: Measure;
}

/**
 * Searches for plantings that fit the planting's spot, container and brief, keeping its locked placements. Stages:
 * refuse what cannot live here; lay out the school's patterns; cast kinds into parts by a beam search on what can be
 * said of one plant and of a pair; grow and judge the most promising for each lead; improve them by swaps; choose a
 * few that differ. Deterministic from the seed. Every judgement is `assess`.
 */
export function compose(base: Planting, { seed = 1, library = LIBRARY, want = 5, onProgress }: Options = {}): Composed {
  const { offered, refused } = offer(base, library);
  const patterns = patternsFor(base);
  const short = missingRoles(patterns, offered);
  if (short) return { proposals: [], refused, problem: short };
  const jitter = seeded(seed ^ hashText(base.brief.scheme));
  const noise = new Map(library.map((p) => [p.id, jitter() * 0.03]));
  const candidates = huesToTry(base)
    .map((hue) => rankRoles(base, offered, noise, hue))
    .flatMap((ranked) => patterns.flatMap((pattern) => castAll(pattern, ranked, base)))
    .sort((a, b) => b.guess - a.guess);
  onProgress?.(0.1, []);

  const judge = judgeOf(base);
  const byLead = new Map<string, Candidate[]>();
  // Where few plants can lead, more of each lead's casts are grown, so that there is still a choice.
  const perLead = Math.max(GROWN_PER_LEAD, Math.ceil(GROWN_IN_ALL / new Set(candidates.map(leadOf)).size));
  for (const c of candidates) {
    const lead = leadOf(c);
    const list = byLead.get(lead) ?? [];
    if (list.length < perLead) byLead.set(lead, [...list, c]);
  }
  const leads = [...byLead.values()].slice(0, 10);
  const judged: Judged[] = [];
  leads.forEach((list, i) => {
    for (const c of list) {
      const j = judge(c);
      if (j) judged.push(j);
    }
    judged.sort((a, b) => b.measured.score - a.measured.score);
    onProgress?.(0.1 + (0.5 * (i + 1)) / leads.length, pick(judged, want).map((j) => toProposal(base, j)));
  });

  const starts = pick(judged, IMPROVED + 2);
  const better = starts.map((j, i) => {
    const out = i < SOUGHT ? climb(j, patterns, judge, base.brief.must) : improve(j, judge, base.brief.must);
    onProgress?.(0.6 + (0.4 * (i + 1)) / starts.length, []);
    return out;
  });
  // A small library leaves effort over: it goes into climbing from further down the list.
  // Judging costs with the square of the number of plants: long boxes get fewer tries for the same time.
  const effort = EFFORT * Math.min(1, (8 / Math.max(1, patterns[0]?.slots.length ?? 8)) ** 1.7);
  const firstOfLead = judged.filter((j, i) => judged.findIndex((o) => leadOf(o) === leadOf(j) && o.pattern === j.pattern) === i);
  for (const j of firstOfLead) {
    if (judge.tried() >= effort) break;
    if (!starts.slice(0, SOUGHT).includes(j)) better.push(climb(j, patterns, judge, base.brief.must));
  }
  const clean = [...better, ...judged].filter(isClean);
  // Where the spot is hard most casts have something wrong: look further down the list until there is a choice.
  for (const c of candidates) {
    if (pick(clean, LEAST).length >= LEAST || judge.tried() >= effort + LOOK_FURTHER) break;
    const j = judge(c);
    if (j && isClean(j) && !clean.includes(j)) clean.push(j);
  }
  const chosen = pick((clean.length > 0 ? clean : better).sort((a, b) => b.measured.score - a.measured.score), want);
  return {
    proposals: chosen.map((j) => toProposal(base, j)),
    refused,
    problem: chosen.length > 0 ? null : 'Plants fit the spot, but no arrangement of them fits the container. Try fewer plants (room to grow) or a wider pot.',
  };
}

const isClean = (j: Judged): boolean => j.measured.readings.every((f) => f.severity !== 'wrong');

/** The library less what is refused, with must-haves kept whatever they score. */
function offer(base: Planting, library: readonly Plant[]): { offered: Plant[]; refused: Record<string, number> } {
  const refused: Record<string, number> = {};
  const offered = library.filter((p) => {
    if (base.brief.must.includes(p.id)) return true;
    const first = whyNot(p, base)[0];
    if (first) refused[first.rule] = (refused[first.rule] ?? 0) + 1;
    return !first;
  });
  return { offered, refused };
}

function missingRoles(patterns: readonly Pattern[], offered: readonly Plant[]): string | null {
  const needed = new Set(patterns.flatMap((p) => p.parts.map((x) => x.role)));
  for (const role of needed) {
    if (!offered.some((p) => p.roles.includes(role))) return `No ${role} in the library suits this spot and container. Loosen the spot, the pot or what you ruled out.`;
  }
  return patterns.length === 0 ? 'This container is too small for a mixed planting.' : null;
}

/** Hues of flower colour to build on when a scheme wants one and the gardener named none: red, orange, yellow, blue, violet, pink. */
const HUES = [25, 58, 98, 272, 305, 358] as const;

/** The leading hues to cast for; null where the scheme has none. */
function huesToTry({ brief }: Planting): readonly (number | null)[] {
  const scheme: Scheme = SCHEMES[brief.scheme];
  if (scheme.from === 'no') return [null];
  return brief.from ? [lch(brief.from).h] : HUES;
}

type Ranked = Record<Role, { plant: Plant; value: number }[]>;

/** Plants by role, most promising first. */
function rankRoles(base: Planting, offered: readonly Plant[], noise: Map<string, number>, hue: number | null): Ranked {
  const rank = (role: Role) =>
    offered
      .filter((p) => p.roles.includes(role))
      .map((plant) => ({ plant, value: promise(plant, role, base, hue) + (noise.get(plant.id) ?? 0) + (base.brief.must.includes(plant.id) ? 2 : 0) }))
      .sort((a, b) => b.value - a.value);
  return { thriller: rank('thriller'), filler: rank('filler'), spiller: rank('spiller') };
}

/** Beam search over a pattern's parts. */
function castAll(pattern: Pattern, ranked: Ranked, base: Planting): Candidate[] {
  let beam: Candidate[] = [{ ranked, pattern, cast: {}, guess: 0 }];
  for (const part of pattern.parts) {
    const next: Candidate[] = [];
    for (const c of beam) {
      const chosen = Object.values(c.cast);
      for (const { plant, value } of ranked[part.role].slice(0, TRIED)) {
        if (chosen.some((o) => o.botanical === plant.botanical)) continue;
        const pair = sum(chosen.map((o) => company(o, plant))) / Math.max(1, chosen.length);
        next.push({ ranked, pattern, cast: { ...c.cast, [part.id]: plant }, guess: c.guess + value + (chosen.length > 0 ? pair * 0.8 : 0) });
      }
    }
    beam = keepVaried(next);
  }
  const must = base.brief.must;
  return beam
    .filter((c) => must.every((id) => Object.values(c.cast).some((p) => p.id === id)) || must.length === 0)
    .map((c) => ({ ...c, guess: c.guess / pattern.parts.length }));
}

/** The best of the beam, but no lead may fill it alone. */
function keepVaried(list: Candidate[]): Candidate[] {
  const sorted = list.sort((a, b) => b.guess - a.guess);
  const perLead = new Map<string, number>();
  const out: Candidate[] = [];
  for (const c of sorted) {
    const lead = leadOf(c);
    const n = perLead.get(lead) ?? 0;
    if (n >= BEAM / 6) continue;
    perLead.set(lead, n + 1);
    out.push(c);
    if (out.length >= BEAM) break;
  }
  return out;
}

const leadOf = (c: Candidate): string => (c.cast.T ?? c.cast.F0)?.id ?? '';

type Judge = ((c: Candidate) => Judged | null) & { /** How many different plantings it has judged. */ tried: () => number };

/** Grows and judges a candidate, trying cheaper starts when it is over budget. Keeps what it has judged. */
function judgeOf(base: Planting): Judge {
  const kept = new Map<string, Judged | null>();
  const judge = (c: Candidate) => {
    const key = `${c.small ?? ''}|${c.pattern.id}|${c.pattern.parts.map((p) => c.cast[p.id]?.id).join(',')}`;
    const known = kept.get(key);
    if (known !== undefined) return known;
    let out: Judged | null = null;
    for (const cheap of c.small === undefined ? [false, true] : [c.small]) {
      const placements = place(c.pattern, c.cast, base, cheap);
      if (!placements) continue;
      const measured = measure({ ...base, placements });
      if (!out || measured.score > out.measured.score) out = { ...c, placements, measured };
      if (measured.readings.every((f) => f.check !== 'cost' || f.severity === 'good')) break;
    }
    kept.set(key, out);
    return out;
  };
  return Object.assign(judge, { tried: () => kept.size });
}

/** Swaps one kind at a time while that helps; must-haves and the lead stay. */
function improve(from: Judged, judge: Judge, must: readonly string[]): Judged {
  const { pattern } = from;
  let best = from;
  for (let round = 0; round < 2; round += 1) {
    const before = best.measured.score;
    for (const part of pattern.parts) {
      if (part.id === 'T' || (part.id === 'F0' && !from.cast.T) || must.includes(best.cast[part.id]?.id ?? '')) continue;
      for (const { plant } of from.ranked[part.role].slice(0, SWAPS)) {
        if (pattern.parts.some((o) => o.id !== part.id && best.cast[o.id]?.botanical === plant.botanical)) continue;
        const tried = judge({ ...best, cast: { ...best.cast, [part.id]: plant } });
        if (tried && tried.measured.score > best.measured.score) best = tried;
      }
    }
    if (best.measured.score - before < 0.3) break;
  }
  return best;
}

/** Climbs by every single change: another kind in any part, the lead too, another pattern for the same kinds, or smaller starts. */
function climb(from: Judged, patterns: readonly Pattern[], judge: Judge, must: readonly string[]): Judged {
  let best = from;
  for (let round = 0; round < ROUNDS; round += 1) {
    const before = best;
    for (const c of [...otherKinds(best, must), ...patterns.filter((p) => Math.abs(p.parts.length - best.pattern.parts.length) <= 1).slice(0, RECASTS).flatMap((p) => recast(best, p, must)), { ...best, small: !best.small }]) {
      const tried = judge(c);
      if (tried && tried.measured.score > best.measured.score) best = tried;
    }
    if (best === before) break;
  }
  return best;
}

/** The same pattern with one part's kind changed. */
function otherKinds(from: Judged, must: readonly string[]): Candidate[] {
  const { pattern, ranked, cast } = from;
  return pattern.parts
    .filter((part) => !must.includes(cast[part.id]?.id ?? ''))
    .flatMap((part) =>
      ranked[part.role]
        .slice(0, DIRECTIONS)
        .filter(({ plant }) => pattern.parts.every((o) => cast[o.id]?.botanical !== plant.botanical))
        .map(({ plant }) => ({ ...from, cast: { ...cast, [part.id]: plant } })),
    );
}

/** The same kinds in another pattern; a part it lacks is filled with the most promising, one it drops is left out. */
function recast(from: Judged, pattern: Pattern, must: readonly string[]): Candidate[] {
  const cast: Cast = {};
  for (const part of pattern.parts) {
    const kept = from.cast[part.id];
    const taken = [...Object.values(cast), ...Object.values(from.cast)];
    const plant = kept ?? from.ranked[part.role].find(({ plant: p }) => taken.every((o) => o.botanical !== p.botanical))?.plant;
    if (!plant) return [];
    cast[part.id] = plant;
  }
  return must.every((id) => Object.values(cast).some((p) => p.id === id)) ? [{ ...from, pattern, cast }] : [];
}

/** The best first, then the best that is another idea, and so on. */
function pick(sorted: readonly Judged[], want: number): Judged[] {
  const out: Judged[] = [];
  for (const limit of [ALIKE, 0.75, 0.99]) {
    for (const j of sorted) {
      if (out.length >= want) return out;
      const other = out.every((o) => likeness(o, j) < limit && (limit > ALIKE || leadOf(o) !== leadOf(j)));
      if (!out.includes(j) && other) out.push(j);
    }
    if (out.length >= Math.min(LEAST, want)) return out;
  }
  return out;
}

/** Shared kinds over all kinds of two casts. */
function likeness(a: Judged, b: Judged): number {
  const [x, y] = [new Set(Object.values(a.cast).map((p) => p.id)), new Set(Object.values(b.cast).map((p) => p.id))];
  const both = [...x].filter((id) => y.has(id)).length;
  return both / (x.size + y.size - both);
}

function toProposal(base: Planting, j: Judged): Proposal {
  const planting = { ...base, placements: j.placements };
  const report = assess(planting);
  return { planting, report, reason: reasonOf(planting, report) };
}
