import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import type { Size } from './bench';

/** A forecast as a grower gives it: four in five plants lie between. */
export type Span = readonly [low: number, high: number];

/** How far four in five plants of a kind lie from the middle: bedding, slow kinds, what hangs. Growers’ figures. */
const WITHIN = { ordinary: 0.14, slow: 0.11, trail: 0.28 } as const;
/** What was measured here is surer: so much of that is left. Working figure. */
const MEASURED = 0.6;
/**
 * Summers and showers differ: what a container drinks lies within these shares of the middle. Working
 * figures: about one day in five is outside.
 */
const LITRES: Span = [0.75, 1.3];

/** The span of a forecast length of a plant, mm. */
export function spanOfSize(plant: Plant, of: keyof Size, mm: number, learned: Planting['learned'] = []): Span {
  const own = factsOf(plant).pace === 'slow' ? WITHIN.slow : WITHIN.ordinary;
  const within = of === 'trailMm' ? WITHIN.trail : own;
  const by = within * (learned.some((l) => l.plant === plant.id) ? MEASURED : 1);
  return [mm * (1 - by), mm * (1 + by)];
}

/** The span of a forecast of litres. */
export const spanOfLitres = (litres: number): Span => [litres * LITRES[0], litres * LITRES[1]];
