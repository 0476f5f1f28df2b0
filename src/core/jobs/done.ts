import { dayOf, type Deed } from '../plantings/deeds';
import { addDays, daysBetween } from '../units/date';
import type { Asked, Does, Due } from './job';

/** A job done so many days before its day, or after it, is that job done. Working figure: within three weeks. */
const SAME_DAYS = 21;

const isOf = (deed: Deed, { what, to }: Does): boolean => deed.what === what && (deed.to === null || deed.to === to);

/** Whether what a job asks for was done about its day. */
export const isDone = ({ planting }: Pick<Asked, 'planting'>, { on, done, within = SAME_DAYS }: Due): boolean =>
  Array.isArray(done) &&
  done.length > 0 &&
  (done as readonly Does[]).every((d) =>
    planting.deeds.some(
      (deed) => deed.done !== null && isOf(deed, d) && Math.abs(daysBetween(deed.done, on)) <= within,
    ),
  );

/**
 * The last day up to `today` on which something was done to the whole container or to any plant of it; null
 * for never.
 */
export const lastDone = ({ planting, today }: Pick<Asked, 'planting' | 'today'>, what: Deed['what']): string | null =>
  planting.deeds
    .filter((d) => d.what === what && d.done !== null && d.done <= today)
    .map(dayOf)
    .sort()
    .at(-1) ?? null;

/**
 * A day of something that is done over and over, and which of them it is, whatever was done when: its slot
 * from the first on.
 */
export interface Beat {
  on: string;
  nth: number;
}

/**
 * The days of something done over and over: from the day it was done last, else from its first day; what was missed is
 * due on its last day before today, once.
 */
export function rhythm(asked: Asked, what: Deed['what'], first: string, everyDays: number): Beat[] {
  const last = lastDone(asked, what);
  const begin = last === null || last < first ? first : addDays(last, everyDays);
  const missed = Math.max(0, Math.floor(daysBetween(begin, asked.today) / everyDays));
  const out: Beat[] = [];
  for (let on = addDays(begin, missed * everyDays); on <= asked.until; on = addDays(on, everyDays))
    out.push({ on, nth: Math.floor(daysBetween(first, on) / everyDays) + 1 });
  return out;
}
