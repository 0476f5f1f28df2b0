import type { Grown, Season } from '../growth/grown';
import type { Leaning } from '../growth/light';
import type { Planting } from '../plantings/schema';
import { seenFrom, type Seen } from './seen';

/** A placement with its plant, its size in the judged week and what is seen of it. */
export interface Stand extends Leaning {
  grown: Grown;
  seen: Seen;
}

/** What every check reads: the planting, its season, and everyone in the judged week. */
export interface Standing {
  planting: Planting;
  season: Season;
  week: number;
  /** In the order of the placements; `all` with those that are not there in the judged week. */
  plants: readonly Stand[];
}

/** Throws when the season is of another planting. */
export function standingOf(planting: Planting, season: Season, week = season.peak): Standing {
  const at = season.weeks[Math.min(week, season.weeks.length - 1)];
  if (!at) throw new Error('A season without weeks cannot be judged.');
  const seen = seenFrom(planting, season.placed, at.plants);
  const plants = season.placed.map((p, i): Stand => ({ ...p, grown: at.plants[i] as Grown, seen: seen[i] as Seen }));
  return { planting, season, week, plants };
}
