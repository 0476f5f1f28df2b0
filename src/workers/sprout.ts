import { expose, transfer } from 'comlink';
import type { Canopy } from '@/core/canopy/kinds';
import { sprout } from '@/core/canopy/sprout';
import { grow } from '@/core/growth/season';
import type { Planting } from '@/core/plantings/schema';

/** Grows the leaves of one week off the main thread; arrays are handed over, not copied. */
const api = {
  sprout: (planting: Planting, week: number | 'peak'): Canopy => {
    const season = grow(planting);
    const canopy = sprout(planting, season, week === 'peak' ? season.peak : week);
    return transfer(
      canopy,
      canopy.batches.flatMap((b) => [b.matrices.buffer, b.colourA.buffer, b.colourB.buffer, b.veined.buffer, b.owner.buffer] as Transferable[]),
    );
  },
};
export type SproutApi = typeof api;

expose(api);
