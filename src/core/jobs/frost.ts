import { addDays, formatDay } from '../units/date';
import type { JobKind } from './job';

/** The first frost of autumn. */
export const frost: JobKind = {
  stone: 'plain',
  of: ({ planting, season }) =>
    season.frostWeek === null ? [] : [{ on: addDays(planting.startDate, season.frostWeek * 7), text: 'first frost' }],
  why: 'The first frost can kill tender plants overnight. Bring it in, or lay fleece over it before dusk and take it off in the morning.',
  says: ({ on }) => `First frost around ${formatDay(on)}: bring in or fleece tender plants`,
};
