import { expose } from 'comlink';
import { compose, type Composed, type Proposal, type Said } from '@/core/compose/compose';
import { partnerFor } from '@/core/compose/over/partner';
import { shelfOf, type Mine } from '@/core/stock/shelf';
import type { Planting } from '@/core/plantings/schema';

/** Composing off the main thread. To cancel, end the worker. */
const api = {
  compose: (
    planting: Planting,
    seed: number,
    mine: Mine,
    said: Said | undefined,
    onProgress: (done: number, sofar: Proposal[]) => void,
  ): Composed =>
    compose(planting, {
      seed,
      said,
      library: shelfOf(mine),
      onProgress: (done, sofar) => onProgress(done, sofar),
    }),
  /** A planting to stand by turns with this one. */
  partner: (planting: Planting, seed: number, mine: Mine): Proposal | null => partnerFor(planting, seed, shelfOf(mine)),
};
export type ComposeApi = typeof api;

expose(api);
