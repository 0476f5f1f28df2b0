import type { Plant } from '../plants/schema';
import { keptBy } from '../units/keep';
import { libraryPlant } from '../plants';
import { alone, fullGrown } from './alone';
import { flowerLook } from './flowers';
import found from './doses.json';
import { flowerSeen } from './seen';

/**
 * Rounds of trying; and the least and most it may come to. Working figures: it is within a few hundredths
 * after five.
 */
const ROUNDS = 7;
const BOUNDS = [0.15, 6] as const;
/** So near the share that is wanted it is found, as a share of that. */
const NEAR = 0.03;

/** Share of a plant by itself in full flower that is flower, at a dose. */
export const shareAt = (plant: Plant, dose: number): number => flowerSeen(alone(plant, fullGrown(plant), dose));

/** Finds the dose of a plant by looking at it: some tens of milliseconds. */
export function foundDose(plant: Plant): number {
  const wanted = plant.flower.show;
  if (flowerLook(plant) === null || wanted <= 0) return 1;
  let dose = 1;
  let [best, off] = [1, Infinity];
  // The nearest doses known to be too little and too much.
  let [low, high] = [0, Infinity];
  for (let i = 0; i < ROUNDS; i += 1) {
    const is = shareAt(plant, dose);
    if (Math.abs(is - wanted) < off) [best, off] = [dose, Math.abs(is - wanted)];
    if (off < wanted * NEAR) break;
    if (is < wanted) low = Math.max(low, dose);
    else high = Math.min(high, dose);
    // What is strewn covers as 1 − e^(−dose); between two that are known, halfway.
    const step = Math.log(1 - Math.min(0.95, wanted)) / Math.log(1 - Math.min(0.95, Math.max(0.01, is)));
    const next = dose * step;
    dose = next > low && next < high ? next : Math.sqrt(low * high);
    // As it is written down: a hundredth more strews other flowers.
    dose = Number(Math.min(BOUNDS[1], Math.max(BOUNDS[0], dose)).toPrecision(3));
  }
  return best;
}

const FOUND: Record<string, number> = found;

/**
 * How many times the flowers reckoned from their size it takes for the share of the plant that is flower to be what its
 * record says. Of shipped plants it was found beforehand (`npm run doses`). Kept by the record.
 */
export const doseOf: (plant: Plant) => number = keptBy(
  (plant: Plant): number => (libraryPlant(plant.id) === plant ? FOUND[plant.id] : undefined) ?? foundDose(plant),
);
