import { isDay } from '../units/date';

/** What was written down of a day, whatever it was. */
interface Dated {
  date: string;
}

/** A year that was written down, and on how many days. */
export interface YearKept {
  year: number;
  days: number;
}

/** From so many days on a year can stand in for another. Working figure: a month of summer. */
const LEAST_DAYS = 30;

const yearOf = (date: string): number => Number(date.slice(0, 4));

/** The years before a day of which enough was written down for one like it, newest first. */
export function yearsKept(written: readonly Dated[], today: string): YearKept[] {
  const many = new Map<number, number>();
  for (const { date } of written) many.set(yearOf(date), (many.get(yearOf(date)) ?? 0) + 1);
  return [...many]
    .map(([year, days]) => ({ year, days }))
    .filter(({ year, days }) => year < yearOf(today) && days >= LEAST_DAYS)
    .sort((a, b) => b.year - a.year);
}

/**
 * A day as it was in an earlier year, dated as asked; 29 February is as the 28th where that year had none.
 * Undefined where nobody wrote it down.
 */
export function dayLike<D extends Dated>(year: number, written: ReadonlyMap<string, D>, date: string): D | undefined {
  const then = `${String(year).padStart(4, '0')}${date.slice(4)}`;
  const day = written.get(isDay(then) ? then : `${then.slice(0, 8)}28`);
  return day && { ...day, date };
}
