import { z } from 'zod';

/** Calendar days as ISO text (`2026-05-16`), reckoned in UTC so that no clock change moves a date. */
const DAY_MS = 86_400_000;

const toMs = (iso: string): number => Date.parse(`${iso}T00:00:00Z`);
const toIso = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/** The day of the week of a date: 0 is Sunday. */
export const weekdayOf = (iso: string): number => new Date(toMs(iso)).getUTCDay();

export const addDays = (iso: string, days: number): string => toIso(toMs(iso) + days * DAY_MS);
export const daysBetween = (from: string, to: string): number => Math.round((toMs(to) - toMs(from)) / DAY_MS);

/** The day a week is known by: today where it falls in that week, else the week’s first. */
export const dayInWeek = (first: string, today: string): string =>
  today >= first && today < addDays(first, 7) ? today : first;

/** Dates outside these years are slips of the pen. */
export const FIRST_YEAR = 2000;
export const LAST_YEAR = 2100;

/** Whether a text is a day that exists, in a year that makes sense. */
export function isDay(iso: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(iso)) return false;
  const year = Number(iso.slice(0, 4));
  const ms = toMs(iso);
  return year >= FIRST_YEAR && year <= LAST_YEAR && !Number.isNaN(ms) && toIso(ms) === iso;
}

/** A month and a day that every year has, `05-04`: 29 February comes one year in four and is none. */
export const MonthDaySchema = z
  .string()
  .regex(/^\d{2}-\d{2}$/, 'must be a month and day as MM-DD')
  .refine((t) => isDay(`2001-${t}`), 'is not a date that occurs every year');

/** A day as it stands in files and forms. */
export const IsoDateSchema = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, 'must be a date as YYYY-MM-DD')
  .refine(isDay, `is not a date between ${FIRST_YEAR} and ${LAST_YEAR}`);

/**
 * The day it is where somebody stands: in the machine's own time zone, or in one that is named (`Europe/London`).
 * Evening west of Greenwich is still today.
 */
export const today = (now: Date = new Date(), zone?: string): string =>
  new Intl.DateTimeFormat('en-CA', { year: 'numeric', month: '2-digit', day: '2-digit', timeZone: zone }).format(now);

/** Month of a date as 0–11. */
export const monthOf = (iso: string): number => Number(iso.slice(5, 7)) - 1;

/** The first date on or after `iso` that falls on the month and day `MM-DD`. */
export function nextMonthDay(iso: string, monthDay: string): string {
  const year = Number(iso.slice(0, 4));
  const here = `${year}-${monthDay}`;
  return here >= iso ? here : `${year + 1}-${monthDay}`;
}

/** Where in the year a date falls, in months from mid-January: −0.5 to 11.5. */
export const monthPosition = (iso: string): number => monthOf(iso) + (Number(iso.slice(8, 10)) - 15.5) / 30.4;

/** A monthly series read at a place in the year, straight between mid-months. `values` has 12 entries. */
export function monthly(values: readonly number[], at: number): number {
  const low = Math.floor(at);
  const a = values[(low + 12) % 12] ?? 0;
  const b = values[(low + 13) % 12] ?? 0;
  return a + (b - a) * (at - low);
}

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });

/** A date as it is said in a sentence: “4 May”. */
export const formatDay = (iso: string): string => DAY.format(toMs(iso));

/** A day as it is said on another: with its year where that is another. */
export const formatDayFrom = (iso: string, today: string): string =>
  iso.slice(0, 4) === today.slice(0, 4) ? formatDay(iso) : `${formatDay(iso)} ${iso.slice(0, 4)}`;

/** January first. */
export const MONTH_NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;
export const MONTHS_SHORT = MONTH_NAMES.map((m) => m.slice(0, 3));
