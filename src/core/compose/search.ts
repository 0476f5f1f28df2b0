import type { Planting } from '../plantings/schema';
import { type Candidate, type Judge, type Judged, leadOf, leadSpeciesOf } from './candidate';
import { type Budget, BY_TWO } from './budget';
import { LEAST, pick } from './choose';
import { climb, handicapOf, isWatched, mend } from './climb';
import { sweep } from './sweep';
import { isClean } from './clean';
import { byWorth } from './judge';
import type { Pattern } from './patterns';
import type { ThemeId } from './themes';
import { worth } from './worth';

/** What a search works with. */
export interface Search {
  base: Planting;
  themes: readonly ThemeId[];
  /** What a theme has to try, most promising first; species that earlier themes are made of are asked less. */
  cast: (theme: ThemeId, used: ReadonlySet<string>) => readonly Candidate[];
  patterns: readonly Pattern[];
  judge: Judge;
  budget: Budget;
  want: number;
  /** Among so many of the most promising for each part it climbs at the most. */
  widest: number;
  /** Whether one may take the place of another in a climb. */
  mayFollow: (one: Judged, other: Judged) => boolean;
}

/** How far a search has come: share done, and the different ideas so far, best first. It pauses at each. */
export interface SearchStep {
  done: number;
  sofar: readonly Judged[];
}

/** The most promising casts of each lead, the leads in the order they come. */
function byLead(candidates: readonly Candidate[], { perLead, leads }: Budget): Candidate[] {
  const lists = new Map<string, Candidate[]>();
  for (const c of candidates) {
    const list = lists.get(leadOf(c)) ?? [];
    if (list.length < perLead) lists.set(leadOf(c), [...list, c]);
  }
  return [...lists.values()].slice(0, leads).flat();
}

/** What is worth so much less than the best of its theme is not looked at to the end. Working figure. */
const BEHIND = 14;

/**
 * Grows and judges the most promising of each lead of each theme in full; best first, with all that was cast.
 * The safe theme comes first, and is there at once.
 */
export function* growLeads({
  themes,
  cast,
  judge,
  budget,
  want,
}: Search): Generator<SearchStep, { judged: Judged[]; candidates: Candidate[] }> {
  const judged: Judged[] = [];
  const candidates: Candidate[] = [];
  const used = new Set<string>();
  for (const [i, id] of themes.entries()) {
    const casts = cast(id, used);
    candidates.push(...casts);
    const own: Judged[] = [];
    let most = -Infinity;
    for (const c of byLead(casts, budget)) {
      const j = judge(c, { over: most - BEHIND, clean: false });
      if (!j) continue;
      own.push(j);
      most = Math.max(most, worth(j));
    }
    const best = own.sort(byWorth)[0];
    for (const p of Object.values(best?.cast ?? {})) used.add(p.botanical);
    judged.push(...own);
    judged.sort(byWorth);
    yield { done: 0.1 + (0.5 * (i + 1)) / themes.length, sofar: pick(judged, want) };
  }
  return { judged, candidates };
}

/**
 * Betters the best of each theme from every direction, the best of all first: the others rather with what
 * that is not made of.
 */
export function* better(
  { base, themes, patterns, judge, budget, widest, mayFollow }: Search,
  judged: readonly Judged[],
): Generator<SearchStep, Judged[]> {
  const { must } = base.brief;
  // The judged come best first.
  const starts = themes.flatMap((id) => judged.find((j) => j.theme === id) ?? []).sort(byWorth);
  const taken = { species: new Set<string>(), leads: new Set<string>() };
  const sweeps = { patterns, judge, must, mayFollow, among: Math.min(widest, budget.among) };
  const out: Judged[] = [];
  for (const [i, j] of starts.entries()) {
    // What is left is shared out evenly; what is not used up goes to the next.
    const effort = judge.spent() + (budget.effort - judge.spent()) / (starts.length - i);
    let best = climb(j, { patterns, judge, must, recasts: budget.recasts, widest, mayFollow, effort, taken });
    // Led as another is already it is no other idea: two plants at once may lead out of that.
    if (taken.leads.has(leadSpeciesOf(best)))
      best = sweep(best, { ...sweeps, against: handicapOf(must, taken), effort: judge.spent() + BY_TWO });
    taken.leads.add(leadSpeciesOf(best));
    for (const p of Object.values(best.cast)) taken.species.add(p.botanical);
    out.push(best);
    yield { done: 0.6 + (0.3 * (i + 1)) / starts.length, sofar: [] };
  }
  return out;
}

/**
 * The clean ones; where the spot is hard and most casts have something wrong, looked for further down the
 * list until there is a choice.
 */
export function cleanOf(
  { judge, budget }: Search,
  candidates: readonly Candidate[],
  found: readonly Judged[],
): Judged[] {
  const clean = found.filter(isClean);
  for (const c of candidates) {
    if (pick(clean, LEAST).length >= LEAST || judge.spent() >= budget.further) break;
    const j = judge(c, { over: -Infinity, clean: true });
    if (j && !clean.includes(j)) clean.push(j);
  }
  return clean;
}

/**
 * What would be offered and has something to watch, mended as it stands: the same lead, another kind beside
 * it or another place for all.
 */
export function* mended(
  { base, patterns, judge, budget }: Search,
  chosen: readonly Judged[],
): Generator<SearchStep, Judged[]> {
  const watched = chosen.filter(isWatched);
  const out: Judged[] = [];
  for (const [i, j] of watched.entries()) {
    out.push(mend(j, patterns, judge, base.brief.must, budget));
    yield { done: 0.9 + (0.1 * (i + 1)) / watched.length, sofar: [] };
  }
  return out;
}

/** The theme in whose part of the search the best of all is looked for by two plants at a time. */
const SAFE: ThemeId = 'classic';

/**
 * The best of all that may be offered, bettered by two plants at a time; where nothing may be, the best there
 * is until something is.
 */
export function swept(
  { base, themes, patterns, judge, budget, widest, mayFollow }: Search,
  found: readonly Judged[],
): Judged[] {
  const [top] = [...found].sort((a, b) => Number(isClean(b)) - Number(isClean(a)) || byWorth(a, b));
  if (!top || !themes.includes(SAFE)) return [];
  const { must } = base.brief;
  // In a small library nobody can be choosy.
  const against = budget.among === Infinity ? () => 0 : handicapOf(must, { species: new Set(), leads: new Set() });
  const among = Math.min(widest, budget.among);
  return [sweep(top, { patterns, judge, must, mayFollow, among, against, effort: judge.spent() + budget.sweep })];
}
