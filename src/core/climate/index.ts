import { monthly } from '../units/date';
import { SUMMERS, type Summer } from './summers';

/** Mean temperature of a day, °C. */
export function meanC(summer: Summer, iso: string): number {
  const s = SUMMERS[summer];
  return (monthly(s.highC, iso) + monthly(s.lowC, iso)) / 2;
}

/** Ordinary night of a day, °C. */
export const nightC = (summer: Summer, iso: string): number => monthly(SUMMERS[summer].lowC, iso);

/** Ordinary afternoon of a day, °C. */
export const dayHighC = (summer: Summer, iso: string): number => monthly(SUMMERS[summer].highC, iso);
