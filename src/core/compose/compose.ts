import { assess, measure } from '../balance/assess';
import type { Report } from '../balance/finding';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { hashText, seeded } from '../units/number';
import { castsFor, leadOf, type Candidate } from './beam';
import { climb, improve, leap, type Judge, type Judged } from './climb';
import { whyNot } from './filter';
import { patternsFor, type Pattern } from './patterns';
import { place } from './place';
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

/** Casts grown in full for each lead, and in all where few can lead; how many are bettered, and how many of those from every direction. Working figures: time against quality. */
const GROWN_PER_LEAD = 7;
const GROWN_IN_ALL = 50;
const IMPROVED = 5;
const SOUGHT = 2;
/** A choice is four at least; for it this many more are judged. */
const LEAST = 4;
const LOOK_FURTHER = 240;
/** Plantings grown and judged before no further climb is begun. Working figure: under a second in the worker. */
const EFFORT = 560;
/** In a library of so few plants more of what there is can be tried. */
const SMALL = 30;
const EFFORT_SMALL = 1000;
const EFFORT_LEAP = 1400;
/** Two proposals that share this much of their kinds are one idea. */
const ALIKE = 0.5;

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
  const candidates = castsFor(base, offered, patterns, noise);
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
    onProgress?.(
      0.1 + (0.5 * (i + 1)) / leads.length,
      pick(judged, want).map((j) => toProposal(base, j)),
    );
  });

  const starts = pick(judged, IMPROVED + 2);
  const better = starts.map((j, i) => {
    const out = i < SOUGHT ? climb(j, patterns, judge, base.brief.must) : improve(j, judge, base.brief.must);
    onProgress?.(0.6 + (0.4 * (i + 1)) / starts.length, []);
    return out;
  });
  // A small library leaves effort over: it goes into climbing from further down the list.
  // Judging costs with the square of the number of plants: long boxes get fewer tries for the same time.
  const effort =
    (offered.length <= SMALL ? EFFORT_SMALL : EFFORT) *
    Math.min(1, (8 / Math.max(1, patterns[0]?.slots.length ?? 8)) ** 1.7);
  const firstOfLead = judged.filter(
    (j, i) => judged.findIndex((o) => leadOf(o) === leadOf(j) && o.pattern === j.pattern) === i,
  );
  for (const j of firstOfLead) {
    if (judge.tried() >= effort) break;
    if (!starts.slice(0, SOUGHT).includes(j)) better.push(climb(j, patterns, judge, base.brief.must));
  }
  if (offered.length <= SMALL) {
    const top = pick(
      [...better].sort((a, b) => b.measured.score - a.measured.score),
      1,
    )[0];
    if (top) better.push(leap(top, patterns, judge, base.brief.must, EFFORT_SMALL + EFFORT_LEAP));
  }
  const clean = [...better, ...judged].filter(isClean);
  // Where the spot is hard most casts have something wrong: look further down the list until there is a choice.
  for (const c of candidates) {
    if (pick(clean, LEAST).length >= LEAST || judge.tried() >= effort + LOOK_FURTHER) break;
    const j = judge(c);
    if (j && isClean(j) && !clean.includes(j)) clean.push(j);
  }
  const chosen = pick(
    (clean.length > 0 ? clean : better).sort((a, b) => b.measured.score - a.measured.score),
    want,
  );
  return {
    proposals: chosen.map((j) => toProposal(base, j)),
    refused,
    problem:
      chosen.length > 0
        ? null
        : 'Plants fit the spot, but no arrangement of them fits the container. Try fewer plants (room to grow) or a wider pot.',
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
    if (!offered.some((p) => p.roles.includes(role)))
      return `No ${role} in the library suits this spot and container. Loosen the spot, the pot or what you ruled out.`;
  }
  return patterns.length === 0 ? 'This container is too small for a mixed planting.' : null;
}

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
