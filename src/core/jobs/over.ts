import { addDays, daysBetween } from '../units/date';
import type { JobKind } from './job';

/** A summer's planting is over this long after its frost. Working figure: what is left is seen by then. */
export const OVER_AFTER_DAYS = 10;

/** A season's planting is done with. Never said of one that is to live through the winter. */
export const over: JobKind = {
  waits: true,
  of: ({ planting, season, today }) => {
    const end = addDays(planting.startDate, (season.frostWeek ?? season.weeks.length - 1) * 7);
    const planted = planting.placements.length > 0;
    return planted && !planting.brief.lasting && daysBetween(end, today) > OVER_AFTER_DAYS
      ? [{ on: end, text: 'its season is over' }]
      : [];
  },
  why: 'What is left is past its best. Lift it, save what lasts, and plant for the next season.',
  says: () => 'Season over: clear and replant',
};
