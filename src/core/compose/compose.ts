import { assess } from '../balance/assess';
import type { Report } from '../balance/finding';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { counted } from '../plantings/ids';
import type { Planting } from '../plantings/schema';
import { hashText, seeded } from '../units/number';
import { castsFor, type Leaning } from './beam';
import { budgetFor } from './budget';
import type { Judged } from './candidate';
import { ideas, LEAST, pick } from './choose';
import { offer } from './filter';
import { judgeOf } from './judge';
import { fewerFor, type Pattern, patternsFor } from './patterns';
import { playersOf } from './players';
import { reasonOf } from './reason';
import { better, cleanOf, growLeads, type Search } from './search';
import { likeness, type Wish, type WishId, WISHES } from './wishes';

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
  /** What was said of earlier proposals, and of which of them. */
  said?: Said;
  /** Told after each stage: share done, and the different ideas so far, best first. */
  onProgress?: (done: number, sofar: Proposal[]) => void;
}

/** What a gardener said of a proposal: a wish, or more like it. */
export interface Said {
  wish: WishId | 'more like this';
  of: Planting;
}

/** How the search leans by what was said. */
function leaningOf(said: Said | undefined): Leaning | undefined {
  if (!said) return undefined;
  return said.wish === 'more like this' ? { favours: likeness(said.of), apart: 1 } : WISHES[said.wish];
}

/** Patterns of no more kinds than a wish allows; all of them where none is so plain. */
function calmed(patterns: Pattern[], said: Said | undefined): Pattern[] {
  const wish: Wish | null = said && said.wish !== 'more like this' ? WISHES[said.wish] : null;
  const plain = patterns.filter((p) => p.parts.length <= (wish?.kinds ?? Infinity));
  return plain.length > 0 ? plain : patterns;
}

/** What earlier themes are made of is asked less of the next ones. Working figure. */
const USED = 0.8;

const without = (leaning: Leaning | undefined, used: ReadonlySet<string>): Leaning => ({
  apart: leaning?.apart ?? 1,
  favours: (p) => (leaning?.favours(p) ?? 1) * (used.has(p.botanical) ? USED : 1),
});

/** A planting as a wish has it: with less to spend, or a cat about. */
function asked(base: Planting, said: Said | undefined): Planting {
  if (!said || said.wish === 'more like this') return base;
  const wish: Wish = WISHES[said.wish];
  return wish.asks?.(base, said.of) ?? base;
}

/** A tie is broken by this much at most. */
const NOISE = 0.03;

const NO_ROOM =
  'Plants fit the spot, but no arrangement of them fits the container. Try fewer plants (room to grow) or a wider pot.';

/** Out of fewer plants than these hardly a mixed planting can be made. Working figure. */
const FEW = 12;
const tooFew = (n: number): string =>
  `No planting can be made of the ${n} ${n === 1 ? 'plant' : 'plants'} that suit this spot and container. Loosen the spot, the pot or what you ruled out.`;

/**
 * Searches for plantings that fit the planting's spot, container and brief, keeping its locked placements. Stages:
 * refuse what cannot live here; lay out the school's patterns; cast kinds into parts by a beam search on what can be
 * said of one plant and of a pair; grow and judge the most promising for each lead; improve them by swaps; choose a
 * few that differ. Deterministic from the seed. Every judgement is `assess`.
 */
export function compose(given: Planting, options: Options = {}): Composed {
  const base = asked(given, options.said);
  const { library = LIBRARY, seed = 1 } = options;
  const { offered, refused } = offer(base, library);
  const jitter = seeded(seed ^ hashText(base.brief.scheme));
  const noise = new Map(library.map((p) => [p.id, jitter() * NOISE]));
  const { want = 5 } = options;
  const problems: string[] = [];
  const clean: Judged[] = [];
  const spoilt: Judged[] = [];
  // Where there is no choice of full plantings, the best of a smaller one is better than none.
  for (const patterns of [calmed(patternsFor(base), options.said), fewerFor(base)]) {
    if (pick(clean, want).length >= Math.min(LEAST, want)) break;
    const problem = missingRole(patterns, offered);
    const found = problem ? null : searched(base, offered, patterns, noise, options);
    clean.push(...(found?.clean ?? []));
    spoilt.push(...(found?.spoilt ?? []));
    if (!found?.spoilt.length) problems.push(problem ?? (offered.length < FEW ? tooFew(offered.length) : NO_ROOM));
  }
  const proposals = ideas(clean.length > 0 ? clean : spoilt, want).map((j) => toProposal(base, j));
  return { proposals, refused, problem: proposals.length > 0 ? null : (problems[0] ?? NO_ROOM) };
}

/** What one set of patterns gives: those with nothing wrong, and all that were bettered. */
interface Found {
  clean: Judged[];
  spoilt: Judged[];
}

function searched(
  base: Planting,
  offered: readonly Plant[],
  patterns: readonly Pattern[],
  noise: Map<string, number>,
  { want = 5, said, onProgress }: Options,
): Found {
  const leaning = leaningOf(said);
  onProgress?.(0.1, []);
  const leads = playersOf('thriller', offered).length;
  const search: Search = {
    base,
    cast: (theme, used) => castsFor(base, offered, patterns, noise, theme, without(leaning, used)),
    patterns,
    judge: judgeOf(base),
    budget: budgetFor(offered.length, patterns[0]?.slots.length ?? 0, leads),
    want,
    told: (done, sofar) =>
      onProgress?.(
        done,
        sofar.map((j) => toProposal(base, j)),
      ),
  };
  const { judged, candidates } = growLeads(search);
  const spoilt = better(search, judged);
  return { clean: cleanOf(search, candidates, [...spoilt, ...judged]), spoilt };
}

function missingRole(patterns: readonly Pattern[], offered: readonly Plant[]): string | null {
  if (patterns.length === 0) return 'This container is too small for a mixed planting.';
  const needed = new Set(patterns.flatMap((p) => p.parts.map((x) => x.role)));
  const short = [...needed].find((role) => playersOf(role, offered).length === 0);
  return short
    ? `No ${short} in the library suits this spot and container. Loosen the spot, the pot or what you ruled out.`
    : null;
}

function toProposal(base: Planting, j: Judged): Proposal {
  const planting = counted({ ...base, placements: j.placements });
  const report = assess(planting);
  return { planting, report, reason: reasonOf(planting, report, j.theme) };
}
