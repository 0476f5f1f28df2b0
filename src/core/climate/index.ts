import { monthly } from '../units/date';
import { SUMMERS, type Summer } from './summers';

/** Ordinary night, °C. `at` is a month position. */
export const nightC = (summer: Summer, at: number): number => monthly(SUMMERS[summer].lowC, at);

/** Ordinary afternoon, °C. `at` is a month position. */
export const dayHighC = (summer: Summer, at: number): number => monthly(SUMMERS[summer].highC, at);

/** Mean temperature, °C. `at` is a month position. */
export const meanC = (summer: Summer, at: number): number => (nightC(summer, at) + dayHighC(summer, at)) / 2;
