import { type OccasionAsked, occasionOf } from '../plantings/occasion';
import { addDays, daysBetween, nextMonthDay } from '../units/date';

/**
 * A spring planting is changed over so long after the last frost; a winter one so long before it. Days,
 * working figures.
 */
const SPRING_LASTS_DAYS = 21;
const WINTER_ENDS_DAYS = 35;
const YEAR_WEEKS = 52;
/** A planting is judged over so many weeks at least. */
const FEWEST_WEEKS = 6;

/** Weeks over which a planting is judged: to the first frost, to its change-over, or the whole year where it stays. */
export function judgedWeeks(asked: OccasionAsked): number {
  const { spot, startDate, brief } = asked;
  const until = (day: string) => Math.max(FEWEST_WEEKS, Math.floor(daysBetween(startDate, day) / 7));
  if (brief.changeOver && brief.changeOver > startDate) return Math.min(YEAR_WEEKS, until(brief.changeOver));
  const last = nextMonthDay(startDate, spot.lastFrost);
  switch (occasionOf(asked)) {
    case 'lasting':
      return YEAR_WEEKS;
    case 'spring':
      return until(addDays(last, SPRING_LASTS_DAYS));
    case 'winter':
      return until(addDays(last, -WINTER_ENDS_DAYS));
    case 'summer':
      return Math.min(YEAR_WEEKS, until(nextMonthDay(startDate, spot.firstFrost)));
  }
}
