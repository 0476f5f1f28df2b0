import { checkOf } from '../balance';
import { FACETS } from '../balance/check';
import type { Finding, Report } from '../balance/finding';
import { mean } from '../units/number';

/** Why one proposal stands among others, in the words of its checks. */
export interface Chosen {
  /** The facts that decided for it, most telling first. */
  why: string[];
  /** What it gives up for them; null where it gives up nothing that shows. */
  given: string | null;
}

const FACTS = 2;
/**
 * Apart by less than this two proposals are alike in a check; a check is whole from the second, and gives up
 * something that shows under the third. Working figures.
 */
const SHOWS = 0.03;
const WHOLE = 0.92;
const LACKS = 0.8;

/** What a check weighs in the score. */
function weightOf({ check }: Finding): number {
  const { facet, weight } = checkOf(check);
  return facet === 'gate' ? 0 : FACETS[facet] * weight;
}

/** What a proposal has over the others that were found with it, and what it has less of. */
export function chosenOver(mine: Report, others: readonly Report[]): Chosen {
  const beside = ({ check, quality }: Finding): number => {
    const theirs = others.flatMap((r) => r.findings.filter((f) => f.check === check).map((f) => f.quality));
    return theirs.length > 0 ? quality - mean(theirs) : 0;
  };
  const told = mine.findings.filter((f) => weightOf(f) > 0).map((f) => ({ f, by: beside(f) }));
  const good = told.filter(({ f }) => f.severity === 'good');
  const ahead = good.filter(({ by }) => by > SHOWS).sort((a, b) => b.by * weightOf(b.f) - a.by * weightOf(a.f));
  const sound = good
    .filter(({ f, by }) => by <= SHOWS && f.quality >= WHOLE)
    .sort((a, b) => weightOf(b.f) - weightOf(a.f));
  const behind = told
    .filter(({ f, by }) => f.severity !== 'good' || (f.quality < LACKS && by < -SHOWS))
    .sort((a, b) => a.by * weightOf(a.f) - b.by * weightOf(b.f))[0];
  return {
    why: [...ahead, ...sound].slice(0, FACTS).map(({ f }) => f.message),
    given: behind?.f.message ?? null,
  };
}
