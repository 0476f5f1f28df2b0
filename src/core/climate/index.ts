import { isSouthern, type OnTheGlobe } from './hemisphere';
import { monthly } from '../units/date';
import { SUMMERS, type Summer } from './summers';

/** What a place says of its weather: its own twelve months when it has them, else the plain summers. */
export interface Weathered extends OnTheGlobe {
  summer: Summer;
}

const monthsOf = (place: Weathered) => place.climate ?? SUMMERS[place.summer];
/** The plain summers are written for the north: half a year on they hold for the south. */
const turned = (place: Weathered, at: number): number => (!place.climate && isSouthern(place) ? at + 6 : at);

/** Ordinary night, °C. `at` is a month position. */
export const nightC = (place: Weathered, at: number): number => monthly(monthsOf(place).lowC, turned(place, at));

/** Ordinary afternoon, °C. `at` is a month position. */
export const dayHighC = (place: Weathered, at: number): number => monthly(monthsOf(place).highC, turned(place, at));

/** Mean temperature, °C. `at` is a month position. */
export const meanC = (place: Weathered, at: number): number => (nightC(place, at) + dayHighC(place, at)) / 2;
