import type { Planting } from '../plantings/schema';
import { addDays, daysBetween, nextMonthDay } from '../units/date';

/** A spring planting is changed over so long after the last frost; a winter one so long before it. Days, working figures. */
const SPRING_LASTS_DAYS = 21;
const WINTER_ENDS_DAYS = 35;
/** What is set out so long before the first frost, or later, is for autumn and winter. Days, working figure. */
const AUTUMN_FROM_DAYS = 70;
/** What is set out so long before the last frost, or earlier, is for spring. Days, working figure. */
const SPRING_UNTIL_DAYS = 35;
/** What is set out longer than this before the last frost has the winter before it. Days, working figure: before the turn of the year. */
const WINTER_UNTIL_DAYS = 125;
const YEAR_WEEKS = 52;
/** A planting is judged over so many weeks at least. */
const FEWEST_WEEKS = 6;

type Asked = Pick<Planting, 'spot' | 'startDate' | 'brief'>;

/** Which of the year's plantings it is, by the day it is set out. */
export function occasionOf({ spot, startDate, brief }: Asked): 'summer' | 'spring' | 'winter' | 'lasting' {
  if (brief.lasting) return 'lasting';
  const last = nextMonthDay(startDate, spot.lastFrost);
  const first = nextMonthDay(startDate, spot.firstFrost);
  // Where the last frost of spring comes before the first of autumn, it is winter or spring now.
  if (last < first) {
    const left = daysBetween(startDate, last);
    return left > WINTER_UNTIL_DAYS ? 'winter' : left > SPRING_UNTIL_DAYS ? 'spring' : 'summer';
  }
  return daysBetween(startDate, first) < AUTUMN_FROM_DAYS ? 'winter' : 'summer';
}

/** Weeks over which a planting is judged: to the first frost, to its change-over, or the whole year where it stays. */
export function judgedWeeks(asked: Asked): number {
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
