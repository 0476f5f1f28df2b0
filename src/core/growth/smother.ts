import type { Season } from './grown';
import { STANDS_STILL } from './shaded';

/** A plant that has stood still in the dark for so many weeks running is smothered. Working figure. */
export const SMOTHERED_WEEKS = 3;

/** Placements that are smothered at some time, with the first week of it and the least light they had. */
export function smothered(season: Season): { index: number; week: number; least: number }[] {
  return season.placed.flatMap((_, index) => {
    let run = 0;
    for (const w of season.weeks) {
      const g = w.plants[index];
      run = g && g.alive && g.light < STANDS_STILL ? run + 1 : 0;
      if (run >= SMOTHERED_WEEKS)
        return [{ index, week: w.week - SMOTHERED_WEEKS + 1, least: leastLight(season, index) }];
    }
    return [];
  });
}

/**
 * Left with so little light by its neighbours a plant will not live; with more it dwindles and flowers less.
 * Working figure.
 */
export const HOPELESS = 0.05;

/**
 * Those of the smothered that do not live: dead for want of light by the last of so many weeks, or with as
 * good as none left.
 */
export const dying = (season: Season, weeks = season.weeks.length): ReturnType<typeof smothered> =>
  smothered(season).filter(({ index, week }) => {
    const last = season.weeks[weeks - 1]?.plants[index];
    return week < weeks && (last?.gone === 'dark' || (last?.light ?? 1) < HOPELESS);
  });

/** Least share of its light a placement has while it lives. */
export const leastLight = (season: Season, index: number): number =>
  season.weeks.reduce((least, w) => (w.plants[index]?.alive ? Math.min(least, w.plants[index].light) : least), 1);
