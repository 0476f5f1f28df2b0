import { lightFit } from './model';
import type { Plant } from '../plants/schema';

/** What the sun of a spot makes of a plant: shares of width and height, and of flower. */
export interface SunShare {
  wide: number;
  high: number;
  flower: number;
}

/**
 * With less sun than it wants a plant is narrower, a little taller and flowers less. Growers’ figures: sun kinds at two
 * thirds of their hours 0.85 of width and 0.65 of flower, at half 0.7 and 0.4; shade kinds without any sun 0.6 and 0.3.
 */
const NARROWER = 0.5;
const DRAWN = 0.1;
/** It is drawn no further once it lacks this share of its hours. Working figure. */
const DRAWN_BY = 0.6;
const BY_SUN = 1.1;
/**
 * What wants so little sun lives by the sky’s light. Hours; shares of width and flower that it keeps.
 * Growers’ figures.
 */
export const SHADE_KIND_H = 2;
const LEAST = { sun: { wide: 0.7, flower: 0 }, shade: { wide: 0.6, flower: 0.3 } } as const;
/** What more sun than it bears takes of its width, at the worst. Working figure. */
const SCORCHED = 0.25;

/** What so many hours of direct sun a day make of a plant. */
export function sunShareOf(plant: Plant, hours: number): SunShare {
  const [, low, high] = plant.sunHours;
  const sun = low > 0 ? Math.min(1, hours / low) : 1;
  const least = LEAST[low <= SHADE_KIND_H ? 'shade' : 'sun'];
  const bears = hours > high ? lightFit(plant.sunHours, hours) : 1;
  return {
    wide: Math.max(least.wide, 1 - NARROWER * (1 - sun)) * (1 - SCORCHED * (1 - bears)),
    high: 1 + DRAWN * Math.min(1, (1 - sun) / DRAWN_BY),
    flower: Math.max(least.flower, sun ** BY_SUN),
  };
}
