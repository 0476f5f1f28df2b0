import { dayHighC, meanC, nightC } from '../climate';
import type { Spot } from '../spots/schema';
import { addDays, daysBetween, monthPosition, nextMonthDay } from '../units/date';
import { keptBy, keptIn } from '../units/keep';
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
  /** After an autumn frost and before the last one of the spring that follows. */
  frosty: boolean;
  /** Nobody waters. */
  dry?: boolean;
  /** Nobody takes off spent flowers. */
  unpicked?: boolean;
  /** Weeks for which nobody has fed, once the mix's own feed was spent. */
  hungryWeeks?: number;
}

export interface Calendar {
  weeks: CalendarWeek[];
  /** Week of the first autumn frost, which may lie past the last week. */
  frostWeek: number;
}

type Place = Pick<Spot, 'summer' | 'firstFrost' | 'lastFrost'> & Partial<Pick<Spot, 'climate' | 'light'>>;

/** Calendars of a place by day and length. A place is never changed in itself. */
const kept = keptBy((_: Place) => new Map<string, Calendar>());

/**
 * Weeks of every cold spell from the autumn frosts to the springs that follow, as pairs of first week after
 * and last date.
 */
function coldSpells(spot: Place, startDate: string, weeks: number): { after: number; until: string }[] {
  const spells = [];
  const end = addDays(startDate, weeks * 7);
  for (let frost = nextMonthDay(startDate, spot.firstFrost); frost <= end;) {
    spells.push({ after: Math.floor(daysBetween(startDate, frost) / 7), until: nextMonthDay(frost, spot.lastFrost) });
    frost = nextMonthDay(addDays(frost, 1), spot.firstFrost);
  }
  return spells;
}

/**
 * The weeks from planting with their ordinary weather: to just past the first frost (at least 14, at most 30), or as
 * many as are asked for.
 */
export function calendarOf(spot: Place, startDate: string, span?: number): Calendar {
  return keptIn(kept(spot), `${startDate}|${span}`, () => calendar(spot, startDate, span));
}

function calendar(spot: Place, startDate: string, span: number | undefined): Calendar {
  const frostWeek = Math.floor(daysBetween(startDate, nextMonthDay(startDate, spot.firstFrost)) / 7);
  const length = span ?? clamp(frostWeek + 2, LEAST_WEEKS, MOST_WEEKS);
  const spells = coldSpells(spot, startDate, length);
  const weeks = Array.from({ length }, (_, week) => {
    const date = addDays(startDate, week * 7);
    const at = monthPosition(date);
    const frosty = spells.some((s) => week > s.after && date < s.until);
    return { week, date, at, meanC: meanC(spot, at), highC: dayHighC(spot, at), nightC: nightC(spot, at), frosty };
  });
  return { weeks, frostWeek };
}
