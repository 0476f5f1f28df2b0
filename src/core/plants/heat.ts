import { clamp01 } from '../units/number';
import type { Heat } from './traits';

/**
 * Mean afternoons above which a plant flowers less, °C, and what of its flower is left in the end. Growers’ figures:
 * violas and stock fall off from 24–25°C, lobelia, marguerites and fuchsias from 27–28, petunias from 31; lantana,
 * vinca and zinnia do not to 36.
 */
const ABOVE_C: Record<Heat, number> = { thrives: 60, stands: 31, tires: 27.5, stops: 24.5 };
const LEFT: Record<Heat, number> = { thrives: 1, stands: 0.5, tires: 0.35, stops: 0.3 };

/** It is at its least so many degrees further up. Working figure. */
const LEAST_AFTER_C = 4;
/** With less than this of its flower a plant is said to flower little. Working figure. */
const LITTLE = 0.65;

/** What of its flower a plant keeps in an afternoon's heat, 0–1. */
export const flowerInHeat = (heat: Heat, highC: number): number =>
  1 - (1 - LEFT[heat]) * clamp01((highC - ABOVE_C[heat]) / LEAST_AFTER_C);

/** Whether an afternoon is too hot for a plant to flower as it should. */
export const tooHot = (heat: Heat, highC: number): boolean => flowerInHeat(heat, highC) < LITTLE;
