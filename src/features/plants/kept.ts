import { assess } from '@/core/balance/assess';
import type { Composed } from '@/core/compose/compose';
import { readPlanting } from '@/core/formats/planting';
import type { Planting } from '@/core/plantings/schema';

/** What was found, for what, and whether it was laid aside. */
interface Found {
  base: Planting;
  composed: Composed;
  aside: boolean;
}

const KEY = 'rillbank.composed';

/** Keeps what was found in this tab, through a reload; where there is no room it is composed again. */
export function keepComposed({ base, composed, aside }: Found): void {
  const { proposals, refused, problem } = composed;
  const list = proposals.map(({ planting, reason }) => ({ planting, reason }));
  try {
    window.sessionStorage.setItem(KEY, JSON.stringify({ base, list, refused, problem, aside }));
  } catch {
    forgetComposed();
  }
}

export function forgetComposed(): void {
  try {
    window.sessionStorage.removeItem(KEY);
  } catch {
    // Nothing was kept, then.
  }
}

/** What was kept, judged anew; null where there is nothing that can be read. */
export function keptComposed(): Found | null {
  try {
    const text = window.sessionStorage.getItem(KEY);
    if (text === null) return null;
    const { base, list, refused, problem, aside } = JSON.parse(text);
    const proposals = (list as { planting: unknown; reason: string }[]).map(({ planting, reason }) => {
      const read = readPlanting(planting);
      return { planting: read, report: assess(read), reason };
    });
    return { base: readPlanting(base), composed: { proposals, refused, problem }, aside };
  } catch {
    return null;
  }
}
