import { assess } from '../balance/assess';
import type { Report } from '../balance/finding';
import { LIBRARY } from '../plants';
import { isCommonest } from '../plants/commonest';
import type { Plant } from '../plants/schema';
import { counted } from '../plantings/ids';
import type { Planting } from '../plantings/schema';
import { keptBy, keptIn, once } from '../units/keep';
import { hashText, seeded } from '../units/number';
import { castsFor, type Leaning } from './beam';
import { budgetFor } from './budget';
import type { Idea, Judged } from './candidate';
import { ideas, LEAST, pick } from './choose';
import { offer } from './filter';
import { isClean, isHarmless } from './clean';
import { byWorth, judgeOf } from './judge';
import { fewerFor, type Pattern, patternsFor } from './patterns';
import { playersOf } from './players';
import { reasonOf } from './reason';
import { better, cleanOf, growLeads, mended, type Search, type SearchStep, swept } from './search';
import { PARTS, type ThemeId } from './themes';
import { answersAsWell, likeness, type Wish, type WishId, WISHES } from './wishes';
import { worth } from './worth';

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
const USED = 0.72;

/** Where nothing was said, what professionals use most comes before other staples. Working figure. */
const COMMONEST = 1.5;
const asUsual = (p: Plant): number => (isCommonest(p) ? COMMONEST : 1);

const without = (leaning: Leaning | undefined, used: ReadonlySet<string>): Leaning => ({
  apart: leaning?.apart ?? 1,
  favours: (p) => (leaning?.favours ?? asUsual)(p) * (used.has(p.botanical) ? USED : 1),
});

/** A planting as a wish has it: with less to spend, or a cat about. */
function asked(base: Planting, said: Said | undefined): Planting {
  if (!said || said.wish === 'more like this') return base;
  const wish: Wish = WISHES[said.wish];
  return wish.asks?.(base, said.of) ?? base;
}

/**
 * Where something was said of earlier proposals, a climb is among so many of those it wishes for in each
 * part. Working figure.
 */
const WISHED = 12;

/** How many proposals are brought back, unless another number is asked for. */
const WANT = 5;
/** Of plants that promise much the same, another comes first in another pot: by this much at most. Working figure. */
const NOISE = 0.1;

const NO_ROOM =
  'Some plants suit the spot, but no arrangement fits the container. Try fewer plants (Room to grow) or a wider container.';

/** Out of fewer plants than these hardly a mixed planting can be made. Working figure. */
const FEW = 12;
const tooFew = (n: number): string =>
  `The ${n === 1 ? 'one plant that suits' : `${n} plants that suit`} this spot and container ${n === 1 ? 'does' : 'do'} not make a planting. Change the spot, the container or the plants to avoid.`;

/** What a part of the themes came to. */
export interface SearchPart {
  /** What may be offered, and what has something in it that is not offered where there is a choice. */
  clean: Idea[];
  spoilt: Idea[];
  refused: Record<string, number>;
  problem: string | null;
}

/**
 * Searches for plantings that fit the planting's spot, container and brief, keeping its locked placements. Stages:
 * refuse what cannot live here; lay out the school's patterns; cast kinds into parts by a beam search on what can be
 * said of one plant and of a pair; grow and judge the most promising for each lead; improve them by swaps; choose a
 * few that differ; mend what is to be watched. Deterministic from the seed. Every judgement is `assess`. The themes are
 * looked for in parts, which know nothing of each other and may be searched at once.
 */
export function compose(given: Planting, options: Options = {}): Composed {
  const { onProgress } = options;
  const parts = (fewer: boolean) =>
    PARTS.map((themes, i) =>
      composePart(given, themes, fewer, {
        ...options,
        onProgress: onProgress && ((done, sofar) => onProgress((i + done) / PARTS.length, sofar)),
      }),
    );
  const full = parts(false);
  return joinedParts(given, isThin(full, options) ? [...full, ...parts(true)] : full, options);
}

/** Whether the parts found no choice: then the best of smaller plantings is better than none. */
export const isThin = (parts: readonly SearchPart[], { want = WANT }: Options = {}): boolean =>
  ideas(
    parts.flatMap((p) => [...p.clean, ...p.spoilt.filter(isHarmless)]),
    want,
  ).length < Math.min(LEAST, want);

