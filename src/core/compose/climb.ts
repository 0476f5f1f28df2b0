import type { Budget } from './budget';
import {
  type AskedOfCandidate,
  type Candidate,
  type Cast,
  type Judge,
  type Judged,
  leadOf,
  leadSpeciesOf,
  mayJoin,
} from './candidate';
import { isClean } from './clean';
import { thirstsApart } from './company';
import { isCommonest } from '../plants/commonest';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { evenly } from '../units/evenly';
import { sum } from '../units/number';
import type { Pattern } from './patterns';
import { worth } from './worth';

/** Kinds tried for each part when mending. Working figure: time against quality. */
const DIRECTIONS = 9;
/** A part with no more kinds to choose from than this is tried with all of them. */
const ALL_OF = 16;

/** More than this one, and what may be offered where this may. */
const betterThan = (j: Judged): AskedOfCandidate => ({ over: worth(j), clean: isClean(j) });

/**
 * Kinds tried for each part in the first round of a climb, and how many times more in each further one.
 * Working figures.
 */
const AT_FIRST = 10;
const WIDER = 4;
/**
 * What a species that something better is made of already counts against what would share it, points of the
 * score. Working figure.
 */
const SHARED = 4;
/** And where it would lead again, more: no two that are offered have one lead. Working figure. */
const LEADS_AGAIN = 12;
/** Once the best is sought, what is not on every bench counts so much against what would hold it. Working figure. */
const HARDER_TO_FIND = 1.5;
/** What professionals use most speaks for what holds it. Working figure. */
const COMMONEST = 2;
/** And each pair of which one bears drought and the other is thirsty. Working figure. */
const THIRSTS_APART = 4;

/** What a climb works with. */
interface Climb {
  patterns: readonly Pattern[];
  judge: Judge;
  must: readonly string[];
  recasts: number;
  /** Among no more for each part than so many of the most promising: a wish is kept by those that are wished for. */
  widest: number;
  /** Whether one may take the place of another: a wish that was answered stays so. */
  mayFollow: (one: Judged, other: Judged) => boolean;
  /** It ends when the judge has spent so much. */
  effort: number;
  /** What something better is made of already. */
  taken: TakenSpecies;
}

/** Species that stand in something better, and those that lead it. */
export interface TakenSpecies {
  species: ReadonlySet<string>;
  leads: ReadonlySet<string>;
}

/**
 * What counts against a candidate while searching, points of the score: thirsts that differ; and once the
 * best is sought, what is harder to find and what something better is made of already.
 */
export const handicapOf =
  (must: readonly string[], { species, leads }: TakenSpecies) =>
  (c: Pick<Candidate, 'cast'>): number =>
    (leads.has(leadSpeciesOf(c)) ? LEADS_AGAIN : 0) -
    (Object.values(c.cast).some(isCommonest) ? COMMONEST : 0) +
    sum(
      Object.values(c.cast).map((p, i, all) => {
        const apart = THIRSTS_APART * all.slice(i + 1).filter((o) => thirstsApart(p, o)).length;
        if (must.includes(p.id)) return apart;
        const found = species.size === 0 || factsOf(p).ease === 'staple' ? 0 : HARDER_TO_FIND;
        return apart + found + (species.has(p.botanical) ? SHARED : 0);
      }),
    );

/**
 * Climbs by every single change, a part at a time, the lead too, among more and more of those that can play
 * it; then another pattern for the same kinds, or smaller starts. Ends where nothing helps, or the effort is
 * spent.
 */
export function climb(
  from: Judged,
  { patterns, judge, must, recasts, widest, mayFollow, effort, taken }: Climb,
): Judged {
  const against = handicapOf(must, taken);
  let best = from;
  const look = (list: readonly Candidate[]) => {
    for (const c of list) {
      if (judge.spent() >= effort) return;
      const j = judge(c, { over: worth(best) - against(best) + against(c), clean: isClean(best) });
      if (j && mayFollow(j, best)) best = j;
    }
  };
  const all = Math.min(widest, Math.max(...Object.values(from.ranked).map((players) => players.length)));
  for (let most = AT_FIRST, wide = 0; judge.spent() < effort; most *= WIDER) {
    const before = best;
    for (const part of best.pattern.parts) look(othersFor(part, best, must, Math.min(most, widest)));
    look([...recasted(best, patterns, recasts, must), { ...best, small: !best.small }]);
    if (best === before && wide >= all) break;
    wide = most;
  }
  return best;
}

/**
 * Betters what has something to watch, and keeps its lead, which is what it is about: the same kinds laid out
 * otherwise, then another kind for whoever is to blame, then for anyone.
 */
