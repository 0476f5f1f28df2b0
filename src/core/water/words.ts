import { addDays, formatDay } from '../units/date';
import type { Ahead } from './ahead';

const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' });
/** So many days ahead a weekday says it best. */
const NEAR_DAYS = 6;

/** A day as it is said on another: today, tomorrow, Thursday, 24 July. */
export function dayWords(date: string, today: string): string {
  if (date <= today) return 'today';
  if (date === addDays(today, 1)) return 'tomorrow';
  return date <= addDays(today, NEAR_DAYS) ? WEEKDAY.format(Date.parse(`${date}T00:00:00Z`)) : formatDay(date);
}

/** “Friday 10 July”. */
export const wholeDay = (date: string): string =>
  `${WEEKDAY.format(Date.parse(`${date}T00:00:00Z`))} ${formatDay(date)}`;

/** “Fri”. */
export const shortDay = (date: string): string => WEEKDAY.format(Date.parse(`${date}T00:00:00Z`)).slice(0, 3);

const TIMES = ['', 'once', 'twice', 'three times', 'four times'] as const;
export const timesWords = (times: number): string => TIMES[times] ?? `${times} times`;

/** How long one can be away from a container that was filled this morning. */
export const awayWords = ({ lastsUntil }: Pick<Ahead, 'lastsUntil'>, today: string): string => {
  if (lastsUntil === null) return 'If you water now, it will last beyond the forecast.';
  if (lastsUntil < today) return 'Even if you water now, it will be dry before tonight, so do not leave it today.';
  return lastsUntil === today
    ? 'If you water now, it will last until tonight.'
    : `If you water now, it will last until ${dayWords(lastsUntil, today)} night.`;
};
