import { readPlanting } from '@/core/formats/planting';
import { same } from '@/core/units/same';
import type { Kept } from '@/storage/plantings';
import type { History, PastStep } from './history';
import type { TimesWritten } from './keeper';

const KEY = 'rillbank.history';
/** Steps kept each way: a tab keeps about 5 MB, and a full planting is under 60 kB. Working figure. */
const MOST_KEPT = 40;

/**
 * Keeps the way back in this tab, through a reload. Where there is no room for it, it is lost with the page.
 * `known` is how it stands with writing it.
 */
export function keepHistory({ now, past, future }: History, known: TimesWritten): void {
  try {
    const kept = { ...known, now, past: past.slice(-MOST_KEPT), future: future.slice(-MOST_KEPT) };
    window.sessionStorage.setItem(KEY, JSON.stringify(kept));
  } catch {
    window.sessionStorage.removeItem(KEY);
  }
}

const stepsOf = (list: unknown): PastStep[] =>
  (list as PastStep[]).map(({ name, planting }) => ({ name: String(name), planting: readPlanting(planting) }));

/** Nothing was written since it was kept, but for what was being written then. */
const mineStill = (kept: { rev: number; writing: unknown }, read: Kept): boolean =>
  kept.rev === read.rev || (kept.rev + 1 === read.rev && same(kept.writing, read.planting));

/**
 * The way back that was kept for what was just read, or null. What was done in the last moment before the
 * page went, and was not written any more, is in its `now`: nothing of another tab’s was written since.
 */
export function keptHistory(read: Kept): History | null {
  try {
    const text = window.sessionStorage.getItem(KEY);
    if (text === null) return null;
    const kept = JSON.parse(text);
    const steps = () => ({ past: stepsOf(kept.past), future: stepsOf(kept.future) });
    if (same(kept.now, read.planting)) return { now: read.planting, ...steps() };
    if (kept.now.id !== read.planting.id || !mineStill(kept, read)) return null;
    return { now: readPlanting(kept.now), ...steps() };
  } catch {
    return null;
  }
}
