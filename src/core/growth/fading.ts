import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { asleep } from '../plants/sleep';

/**
 * What dies down thins for so long before it is gone, by this share a week. Months; fitted to hostas and
 * painted ferns, which lose a fifth.
 */
const FADES_MONTHS = 1.5;
const A_WEEK = 0.045;

/** Share of its size that is left of a plant after a week at a month position of the north. */
export const fadingTo = (plant: Plant, at: number): number =>
  asleep(factsOf(plant), at + FADES_MONTHS) ? 1 - A_WEEK : 1;
