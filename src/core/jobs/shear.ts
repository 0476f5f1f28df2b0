import { LEFT_AFTER } from '../plants/cutting';
import { factsOf } from '../plants/facts';
import { isSouthern } from '../climate/hemisphere';
import { addDays, daysBetween, formatDay, nextMonthDay } from '../units/date';
import type { Asked, Due, JobKind } from './job';
import { capital, isPlanted } from './plants-of';

/** It is done about this day of its month, has settled in for so many weeks before, and wants so many before the frost to come again. Practice; the weeks are working figures. */
const ABOUT = '15';
const SETTLED_WEEKS = 6;
const LEFT_WEEKS = 8;

const HOW = {
  'to the base': (name: string) => `cut ${name} to the leaves at its base`,
  'by half': (name: string) => `cut ${name} back by half`,
  'in leaf only': (name: string) => `clip ${name} lightly, in leaf only`,
} as const;

/** The next day of a month, as it is in the north. */
function dayIn({ planting }: Asked, month: number): string {
  const here = isSouthern(planting.spot) ? ((month + 5) % 12) + 1 : month;
  return nextMonthDay(addDays(planting.startDate, SETTLED_WEEKS * 7), `${String(here).padStart(2, '0')}-${ABOUT}`);
}

/** Each kind that comes again is cut in its month, as far as it bears. */
export const shear: JobKind = {
  of: (asked) => {
    const { planting, season } = asked;
    if (!isPlanted(asked)) return [];
    const kinds = [...new Map(season.placed.map((p) => [p.plant.id, p.plant])).values()];
    return kinds.flatMap((plant): Due[] => {
      const { cutBack, cutMonth } = factsOf(plant);
      // Leaf is cut when it crowds its neighbours, not by the calendar.
      if (cutBack === 'never' || plant.flower.show === 0) return [];
      const on = dayIn(asked, cutMonth);
      const week = Math.floor(daysBetween(planting.startDate, on) / 7);
      // What is gone by then, or has no time left before the frost, is left alone.
      if (season.frostWeek !== null && week > season.frostWeek - LEFT_WEEKS && !planting.brief.lasting) return [];
      const same = season.placed.filter((o, i) => o.plant.id === plant.id && season.weeks[week]?.plants[i]?.alive);
      if (same.length === 0) return [];
      return [
        {
          on,
          text: HOW[cutBack](plant.common.toLowerCase()),
          done: same.map((o) => ({ what: 'cut-back' as const, to: o.id, leave: LEFT_AFTER[cutBack] })),
          key: `shear-${plant.id}`,
        },
      ];
    });
  },
  why: 'The first flush is over, or it has grown out of shape. Cut back to a joint or a leaf, never below the lowest one. Feed and water it the same day, and it flowers again in three to four weeks.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};
