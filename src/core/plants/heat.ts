import type { Heat } from './traits';

/**
 * Afternoons above which a plant flowers less, °C, and what of its flower is left in them. Working figures: fuchsias,
 * bacopa and tuberous begonias fade above about 30 °C, violas and pansies above about 27 °C, as growers find.
 */
const ABOVE_C: Record<Heat, number> = { thrives: Infinity, stands: 31, tires: 27.5, stops: 24.5 };
const LEFT: Record<Heat, number> = { thrives: 1, stands: 0.5, tires: 0.35, stops: 0.3 };

/** Whether an afternoon is too hot for a plant to flower as it should. */
export const tooHot = (heat: Heat, highC: number): boolean => highC > ABOVE_C[heat];

/** What of its flower a plant keeps in an afternoon's heat, 0–1. */
export const flowerInHeat = (heat: Heat, highC: number): number => (tooHot(heat, highC) ? 1 - (1 - LEFT[heat]) * Math.min(1, (highC - ABOVE_C[heat]) / 4) : 1);
