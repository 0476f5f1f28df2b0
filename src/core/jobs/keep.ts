import { calendarOf } from '../growth/calendar';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import type { Facts } from '../plants/traits';
import { addDays, formatDay } from '../units/date';
import { isRooted } from '../plants/hand';
import type { Asked, Does, Due, JobKind } from './job';
import { capital } from './plants-of';

/**
 * Days before the first frost: cuttings want eight weeks to root and grow on; what is tender comes in a
 * fortnight before it; a tuber is lifted when frost has blackened its leaf. Growers' dates.
 */
const CUTTINGS_DAYS = -56;
const CUTTINGS_WITHIN = 16;
const KEPT: Partial<Record<Facts['kept'], { days: number; verb: string }>> = {
  indoors: { days: -14, verb: 'bring in' },
  'frost-free': { days: -14, verb: 'lift and bring in' },
  'lifted dry': { days: 3, verb: 'lift and dry' },
};
/** Bedding of one summer is not kept but as cuttings of the kinds that are worth rooting. */
const OF_ONE_SUMMER: readonly Plant['group'][] = ['warm bedding', 'cool bedding', 'foliage'];
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
  matters: 'dies',
  withinDays: 10,
  of: (asked) => {
    const { planting, season, today } = asked;
    if (planting.brief.lasting || planting.startDate >= today) return [];
    const kinds = [...new Map(season.placed.map((p) => [p.plant.botanical, p.plant])).values()];
    const due = kinds.flatMap((p): Due[] => {
      const { kept, keptAtC, cuttings } = factsOf(p);
      const how = KEPT[kept];
      if (!how) return [];
      const roots = cuttings === 'root easily' && isRooted(p);
      const bedding = OF_ONE_SUMMER.includes(p.group);
      if (bedding && !roots && kept !== 'lifted dry') return [];
      const name = p.common.toLowerCase();
      const ids = season.placed.filter((x) => x.plant.botanical === p.botanical).map((x) => x.id);
      const done = (what: 'cuttings' | 'lift') => ids.map((to) => ({ what, to }));
      const out: Due[] = [];
      const cut = roots ? dayFor(asked, p, CUTTINGS_DAYS) : null;
      if (cut !== null)
        out.push({
          on: cut,
          until: addDays(cut, CUTTINGS_WITHIN),
          text: `take cuttings of ${name}`,
          done: done('cuttings'),
        });
      const on = dayFor(asked, p, how.days);
      // Coleus and the like are kept as their cuttings alone.
      if (on !== null && !(roots && kept === 'indoors'))
        out.push({ on, text: `${how.verb} ${name}`, keptAtC, done: done('lift') });
      return out;
    });
    // One line a day and a warmth: all that is asked for on it.
    const told = (d: Due) => `${d.on} ${d.keptAtC ?? ''}`;
    const of = (key: string) => due.filter((d) => told(d) === key);
    return [...new Map(due.map((d) => [told(d), d])).entries()].map(([key, first]) => ({
      ...first,
      text: of(key)
        .map((d) => d.text)
        .join(', '),
      done: of(key).flatMap((d) => (Array.isArray(d.done) ? (d.done as Does[]) : [])),
    }));
  },
  why: 'These plants can live on after this season. Lift them or take cuttings before cold nights or frost damage them, label them and store them as each needs.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