export function mend(
  from: Judged,
  patterns: readonly Pattern[],
  judge: Judge,
  must: readonly string[],
  { recasts, mending }: Pick<Budget, 'recasts' | 'mending'>,
): Judged {
  const until = judge.spent() + mending;
  const lead = leadOf(from);
  let best = from;
  for (let before: Judged | null = null; before !== best && isWatched(best);) {
    before = best;
    const start = best;
    const others = otherKinds(start, must).filter((c) => leadOf(c) === lead);
    const blamed = blamedIn(start);
    const changes = (c: Candidate) => Object.entries(c.cast).some(([id, p]) => blamed.has(id) && p !== start.cast[id]);
    for (const c of [
      ...recasted(start, patterns, recasts, must),
      ...others.filter(changes),
      ...others.filter((o) => !changes(o)),
    ]) {
      if (judge.spent() >= until) return best;
      if (leadOf(c) === lead) best = judge(c, betterThan(best)) ?? best;
    }
  }
  return best;
}

/** Whether there is something to watch in it. */
export const isWatched = ({ measured }: Judged): boolean => measured.readings.some((r) => r.severity !== 'good');

/** The parts whose plants something is to be watched in. */
function blamedIn({ measured, placements }: Judged): Set<string | null> {
  const ids = new Set(measured.readings.filter((r) => r.severity !== 'good').flatMap((r) => r.culprits));
  return new Set(placements.filter((p) => ids.has(p.id)).map((p) => p.part));
}

/** The same pattern with one part's kind changed. */
const otherKinds = (from: Judged, must: readonly string[]): Candidate[] =>
  from.pattern.parts.flatMap((part) => othersFor(part, from, must, DIRECTIONS));

/**
 * The same with another kind in one part, the most promising of those that can play it: one of another
 * species, or one more colour of the same, never one that stands there already.
 */
function othersFor(part: Pattern['parts'][number], from: Judged, must: readonly string[], most: number): Candidate[] {
  const { pattern, cast } = from;
  if (must.includes(cast[part.id]?.id ?? '')) return [];
  const players = ofKin(from, part.role);
  const all = pattern.parts.map((o) => cast[o.id]);
  return players
    .slice(0, players.length <= ALL_OF ? ALL_OF : most)
    .filter(({ plant }) => mayJoin(from.kin, all, plant))
    .map(({ plant }) => ({ ...from, cast: { ...cast, [part.id]: plant } }));
}

/** Who may play a part: where all are cousins, the lead’s own. */
function ofKin({ kin, ranked, cast }: Candidate, role: keyof Candidate['ranked']): Candidate['ranked'][typeof role] {
  const first = Object.values(cast)[0];
  return kin === 'only' && first
    ? ranked[role].filter(({ plant }) => plant.botanical === first.botanical)
    : ranked[role];
}

/** The same kinds, give or take one, in so many other patterns. */
const recasted = (from: Judged, patterns: readonly Pattern[], most: number, must: readonly string[]): Candidate[] => {
  const near = patterns.filter((p) => Math.abs(p.parts.length - from.pattern.parts.length) <= 1);
  return evenly(near, most).flatMap((p) => recast(from, p, must));
};

/** So many are tried for a part that the same kinds leave open. Working figure. */
const NEWCOMERS = 3;

/**
 * The same kinds in another pattern; a part it lacks is filled with each of the most promising, one it drops
 * is left out.
 */
function recast(from: Judged, pattern: Pattern, must: readonly string[]): Candidate[] {
  const all = Object.values(from.cast);
  let casts: Cast[] = [{}];
  for (const part of pattern.parts) {
    const kept = from.cast[part.id];
    casts = casts.flatMap((cast) => {
      const chosen = [...Object.values(cast), ...all];
      const players = kept ? [kept] : newcomers(from, part.role, chosen);
      return players.map((plant) => ({ ...cast, [part.id]: plant }));
    });
  }
  return casts
    .filter((cast) => must.every((id) => Object.values(cast).some((p) => p.id === id)))
    .map((cast) => ({ ...from, pattern, cast }));
}

/** The most promising that may join those that are chosen, each of another species. */
function newcomers(from: Judged, role: keyof Candidate['ranked'], chosen: readonly Plant[]): Plant[] {
  const out: Plant[] = [];
  for (const { plant } of ofKin(from, role)) {
    if (out.length >= NEWCOMERS) break;
    if (mayJoin(from.kin, chosen, plant) && !out.some((o) => o.botanical === plant.botanical)) out.push(plant);
  }
  return out;
}
