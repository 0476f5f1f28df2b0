import { expose, transfer } from 'comlink';
import type { Canopy } from '@/core/canopy/kinds';
import { sprout } from '@/core/canopy/sprout';
import { grow } from '@/core/growth/season';
import type { YearId } from '@/core/growth/years';
import type { Planting } from '@/core/plantings/schema';

const handedOver = (canopy: Canopy): Canopy =>
  transfer(
    canopy,
    canopy.batches.flatMap(
      (b) =>
        [
          b.matrices.buffer,
          b.colourA.buffer,
          b.colourB.buffer,
          b.colourC.buffer,
          b.veined.buffer,
          b.gloss.buffer,
          b.owner.buffer,
        ] as Transferable[],
    ),
  );

/** Coarse canopies kept: about two seasons of one planting, each a few tens of kilobytes. */
const KEPT = 60;
const kept = new Map<string, Canopy>();

/** A few leaves of a week, kept: whoever rides along the season comes by again, and to the next week. */
function coarse(planting: Planting, week: number, year: YearId | null, share: number): Canopy {
  const { placements, container, spot, deeds, learned, startDate, brief } = planting;
  const key = JSON.stringify([
    placements,
    container,
    spot,
    deeds,
    learned,
    startDate,
    brief.lasting,
    year,
    share,
    week,
  ]);
  const known = kept.get(key);
  if (known) return known;
  const made = sprout(planting, grow(planting, undefined, year), week, share);
  const oldest = kept.keys().next().value;
  if (kept.size >= KEPT && oldest !== undefined) kept.delete(oldest);
  kept.set(key, made);
  return made;
}

/** Grows the leaves of one week off the main thread; arrays are handed over, not copied. */
const api = {
  sprout: (planting: Planting, week: number | 'peak', year: YearId | null = null): Canopy => {
    const season = grow(planting, undefined, year);
    return handedOver(sprout(planting, season, week === 'peak' ? season.peak : week));
  },
  /** A share of them, while one rides along the season; the weeks to either side are made ready after. */
  ride: (planting: Planting, week: number, year: YearId | null, share: number): Canopy => {
    const now = coarse(planting, week, year, share);
    for (const next of [week + 1, week - 1]) if (next >= 0) setTimeout(() => coarse(planting, next, year, share));
    return now;
  },
};
export type SproutApi = typeof api;

expose(api);
