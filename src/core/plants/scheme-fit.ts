import { isNeutral } from '../colour/family';
import { lch } from '../colour/oklch';
import type { Scheme } from '../colour/schemes/scheme';
import { clamp01 } from '../units/number';
import type { Plant } from './schema';

/** A plant that shows more flower than this at its best is no plant for an all-leaf scheme. Working figure. */
export const SHOWY = 0.22;

/** A plain green plant fits any scheme a little, and makes none. Working figure. */
const PLAIN_FIT = 0.55;

/**
 * Share (0–1) of a plant's own colour, in bloom, that belongs to the scheme. `hue` is the scheme's leading
 * hue in degrees, or null where each plant may lead.
 */
export function schemeFit(plant: Plant, scheme: Scheme, hue: number | null): number {
  let [fit, all] = [0, 0];
  for (const c of plant.colours) {
    const colour = lch(c.hex);
    if (isNeutral(colour)) continue;
    const isFlower = c.part === 'flower' || c.part === 'throat';
    const area = c.share * (isFlower ? plant.flower.show : 1 - plant.flower.show);
    fit += area * scheme.belongs({ colour, area, isFlower }, hue ?? colour.h);
    all += area;
  }
  if (all < 0.04) return PLAIN_FIT;
  return clamp01(fit / all);
}
