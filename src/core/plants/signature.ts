import { isNeutral } from '../colour/family';
import { lch } from '../colour/oklch';
import { keptBy } from '../units/keep';
import type { Plant } from './schema';

/** Flower tells more than leaf, and a neutral colour less than any other. Working figures. */
const FLOWER_TELLS = 1.6;
const NEUTRAL_TELLS = 0.25;

/** The colour a plant is remembered by, #rrggbb. */
export const signature = keptBy((plant: Plant): string => {
  const weighed = plant.colours.map((c) => {
    const isFlower = c.part === 'flower' || c.part === 'throat';
    const seen = isFlower ? plant.flower.show * FLOWER_TELLS : 1 - plant.flower.show;
    return { hex: c.hex, weight: c.share * seen * (isNeutral(lch(c.hex)) ? NEUTRAL_TELLS : 1) };
  });
  return weighed.reduce((best, c) => (c.weight > best.weight ? c : best)).hex;
});
