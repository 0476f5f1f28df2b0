import { addDays, formatDay } from '../units/date';
import type { JobKind } from './job';

/** The first frost of autumn. */
export const frost: JobKind = {
  stone: 'plain',
  of: ({ planting, season }) =>
    season.frostWeek === null ? [] : [{ on: addDays(planting.startDate, season.frostWeek * 7), text: 'first frost' }],
  why: 'A first frost kills what is tender overnight. Bring it in, or lay fleece over it before dusk and take it off in the morning.',
  says: ({ on }) => `First frost about ${formatDay(on)}: bring in or fleece what is tender`,
};
