import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';

/** Half of the plants want grit: gravel dresses the soil, and gravel may show. Working figure. */
const HALF = 0.5;

/** Whether a planting is one of gravel: succulents and alpines. */
export const isGritty = (plants: readonly { plant: Plant }[]): boolean =>
  plants.length > 0 && plants.filter((p) => factsOf(p.plant).mix === 'gritty').length / plants.length >= HALF;
