import type { Planting } from '../plantings/schema';
import { type Candidate, type Judge, type Judged, leadOf } from './candidate';
import type { Budget } from './budget';
import { LEAST, pick } from './choose';
import { climb, improve, leap } from './climb';
import { byScore, isClean } from './judge';
import type { Pattern } from './patterns';

/** What a search works with. */
export interface Search {
  base: Planting;
  candidates: readonly Candidate[];
  patterns: readonly Pattern[];
  judge: Judge;
  budget: Budget;
  want: number;
  /** Share done, and the different ideas so far, best first. */
  told: (done: number, sofar: readonly Judged[]) => void;
}

/** The most promising casts of each lead, the leads in the order they come. */
function byLead(candidates: readonly Candidate[], { perLead, leads }: Budget): Candidate[][] {
  const lists = new Map<string, Candidate[]>();
  for (const c of candidates) {
    const list = lists.get(leadOf(c)) ?? [];
    if (list.length < perLead) lists.set(leadOf(c), [...list, c]);
  }
  return [...lists.values()].slice(0, leads);
}

/** Grows and judges the most promising of each lead in full; best first. */
export function growLeads({ candidates, judge, budget, want, told }: Search): Judged[] {
  const judged: Judged[] = [];
  const lists = byLead(candidates, budget);
  lists.forEach((list, i) => {
    judged.push(...list.flatMap((c) => judge(c) ?? []));
    judged.sort(byScore);
    told(0.1 + (0.5 * (i + 1)) / lists.length, pick(judged, want));
  });
  return judged;
}

/** Betters the best ideas by swaps, the first few from every direction; effort that is left goes further down the list. */
export function better({ base, patterns, judge, budget, told }: Search, judged: readonly Judged[]): Judged[] {
  const { must } = base.brief;
  const starts = pick(judged, budget.improved);
  const out = starts.map((j, i) => {
    const best = i < budget.sought ? climb(j, patterns, judge, must) : improve(j, judge, must);
    told(0.6 + (0.4 * (i + 1)) / starts.length, []);
    return best;
  });
  const climbed = new Set(starts.slice(0, budget.sought));
  const first = (j: Judged, i: number) =>
    judged.findIndex((o) => leadOf(o) === leadOf(j) && o.pattern === j.pattern) === i;
  for (const j of judged.filter(first)) {
    if (judge.tried() >= budget.effort) break;
    if (!climbed.has(j)) out.push(climb(j, patterns, judge, must));
  }
  const top = budget.leap > 0 ? [...out].sort(byScore)[0] : undefined;
  if (top) out.push(leap(top, patterns, judge, must, budget.leap));
  return out;
}

/** The clean ones; where the spot is hard and most casts have something wrong, looked for further down the list until there is a choice. */
export function cleanOf({ candidates, judge, budget }: Search, found: readonly Judged[]): Judged[] {
  const clean = found.filter(isClean);
  for (const c of candidates) {
    if (pick(clean, LEAST).length >= LEAST || judge.tried() >= budget.further) break;
    const j = judge(c);
    if (j && isClean(j) && !clean.includes(j)) clean.push(j);
  }
  return clean;
}
