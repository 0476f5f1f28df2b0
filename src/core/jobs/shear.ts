import { LEFT_AFTER } from '../plants/cutting';
import { factsOf } from '../plants/facts';
import { inMarch, SOFT } from '../plants/hand';
import type { Plant } from '../plants/schema';
import { addDays, daysBetween, formatDay } from '../units/date';
import type { Asked, Due, JobKind } from './job';
import { aliveOn, capital, isPlanted } from './plants-of';
import { yearly } from './yearly';

/**
 * It is done about this day of its month, has settled in for so many weeks before, and wants so many before
 * the frost to come again. Practice; the weeks are working figures.
 */
const ABOUT = '10';
const SETTLED_WEEKS = 6;
const LEFT_WEEKS = 8;

const HOW = {
  'to the base': (name: string) => `cut ${name} to the leaves at its base`,
  'by half': (name: string) => `cut ${name} back by half`,
  'in leaf only': (name: string) => `clip ${name} lightly, in leaf only`,
} as const;

/** The days of a month, as it is in the north: of a planting that stands for years each year's. */
function daysIn(asked: Asked, month: number): string[] {
  const { planting } = asked;
  const from = addDays(planting.startDate, SETTLED_WEEKS * 7);
  const days = yearly(asked, `${String(month).padStart(2, '0')}-${ABOUT}`, from);
  return planting.brief.lasting ? days : days.filter((on) => daysBetween(from, on) < YEAR_DAYS);
}
const YEAR_DAYS = 365;

/** What is cut alike, under one name. */
const cutAs = (p: Plant): string => [p.common, factsOf(p).cutBack, factsOf(p).cutMonth].join('|');

/** Each kind that comes again is cut in its month, as far as it bears. */
export const shear: JobKind = {
  matters: 'suffers',
  withinDays: 15,
  of: (asked) => {
    const { planting, season } = asked;
    if (!isPlanted(asked)) return [];
    // Its colours are cut together.
    const kinds = [...new Map(season.placed.map((p) => [cutAs(p.plant), p.plant])).values()];
    return kinds.flatMap((plant): Due[] => {
      const { cutBack, cutMonth } = factsOf(plant);
      // Leaf is cut when it crowds its neighbours, not by the calendar.
      if (cutBack === 'never' || plant.flower.show === 0) return [];
      // A light clip does nothing for what lives one summer.
      if (cutBack === 'in leaf only' && SOFT.includes(factsOf(plant).life)) return [];
      // What March asks of what stays out is told in March's own round.
      if (planting.brief.lasting && inMarch(plant) !== null && cutMonth === 3) return [];
      return daysIn(asked, cutMonth).flatMap((on): Due[] => {
        const week = Math.floor(daysBetween(planting.startDate, on) / 7);
        // What is gone by then, or has no time left before the frost, is left alone.
        if (season.frostWeek !== null && week > season.frostWeek - LEFT_WEEKS && !planting.brief.lasting) return [];
        const same = aliveOn(asked, on).filter(({ placed }) => cutAs(placed.plant) === cutAs(plant));
        if (same.length === 0) return [];
        return [
          {
            on,
            text: HOW[cutBack](plant.common.toLowerCase()),
            done: same.map(({ placed }) => ({ what: 'cut-back' as const, to: placed.id, leave: LEFT_AFTER[cutBack] })),
            key: `shear-${plant.id}-${on.slice(0, 4)}`,
          },
        ];
      });
    });
  },
  why: 'The first flush is over, or it has grown out of shape. Cut back to a joint or a leaf, never below the lowest one. Feed and water it the same day, and it flowers again in three to four weeks.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};
