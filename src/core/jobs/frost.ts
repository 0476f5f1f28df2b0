import { addDays, formatDay } from '../units/date';
import type { JobKind } from './job';

/** The first frost of autumn. */
export const frost: JobKind = {
  stone: 'plain',
  of: ({ planting, season }) =>
    season.frostWeek === null ? [] : [{ on: addDays(planting.startDate, season.frostWeek * 7), text: 'first frost' }],
  says: ({ on }) => `First frost about ${formatDay(on)}: bring in or fleece what is tender`,
};
