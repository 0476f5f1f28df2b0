import { addDays, formatDay } from '../units/date';
import type { JobKind } from './job';

/** What bears such a night is left out in the first frosts, °C. Growers' figure. */
const HARDY_C = -4;

/** The first frost of autumn, where there is something tender. */
export const frost: JobKind = {
  matters: 'dies',
  withinDays: 3,
  stone: 'plain',
  of: ({ planting, season }) =>
    season.frostWeek === null || season.placed.every(({ plant }) => plant.coldestNightC <= HARDY_C)
      ? []
      : [{ on: addDays(planting.startDate, season.frostWeek * 7), text: 'first frost' }],
  why: 'The first frost can kill tender plants overnight. Bring it in, or lay fleece over it before dusk and take it off in the morning.',
  says: ({ on }) => `First frost around ${formatDay(on)}: bring in or fleece tender plants`,
};
