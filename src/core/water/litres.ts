import { ordinaryDay } from '../climate/days';
import type { Season } from '../growth/grown';
import type { Planting } from '../plantings/schema';
import { addDays, daysBetween } from '../units/date';
import { drinkingOn, usedL } from './demand';

/** Looked at once in so many days. */
const STEP_DAYS = 7;

/** What one container of a planting is forecast to use from one day to before another in ordinary weather, litres. */
export function litresBetween(planting: Planting, season: Season, from: string, to: string): number {
  let litres = 0;
  for (let day = from; day < to; day = addDays(day, STEP_DAYS)) {
    const days = Math.min(STEP_DAYS, daysBetween(day, to));
    litres += days * usedL(planting, drinkingOn(planting, season, day), ordinaryDay(planting.spot, day));
  }
  return litres;
}
