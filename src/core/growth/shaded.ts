import { clamp01 } from '../units/number';

/**
 * What the light that its neighbours leave it makes of a plant. Growers’ figures: under half its pace falls,
 * under 0.35 it stands still with half its flower, under 0.15 a sun plant is dead in six weeks.
 */
const ENOUGH = 0.5;
export const STANDS_STILL = 0.35;
const HALF_FLOWER = 0.5;
export const STARVES = 0.15;
export const STARVES_WEEKS = 6;

/** Share of its pace in so much of its light, 0–1: from standing still to whole, quickly at first. */
export const paceInShade = (light: number): number =>
  Math.sqrt(clamp01((light - STANDS_STILL) / (ENOUGH - STANDS_STILL)));

/** Share of its flower in so much of its light, 0–1. */
export const flowerInShade = (light: number): number =>
  light >= STANDS_STILL
    ? Math.min(1, HALF_FLOWER + ((1 - HALF_FLOWER) * (light - STANDS_STILL)) / (ENOUGH - STANDS_STILL))
    : HALF_FLOWER * clamp01((light - STARVES) / (STANDS_STILL - STARVES));
