import { readPlanting } from '@/core/formats/planting';
import type { Planting } from '@/core/plantings/schema';
import { same } from '@/core/units/same';
import type { History, Step } from './history';

const KEY = 'rillbank.history';
/** Steps kept each way: a tab keeps about 5 MB, and a full planting is under 60 kB. Working figure. */
const MOST_KEPT = 40;

/** Keeps the way back in this tab, through a reload. Where there is no room for it, it is lost with the page. */
export function keepHistory({ now, past, future }: History): void {
  try {
    const kept = { now, past: past.slice(-MOST_KEPT), future: future.slice(-MOST_KEPT) };
    window.sessionStorage.setItem(KEY, JSON.stringify(kept));
  } catch {
    window.sessionStorage.removeItem(KEY);
  }
}

const stepsOf = (list: unknown): Step[] =>
  (list as Step[]).map(({ name, planting }) => ({ name: String(name), planting: readPlanting(planting) }));

/** The way back that was kept for just this planting, or null. */
export function keptHistory(now: Planting): History | null {
  try {
    const text = window.sessionStorage.getItem(KEY);
    if (text === null) return null;
    const kept = JSON.parse(text);
    return same(kept.now, now) ? { now, past: stepsOf(kept.past), future: stepsOf(kept.future) } : null;
  } catch {
    return null;
  }
}
