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

/**
 * Nights of one week differ: one in five is colder than the ordinary one by this, °C. Working figure: four
 * fifths of a spread of 3°C, a temperate spring’s.
 */
const ONE_IN_FIVE_C = 2.5;

/** The night that is to be expected once in five, °C. `at` is a month position. */
export const coldNightC = (place: Weathered, at: number): number => nightC(place, at) - ONE_IN_FIVE_C;

/** Ordinary afternoon, °C. `at` is a month position. */
export const dayHighC = (place: Weathered, at: number): number => monthly(monthsOf(place).highC, turned(place, at));

/** Mean temperature, °C. `at` is a month position. */
export const meanC = (place: Weathered, at: number): number => (nightC(place, at) + dayHighC(place, at)) / 2;
