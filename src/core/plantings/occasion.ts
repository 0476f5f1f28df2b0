import { daysBetween, nextMonthDay } from '../units/date';
import type { Planting } from './schema';

/** What is set out so long before the first frost, or later, is for autumn and winter. Days, working figure. */
const AUTUMN_FROM_DAYS = 70;
/** What is set out so long before the last frost, or earlier, is for spring. Days, working figure. */
const SPRING_UNTIL_DAYS = 35;
/**
 * What is set out longer than this before the last frost has the winter before it. Days, working figure:
 * before the turn of the year.
 */
const WINTER_UNTIL_DAYS = 125;

/** All that says which of the year's plantings it is. */
export type OccasionAsked = Pick<Planting, 'spot' | 'startDate' | 'brief'>;

/** Which of the year's plantings it is, by the day it is set out. */
export function occasionOf({ spot, startDate, brief }: OccasionAsked): 'summer' | 'spring' | 'winter' | 'lasting' {
  if (brief.lasting) return 'lasting';
  const last = nextMonthDay(startDate, spot.lastFrost);
  const first = nextMonthDay(startDate, spot.firstFrost);
  // Where the last frost of spring comes before the first of autumn, it is winter or spring now.
  if (last < first) {
    const left = daysBetween(startDate, last);
    return left > WINTER_UNTIL_DAYS ? 'winter' : left >= SPRING_UNTIL_DAYS ? 'spring' : 'summer';
  }
  return daysBetween(startDate, first) < AUTUMN_FROM_DAYS ? 'winter' : 'summer';
}

/** Whether it is set out to flower by spring, before the last frost. */
export const isForSpring = (asked: OccasionAsked): boolean => ['spring', 'winter'].includes(occasionOf(asked));
