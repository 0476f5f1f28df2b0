import type { Plant } from '../plants/schema';
import type { CalendarWeek } from './calendar';
import type { Tended } from './grown';
import { clamp } from '../units/number';

/**
 * What hunger leaves of flower at the worst, weeks until it is at the worst, and weeks that a liquid feed
 * lasts. Growers’ figures: unfed bedding flowers at 0.7 in its eighth week, 0.45 in its tenth; light feeders
 * lose a tenth.
 */
const HUNGRY = { light: 0.9, medium: 0.55, hungry: 0.4 } as const;
const HUNGER_WEEKS = 6;
const FEED_LASTS_WEEKS = 2;
/** At this share of its flower a hungry plant has stopped growing, or nearly. Working figures. */
const STOPS_AT = 0.3;
const CREEPS = 0.1;

/** Share of its flower that a plant has for what it was fed, 0–1. */
export function flowerFed({ feed }: Plant, { sinceFeed }: Tended, { hungryWeeks = 0 }: CalendarWeek): number {
  const since = sinceFeed === null ? hungryWeeks : Math.min(hungryWeeks, Math.max(0, sinceFeed - FEED_LASTS_WEEKS));
  return 1 - (1 - HUNGRY[feed]) * Math.min(1, since / HUNGER_WEEKS);
}

/** Share of its pace at that share of its flower, 0–1. */
export const paceFed = (flower: number): number => clamp((flower - STOPS_AT) / (1 - STOPS_AT), CREEPS, 1);
