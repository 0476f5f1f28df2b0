import type { Season } from '../growth/grown';
import { type Deed, dayOf } from '../plantings/deeds';
import type { Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';
import { clamp01 } from '../units/number';

/**
 * What branches when it is pinched stays bushy for so many weeks after it was planted or last cut, and is as
 * leggy as it gets so many later. Working figures: bushy in June, leggy in August.
 */
const BUSHY_WEEKS = 9;
const LEGGY_AFTER = 9;

const CUTS: ReadonlySet<Deed['what']> = new Set<Deed['what']>(['pinch', 'cut-back']);

/** How leggy a plant has become in a week, 0–1: bare at the foot, its flowers at the ends of its shoots. */
export function leggyOf({ deeds }: Pick<Planting, 'deeds'>, season: Season, owner: number, week: number): number {
  const placed = season.placed[owner];
  const date = season.weeks[week]?.date;
  const from = season.weeks.find((w) => w.plants[owner]?.alive)?.date;
  if (!date || !from || placed?.plant.pinch !== 'helps') return 0;
  const cuts = deeds
    .filter((d) => CUTS.has(d.what) && (d.to === null || d.to === placed.id))
    .map(dayOf)
    .filter((day) => day <= date);
  const since = [from, ...cuts].reduce((a, b) => (b > a ? b : a));
  return clamp01((daysBetween(since, date) / 7 - BUSHY_WEEKS) / LEGGY_AFTER);
}