/** So many more than are wanted are mended, for what cannot be. Working figure. */
const SPARE = 4;

/** What is on offer is the same for every part. */
const offers = keptBy((_: Planting) => new Map<readonly Plant[], ReturnType<typeof offer>>());

/** How far a part has come: share done, and the proposals so far, worked out when they are asked for. */
export interface Progress {
  done: number;
  sofar: () => Proposal[];
}

/** A part of the search: some of the themes, in the usual number of plants or in fewer. */
export function composePart(
  given: Planting,
  themes: readonly ThemeId[],
  fewer: boolean,
  options: Options = {},
): SearchPart {
  const search = composingPart(given, themes, fewer, options);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
    options.onProgress?.(step.value.done, step.value.sofar());
  }
}

/** The same, pausing wherever it has come a little further. */
export function* composingPart(
  given: Planting,
  themes: readonly ThemeId[],
  fewer: boolean,
  options: Omit<Options, 'onProgress'> = {},
): Generator<Progress, SearchPart> {
  const base = asked(given, options.said);
  const { library = LIBRARY, seed = 1 } = options;
  const { offered, refused } = keptIn(offers(base), library, () => offer(base, library));
  const jitter = seeded(seed ^ hashText(JSON.stringify([base.brief.scheme, base.container.shape, base.spot.light])));
  const noise = new Map(library.map((p) => [p.id, jitter() * NOISE]));
  const patterns = fewer ? fewerFor(base) : calmed(patternsFor(base), options.said);
  const problem = missingRole(patterns, offered);
  const { clean, spoilt } = problem ? NOTHING : yield* searched(base, themes, offered, patterns, noise, options);
  return {
    clean: clean.map(ideaOf),
    // The best, and those that differ most: many of the best may be one idea.
    spoilt: [...new Set([...pick(spoilt, SPOILT), ...spoilt.slice(0, SPOILT)])].map(ideaOf),
    refused,
    problem:
      problem ?? (clean.length + spoilt.length > 0 ? null : offered.length < FEW ? tooFew(offered.length) : NO_ROOM),
  };
}
/** So many of what is spoilt are kept, for where there is nothing else. */
const SPOILT = 12;
const NOTHING: Found = { clean: [], spoilt: [] };

const ideaOf = ({ pattern, cast, theme, placements, measured }: Idea): Idea => ({
  pattern,
  cast,
  theme,
  placements,
  measured,
});

/** Two good ones beat five. Practice. */
const AT_LEAST = 2;

/**
 * Those that answer a wish better than what it was said of; where they are no choice those that answer it as
 * well, else all.
 */
function heard(base: Planting, clean: Idea[], said: Said | undefined): Idea[] {
  if (!said || said.wish === 'more like this') return clean;
  const { wish, of } = said;
  const better = clean.filter((j) => !answersAsWell(wish, of, inPlace(base, j)));
  const asWell = clean.filter((j) => answersAsWell(wish, inPlace(base, j), of));
  return [better, asWell].find((list) => pick(list, AT_LEAST).length >= AT_LEAST) ?? clean;
}

/** After so many, what is so far behind the best is not shown. Points of the score, working figure. */
const FAR_BEHIND = 20;

/** All the colours that were asked for are there; nearly so where the worst is no shorter than this. Working figure. */
const NEARLY = 0.85;
const onScheme =
  (least: number) =>
  ({ measured }: Idea): boolean =>
    measured.readings.every((r) => r.check !== 'colour' || r.severity === 'good' || r.quality >= least);

const best = (list: readonly Idea[]): number => Math.max(...list.map(worth));

/**
 * What has all the colours that were asked for; where that is no choice, or a poor one, what has nearly all;
 * else all.
 */
function coloured(list: readonly Idea[], want: number): Idea[] {
  const near = best(list) - FAR_BEHIND;
  const tiers = [onScheme(1), onScheme(NEARLY)].map((is) => ideas(list.filter(is), want));
  const choice = tiers.find((found) => found.filter((j) => worth(j) >= near).length >= AT_LEAST);
  return choice ?? ideas(list, want);
}

