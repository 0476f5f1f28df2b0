import { expose } from 'comlink';
import { compose, type Composed, type Proposal } from '@/core/compose/compose';
import type { Planting } from '@/core/plantings/schema';

/** Composing off the main thread. To cancel, end the worker. */
const api = {
  compose: (planting: Planting, seed: number, onProgress: (done: number, best: Proposal | null) => void): Composed => compose(planting, { seed, onProgress: (done, best) => onProgress(done, best) }),
};
export type ComposeApi = typeof api;

expose(api);
