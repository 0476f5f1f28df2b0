import type { Season, Grown } from '../growth/season';
import type { Placed } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { seenFrom, type Seen } from './seen';

/** What every check reads: the planting, its season, and what is seen of each plant in the judged week. */
export interface Context {
  planting: Planting;
  season: Season;
  placed: readonly Placed[];
  /** Sizes in the judged week, in the order of `placed`. */
  grown: readonly Grown[];
  week: number;
  seen: readonly Seen[];
}

export function contextOf(planting: Planting, season: Season, week = season.peak): Context {
  const grown = season.weeks[Math.min(week, season.weeks.length - 1)]?.plants ?? [];
  return { planting, season, placed: season.placed, grown, week, seen: seenFrom(planting, season.placed, grown) };
}
