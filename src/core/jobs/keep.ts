import { factsOf } from '../plants/facts';
import type { Facts } from '../plants/traits';
import { addDays, formatDay } from '../units/date';
import type { JobKind } from './job';
import { capital } from './plants-of';

/** Days before the first frost: cuttings want five weeks to root, what is brought in a week to be looked over; a tuber is lifted when frost has blackened its leaf. Practice; the days are working figures. */
const CUTTINGS_DAYS = -35;
const KEPT: Partial<Record<Facts['kept'], { days: number; verb: string }>> = {
  indoors: { days: -14, verb: 'bring in' },
  'frost-free': { days: -7, verb: 'put under cover' },
  'lifted dry': { days: 3, verb: 'lift and dry' },
};

/** What is worth keeping is kept: rooted from cuttings, brought in, or lifted. */
export const keep: JobKind = {
  of: ({ planting, season, today }) => {
    if (season.frostWeek === null || planting.brief.lasting || planting.startDate >= today) return [];
    const frost = addDays(planting.startDate, season.frostWeek * 7);
    const kinds = [...new Map(season.placed.map((p) => [p.plant.botanical, p.plant])).values()];
    const due = kinds.flatMap((p) => {
      const { kept, cuttings, life } = factsOf(p);
      const how = KEPT[kept];
      if (!how || life === 'annual') return [];
      const name = p.common.toLowerCase();
      return cuttings === 'root easily' && kept === 'frost-free'
        ? [{ on: addDays(frost, CUTTINGS_DAYS), text: `take cuttings of ${name}` }]
        : [{ on: addDays(frost, how.days), text: `${how.verb} ${name}` }];
    });
    // One line a day: all that is asked for on it.
    return [...new Set(due.map((d) => d.on))].map((on) => ({
      on,
      text: due
        .filter((d) => d.on === on)
        .map((d) => d.text)
        .join(', '),
    }));
  },
  why: 'What is worth keeping outlives the pot. Lift or root it before the frost spoils it, label it, and keep it as it likes.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
