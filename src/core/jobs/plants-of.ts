import type { Grown } from '../growth/grown';
import type { Placed } from '../plantings/resolve';
import { daysBetween } from '../units/date';
import type { Asked } from './job';

/** A plant that stands there, and how it is in a week. */
export interface PlantInWeek {
  placed: Placed;
  grown: Grown;
}

const DAYS_A_WEEK = 7;

const YEAR_WEEKS = 52;

/**
 * The week of a day, within the season that is reckoned: what stays for years does in each what it did in its
 * first.
 */
export function weekOn({ planting, season }: Pick<Asked, 'planting' | 'season'>, date: string): number {
  const last = season.weeks.length - 1;
  const week = Math.floor(daysBetween(planting.startDate, date) / DAYS_A_WEEK);
  const years = planting.brief.lasting && week > last ? Math.ceil((week - last) / YEAR_WEEKS) : 0;
  return Math.max(0, Math.min(last, week - years * YEAR_WEEKS));
}

/** Who is alive in it on a day. */
export function aliveOn(asked: Pick<Asked, 'planting' | 'season'>, date: string): PlantInWeek[] {
  const week = asked.season.weeks[weekOn(asked, date)];
  if (week && !asked.planting.brief.lasting && daysBetween(week.date, date) > DAYS_A_WEEK) return [];
  return asked.season.placed.flatMap((placed, i) => {
    const grown = week?.plants[i];
    return grown?.alive ? [{ placed, grown }] : [];
  });
}

/** “petunia, salvia and coleus”: kinds by their common name, each once. */
export function namesOf(list: readonly { placed: Placed }[]): string {
  const names = [...new Set(list.map(({ placed }) => placed.plant.common.toLowerCase()))];
  const last = names.pop() ?? '';
  return names.length > 0 ? `${names.join(', ')} and ${last}` : last;
}

/** Whether it stands planted on a day, and its season is still reckoned. */
export const isPlanted = ({ planting, today }: Pick<Asked, 'planting' | 'today'>): boolean =>
  planting.placements.length > 0 && planting.startDate <= today;

/** Sentence case. */
export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
