import { smothered } from '../growth/smother';
import { plantName } from '../plants/schema';
import { addDays, formatDay } from '../units/date';
import type { JobKind } from './job';

/** A plant is smothered: its neighbour is cut back. */
export const rescue: JobKind = {
  stone: 'bad',
  of: ({ planting, season }) => {
    const lost = smothered(season)[0];
    const who = lost && season.placed[lost.index];
    return who ? [{ on: addDays(planting.startDate, lost.week * 7), text: `${plantName(who.plant)} smothered` }] : [];
  },
  says: ({ on, text }) => `${text}, about ${formatDay(on)}: cut back its neighbour`,
};
