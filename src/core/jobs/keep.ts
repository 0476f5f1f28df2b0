import { calendarOf } from '../growth/calendar';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import type { Facts } from '../plants/traits';
import { addDays, formatDay } from '../units/date';
import type { Asked, Due, JobKind } from './job';
import { capital } from './plants-of';

/** Days before the first frost: cuttings want five weeks to root; what stops growing in cool nights comes in a fortnight before it, the rest a week; a tuber is lifted when frost has blackened its leaf. Practice, after growers' dates. */
const CUTTINGS_DAYS = -35;
const KEPT: Partial<Record<Facts['kept'], { days: number; verb: string }>> = {
  indoors: { days: -14, verb: 'bring in' },
  'frost-free': { days: -7, verb: 'put under cover' },
  'lifted dry': { days: 3, verb: 'lift and dry' },
};
/** What takes no night under this is kept by the night, and never by the frost, °C. Working figure. */
const BY_NIGHT_FROM_C = 8;
/** Autumn begins so many weeks after planting at the soonest: a cold week of May brings nothing in. Working figure. */
const AUTUMN_WEEK = 8;

/** The first week of autumn whose ordinary nights are as cold as a plant takes, its first day. */
function coldNights({ planting, season }: Asked, { coldestNightC }: Plant): string | null {
  const { weeks } = calendarOf(planting.spot, planting.startDate, season.weeks.length);
  return weeks.find((w) => w.week >= AUTUMN_WEEK && w.nightC <= coldestNightC)?.date ?? null;
}

/** The day on which a plant is lifted or brought in; null where no cold is in sight. */
function dayFor(asked: Asked, plant: Plant, days: number): string | null {
  const { planting, season } = asked;
  const frost = season.frostWeek === null ? null : addDays(planting.startDate, season.frostWeek * 7 + days);
  const night = coldNights(asked, plant);
  if (night === null || (days > 0 && plant.coldestNightC < BY_NIGHT_FROM_C)) return frost;
  return frost === null || night < frost ? night : frost;
}

/** What is worth keeping is kept: rooted from cuttings, brought in, or lifted. */
export const keep: JobKind = {
  of: (asked) => {
    const { planting, season, today } = asked;
    if (planting.brief.lasting || planting.startDate >= today) return [];
    const kinds = [...new Map(season.placed.map((p) => [p.plant.botanical, p.plant])).values()];
    const due = kinds.flatMap((p): Due[] => {
      const { kept, keptAtC, cuttings } = factsOf(p);
      const how = KEPT[kept];
      if (!how) return [];
      const name = p.common.toLowerCase();
      const roots = cuttings === 'root easily' && kept === 'frost-free';
      const on = dayFor(asked, p, roots ? CUTTINGS_DAYS : how.days);
      if (on === null) return [];
      return roots ? [{ on, text: `take cuttings of ${name}` }] : [{ on, text: `${how.verb} ${name}`, keptAtC }];
    });
    // One line a day and a warmth: all that is asked for on it.
    const told = (d: Due) => `${d.on} ${d.keptAtC ?? ''}`;
    return [...new Map(due.map((d) => [told(d), d])).entries()].map(([key, first]) => ({
      ...first,
      text: due
        .filter((d) => told(d) === key)
        .map((d) => d.text)
        .join(', '),
    }));
  },
  why: 'These plants can live on after this season. Lift them or take cuttings before cold nights or frost damage them, label them and store them as each needs.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
