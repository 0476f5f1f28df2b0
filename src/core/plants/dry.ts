import { factsOf } from './facts';
import type { Plant } from './schema';

/**
 * Whether all of some plants live dry, as succulents and lavender do: none of them is drowned with the rest.
 * False for none.
 */
export const allLiveDry = (plants: readonly Plant[]): boolean =>
  plants.length > 0 && plants.every((p) => p.water === 'dry' || factsOf(p).rhythm === 'dries out');
