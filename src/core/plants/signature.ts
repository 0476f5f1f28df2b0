import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { keptBy } from '../units/keep';
import type { Plant } from './schema';

/**
 * Flower tells more than leaf, green less than any other, for every plant has some, and grey less than a
 * colour. Working figures, set by what a nursery calls each plant of the library.
 */
const FLOWER_TELLS = 1.6;
const GREEN_TELLS = 0.25;
const GREY_TELLS = 0.55;

const tells = (hex: string): number => {
  const f = family(lch(hex));
  if (f === 'green') return GREEN_TELLS;
  return f === 'silver' ? GREY_TELLS : 1;
};

/** The colour a plant is remembered by, #rrggbb. */
export const signature = keptBy((plant: Plant): string => {
  const weighed = plant.colours.map((c) => {
    const isFlower = c.part === 'flower' || c.part === 'throat';
    const seen = isFlower ? plant.flower.show * FLOWER_TELLS : 1 - plant.flower.show;
    return { hex: c.hex, weight: c.share * seen * tells(c.hex) };
  });
  return weighed.reduce((best, c) => (c.weight > best.weight ? c : best)).hex;
});
