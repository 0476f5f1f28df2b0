import { dayHighC, meanC, nightC } from '../climate';
import { isSouthern } from '../spots/light';
import type { Spot } from '../spots/schema';
import { addDays, daysBetween, monthPosition, nextMonthDay } from '../units/date';
import { clamp } from '../units/number';
import { LEAST_WEEKS, MOST_WEEKS } from './model';

export interface CalendarWeek {
  week: number;
  date: string;
  /** Month position, see units/date. */
  at: number;
  meanC: number;
  highC: number;
  nightC: number;
}

export interface Calendar {
  weeks: CalendarWeek[];
  /** Week of the first autumn frost, which may lie past the last week. */
  frostWeek: number;
}

const kept = new Map<string, Calendar>();
const KEPT_MOST = 64;

/** The weeks from planting to just past the first frost (at least 14, at most 30) with their ordinary weather. */
export function calendarOf(
  spot: Pick<Spot, 'summer' | 'firstFrost'> & Partial<Pick<Spot, 'climate' | 'light'>>,
  startDate: string,
): Calendar {
  const key = `${isSouthern(spot)}|${startDate}|${spot.summer}|${spot.climate ? JSON.stringify(spot.climate) : ''}|${spot.firstFrost}`;
  const known = kept.get(key);
  if (known) return known;
  const frostWeek = Math.floor(daysBetween(startDate, nextMonthDay(startDate, spot.firstFrost)) / 7);
  const weeks = Array.from({ length: clamp(frostWeek + 2, LEAST_WEEKS, MOST_WEEKS) }, (_, week) => {
    const date = addDays(startDate, week * 7);
    const at = monthPosition(date);
    return { week, date, at, meanC: meanC(spot, at), highC: dayHighC(spot, at), nightC: nightC(spot, at) };
  });
  if (kept.size >= KEPT_MOST) kept.clear();
  const calendar = { weeks, frostWeek };
  kept.set(key, calendar);
  return calendar;
}
