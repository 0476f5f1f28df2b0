import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';

/**
 * Roots that want more mix than there is have filled it by now: every third March a pot is potted on or its
 * roots cut. Growers’ figure, as weeks before that March.
 */
export const POTTED_WEEKS = 125;
/**
 * What the first year after it, and each further one, leaves of flower and of pace where nobody does; and the
 * least. Working figures: thinner, never bare.
 */
const A_YEAR = { flower: 0.85, pace: 0.75 } as const;
const LEAST = { flower: 0.6, pace: 0.4 } as const;
const YEAR_WEEKS = 52;

/** Shares of flower and of pace. */
export interface Bound {
  flower: number;
  pace: number;
}

const FREE: Bound = { flower: 1, pace: 1 };

/**
 * Whether old roots hold a plant back: not what likes them tight, nor where there is mix enough for all.
 * `room` is the share there is of what they want.
 */
export const bindsIn = (plant: Plant, room: number): boolean => room < 1 && factsOf(plant).tight !== 'likes it';

/** What roots that have filled the pot leave of a plant, so many weeks after it was potted. */
export function boundBy(binds: boolean, weeks: number): Bound {
  if (!binds || weeks < POTTED_WEEKS) return FREE;
  const years = 1 + Math.floor((weeks - POTTED_WEEKS) / YEAR_WEEKS);
  return {
    flower: Math.max(LEAST.flower, A_YEAR.flower ** years),
    pace: Math.max(LEAST.pace, A_YEAR.pace ** years),
  };
}
