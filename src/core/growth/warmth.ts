import { isCrop } from './bench';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { keptBy } from '../units/keep';
import { clamp01 } from '../units/number';

/**
 * Mean temperature under which a plant stands still, °C. Fitted to how plants grow at 19/11, 22/13, 25/15 and 33/20:
 * cool-season bedding and spring bulbs near freezing, lasting plants at 4–5, summer bedding at 9, and later the warmer
 * the night it wants and where it is a child of heat.
 */
const STOPS_C = { cool: 0.75, bulb: 1.26, lasting: 2.7, warm: 8.8 } as const;
/** Each degree of the coldest night it bears above this raises it by so much. Fitted. */
const NIGHT_FROM_C = 1;
const BY_NIGHT = 0.25;
const HEAT_C = 0.94;
/** From standing still to its full pace. °C, fitted. */
const TO_FULL_C = 6;

const stopsAt = keptBy((plant: Plant): number => {
  const { heat, life } = factsOf(plant);
  if (plant.season === 'cool') return life === 'bulb' ? STOPS_C.bulb : STOPS_C.cool;
  if (plant.season !== 'warm') return STOPS_C.lasting;
  // Crops are bred to be out early, but for what lives on heat.
  const early = heat !== 'thrives' && isCrop(plant);
  const night = early ? 0 : BY_NIGHT * Math.max(0, plant.coldestNightC - NIGHT_FROM_C);
  return STOPS_C.warm + night + (heat === 'thrives' ? HEAT_C : 0);
});

/** Share of its full pace that a plant grows at in a mean temperature, 0–1: straight from where it stands still. */
export const warmthShare = (plant: Plant, meanC: number): number => clamp01((meanC - stopsAt(plant)) / TO_FULL_C);
