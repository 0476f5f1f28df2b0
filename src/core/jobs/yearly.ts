import { isSouthern } from '../climate/hemisphere';
import { addDays, nextMonthDay } from '../units/date';
import type { Asked } from './job';

/** What was due longer ago than this is past, days. */
const PAST_DAYS = 60;

/** A day of the north, month and day, where a planting stands: half a year on in the south. */
export function seasonDay({ planting }: Pick<Asked, 'planting'>, north: string): string {
  if (!isSouthern(planting.spot)) return north;
  const month = ((Number(north.slice(0, 2)) + 5) % 12) + 1;
  return `${String(month).padStart(2, '0')}${north.slice(2)}`;
}

/**
 * The days of what is done once a year about a day of the north, month and day, from a day to the last that
 * is asked about.
 */
export function yearly(asked: Asked, north: string, from: string): string[] {
  const recent = addDays(asked.today, -PAST_DAYS);
  const out: string[] = [];
  let on = nextMonthDay(from > recent ? from : recent, seasonDay(asked, north));
  while (on <= asked.until) {
    out.push(on);
    on = nextMonthDay(addDays(on, 1), seasonDay(asked, north));
  }
  return out;
}
