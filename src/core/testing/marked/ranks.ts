import { measure } from '../../balance/assess';
import { mean, sum } from '../../units/number';
import { plantingOf } from '../scenarios/scenario';
import { MARKED_BRIEFS } from './briefs';
import { MARKED } from './proposals';

/** A marked proposal beside our score. */
export interface Scored {
  brief: string;
  score: number;
  /** The mean of the two marks, and the higher of them, of ten. */
  mark: number;
  most: number;
}

/** Every marked proposal, judged. */
export function scored(): Scored[] {
  const briefs = new Map(MARKED_BRIEFS.map((b) => [b.id, b]));
  return MARKED.map(({ brief, marks, plants }) => {
    const asked = briefs.get(brief);
    if (!asked) throw new Error(`No brief ${brief}.`);
    return {
      brief,
      score: measure(plantingOf({ ...asked, plants })).score,
      mark: mean(marks),
      most: Math.max(...marks),
    };
  });
}

/** Ranks of a list, the mean of them where some are alike. */
function ranksOf(values: readonly number[]): number[] {
  const sorted = [...values].sort((a, b) => a - b);
  return values.map((v) => (sorted.indexOf(v) + sorted.lastIndexOf(v)) / 2);
}

/** How two lists go together, −1 to 1. Pearson’s coefficient. */
function together(a: readonly number[], b: readonly number[]): number {
  const [ma, mb] = [mean(a), mean(b)];
  const spread = (list: readonly number[], m: number) => Math.sqrt(sum(list.map((x) => (x - m) ** 2)));
  const both = sum(a.map((x, i) => (x - ma) * ((b[i] ?? mb) - mb)));
  return both / (spread(a, ma) * spread(b, mb));
}

const groupsOf = (all: readonly Scored[]): Scored[][] =>
  [...new Set(all.map((s) => s.brief))].map((brief) => all.filter((s) => s.brief === brief));

/** Spearman’s rank correlation of score and mark over all proposals. */
export const rankOverAll = (all: readonly Scored[]): number =>
  together(ranksOf(all.map((s) => s.score)), ranksOf(all.map((s) => s.mark)));

/** The same within briefs: ranks less the middle of their brief, together. */
export function rankWithin(all: readonly Scored[]): number {
  const centred = (of: (s: Scored) => number) =>
    groupsOf(all).flatMap((group) => {
      const ranks = ranksOf(group.map(of));
      return ranks.map((r) => r - mean(ranks));
    });
  return together(
    centred((s) => s.score),
    centred((s) => s.mark),
  );
}

/** Within half a mark nobody tells two proposals apart. */
const ALIKE = 0.5;

/** In what share of the briefs the first by score is the best by mark, or as good. */
export const firstIsBest = (all: readonly Scored[]): number =>
  mean(
    groupsOf(all).map((group) => {
      const first = group.reduce((a, b) => (b.score > a.score ? b : a));
      return first.mark >= Math.max(...group.map((s) => s.mark)) - ALIKE ? 1 : 0;
    }),
  );

/** What both experts refuse, by their marks. */
const REFUSED = 5;
export const refused = (all: readonly Scored[]): Scored[] => all.filter((s) => s.most < REFUSED);
