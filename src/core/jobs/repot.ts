import { isSouthern } from '../climate/hemisphere';
import { POTTED_WEEKS } from '../growth/bound';
import { goalOf } from '../growth/goal';
import { addDays, formatDay, nextMonthDay } from '../units/date';
import { lastDone } from './done';
import type { JobKind } from './job';
import { capital, isPlanted, namesOf } from './plants-of';

/** Before growth begins. Growers’ figure: in March; half a year on in the south. */
const SPRING = { north: '03-15', south: '09-15' } as const;

/** What has filled its pot with roots is given room again. */
export const repot: JobKind = {
  matters: 'suffers',
  withinDays: 21,
  of: (asked) => {
    const { planting, season } = asked;
    if (!isPlanted(asked) || !planting.brief.lasting) return [];
    const bound = season.placed.filter((p) => goalOf(p, season.placed, planting).binds);
    if (bound.length === 0) return [];
    const since = lastDone(asked, 'repot') ?? planting.startDate;
    const on = nextMonthDay(addDays(since, POTTED_WEEKS * 7), SPRING[isSouthern(planting.spot) ? 'south' : 'north']);
    return [
      {
        on,
        text: `pot on ${namesOf(bound.map((placed) => ({ placed })))}, or cut a fifth off the roots`,
        done: [{ what: 'repot', to: null }],
        key: 'repot',
      },
    ];
  },
  why: 'By its third spring the roots have filled the mix, and it flowers less each year. Move it to a pot 5 cm wider, or shave a fifth off the root ball, and fill up with fresh mix. A full pot is heavy: two people.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
