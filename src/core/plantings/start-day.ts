import { isSouthern } from '../climate/hemisphere';
import type { Spot } from '../spots/schema';
import { addDays, daysBetween, nextMonthDay } from '../units/date';
import type { Planting } from './schema';

/** Tender plants go out this long after the last frost date, for nights to warm. Practice: one to two weeks. */
const AFTER_LAST_FROST_DAYS = 12;
/**
 * A summer's planting is worth its price for no fewer weeks than these. Working figure: eight to its peak,
 * two to enjoy it.
 */
const LEAST_WEEKS = 10;

/**
 * The day to plant on: today while the season allows it, else the next day on which nights are warm enough.
 * ISO dates.
 */
export function startDay({ lastFrost, firstFrost }: Pick<Spot, 'lastFrost' | 'firstFrost'>, today: string): string {
  // A year back the season that today may lie in has begun.
  let safe = addDays(nextMonthDay(addDays(today, -366), lastFrost), AFTER_LAST_FROST_DAYS);
  for (;;) {
    if (safe > today) return safe;
    if (daysBetween(today, nextMonthDay(safe, firstFrost)) >= LEAST_WEEKS * 7) return today;
    safe = addDays(nextMonthDay(addDays(safe, 1), lastFrost), AFTER_LAST_FROST_DAYS);
  }
}

const HALF_YEAR = 6;

/** The same day half a year on; a day that its month lacks is the month’s last that every year has. */
function halfAYearOn(monthDay: string): string {
  const month = ((Number(monthDay.slice(0, 2)) - 1 + HALF_YEAR) % 12) + 1;
  const most = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][month - 1] ?? 28;
  const day = Math.min(Number(monthDay.slice(3)), most);
  return `${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}

/**
 * What a change of the spot brings with it: across the equator the frosts come half a year round, unless the change
 * says them itself; and a container that nobody has planted yet is planted when the new spot allows it.
 */
export function movedTo(
  planting: Planting,
  change: Partial<Spot>,
  today: string,
): Pick<Planting, 'spot'> & Partial<Pick<Planting, 'startDate'>> {
  const to = { ...planting.spot, ...change };
  const across = isSouthern(planting.spot) !== isSouthern(to) && change.lastFrost === undefined;
  const spot: Spot = across
    ? { ...to, lastFrost: halfAYearOn(to.lastFrost), firstFrost: halfAYearOn(to.firstFrost) }
    : to;
  const frosts = spot.lastFrost !== planting.spot.lastFrost || spot.firstFrost !== planting.spot.firstFrost;
  return planting.placements.length === 0 && frosts ? { spot, startDate: startDay(spot, today) } : { spot };
}