/** The proposals that the parts of a search come to. */
export function joinedParts(
  given: Planting,
  parts: readonly SearchPart[],
  { said, want = WANT }: Options = {},
): Composed {
  const base = asked(given, said);
  const [clean, spoilt] = [parts.flatMap((p) => p.clean), parts.flatMap((p) => p.spoilt)];
  const listened = heard(base, clean, said);
  let found = said ? ideas(listened, want) : coloured(listened, want);
  const harmless = [...clean, ...spoilt.filter(isHarmless)];
  if (found.length < Math.min(AT_LEAST, want)) found = ideas(harmless, want);
  // In a place that suits nothing, the one that comes to a little more does not keep the rest away.
  if (clean.length === 0 && found.length < Math.min(AT_LEAST, want))
    found = pick(
      [...harmless].sort((a, b) => worth(b) - worth(a)),
      Math.min(AT_LEAST, want),
    );
  if (found.length === 0) found = ideas(spoilt, want);
  const most = best(found);
  const proposals = found
    .filter((j, i) => i < AT_LEAST || worth(j) >= most - FAR_BEHIND)
    .map((j) => toProposal(base, j));
  const [problem = NO_ROOM] = parts.flatMap((p) => p.problem ?? []);
  return { proposals, refused: parts[0]?.refused ?? {}, problem: proposals.length > 0 ? null : problem };
}

/** What one set of patterns gives: what may be offered, and the rest, best first. */
interface Found {
  clean: Judged[];
  spoilt: Judged[];
}

function* searched(
  base: Planting,
  themes: readonly ThemeId[],
  offered: readonly Plant[],
  patterns: readonly Pattern[],
  noise: Map<string, number>,
  { want = WANT, said }: Omit<Options, 'onProgress'>,
): Generator<Progress, Found> {
  const leaning = leaningOf(said);
  // What was the best after one stage is mostly so after the next.
  const report = keptBy((placements: Idea['placements']) => assess({ ...base, placements }));
  yield { done: 0.1, sofar: () => [] };
  const leads = playersOf('thriller', offered).length;
  const search: Search = {
    base,
    themes,
    cast: (theme, used) => castsFor(base, offered, patterns, noise, theme, without(leaning, used)),
    patterns,
    judge: judgeOf(base),
    budget: budgetFor(offered.length, patterns[0]?.slots.length ?? 0, leads),
    want,
    widest: said ? WISHED : Infinity,
    mayFollow: (one, other) =>
      !said || said.wish === 'more like this' || answersAsWell(said.wish, inPlace(base, one), inPlace(base, other)),
  };
  const told = function* <T>(stage: Generator<SearchStep, T>): Generator<Progress, T> {
    for (;;) {
      const { done, value } = stage.next();
      if (done) return value;
      const sofar = () => value.sofar.map((j) => toProposal(base, j, report(j.placements)));
      yield { done: value.done, sofar: once(sofar) };
    }
  };
  const { judged, candidates } = yield* told(growLeads(search));
  const found = [...(yield* told(better(search, judged))), ...judged];
  const clean = cleanOf(search, candidates, found);
  const spoilt = found.filter((j) => !isClean(j)).sort(byWorth);
  const bettered = yield* told(mended(search, ideas(clean, want + SPARE)));
  const choice = [...bettered.filter(isClean), ...clean];
  return { clean: [...choice, ...swept(search, [...choice, ...found]).filter(isClean)], spoilt };
}

const inPlace = (base: Planting, { placements }: Idea): Planting => ({ ...base, placements });

function missingRole(patterns: readonly Pattern[], offered: readonly Plant[]): string | null {
  if (patterns.length === 0) return 'This container is too small for a mixed planting.';
  const needed = new Set(patterns.flatMap((p) => p.parts.map((x) => x.role)));
  const short = [...needed].find((role) => playersOf(role, offered).length === 0);
  return short
    ? `No ${short} in the library suits this spot and container. Change the spot, the container or the plants to avoid.`
    : null;
}

function toProposal(base: Planting, j: Idea, known?: Report): Proposal {
  const planting = counted({ ...base, placements: j.placements });
  const report = known ?? assess(planting);
  return { planting, report, reason: reasonOf(planting, report, j.theme) };
}
