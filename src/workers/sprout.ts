import { expose, transfer } from 'comlink';
import type { Canopy } from '@/core/canopy/kinds';
import { sprout } from '@/core/canopy/sprout';
import { specimenOf } from '@/core/canopy/specimen';
import { grow } from '@/core/growth/season';
import type { YearId } from '@/core/growth/years';
import type { Plant } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';

const handedOver = (canopy: Canopy): Canopy =>
  transfer(
    canopy,
    canopy.batches.flatMap(
      (b) => [b.matrices.buffer, b.colourA.buffer, b.colourB.buffer, b.veined.buffer, b.owner.buffer] as Transferable[],
    ),
  );

/** Grows the leaves of one week off the main thread; arrays are handed over, not copied. */
const api = {
  sprout: (planting: Planting, week: number | 'peak', year: YearId | null = null, share = 1): Canopy => {
    const season = grow(planting, undefined, year);
    return handedOver(sprout(planting, season, week === 'peak' ? season.peak : week, share));
  },
  /** One plant of the library by itself. */
  specimen: (plant: Plant): Canopy => {
    const { planting, season } = specimenOf(plant);
    return handedOver(sprout(planting, season, 0));
  },
};
export type SproutApi = typeof api;

expose(api);
