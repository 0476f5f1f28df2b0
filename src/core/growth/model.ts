import type { Plant } from '../plants/schema';
import { monthly } from '../units/date';

/** Beer–Lambert extinction of leaf canopies; usual range 0.5–0.9, upright leaf the least. */
export const EXTINCTION = 0.8;

/** Sky light that reaches a plant whatever the sun does, as hours of direct sun. Working figure. */
export const SKY_HOURS = 1.5;

/**
 * Daylight of the months at 50° against June, January first: what leaves there are can make of it. Working
 * figures from sunshine above the air, dulled by winter’s cloud.
 */
const DAYLIGHT = [0.2, 0.35, 0.55, 0.8, 0.95, 1, 1, 0.9, 0.7, 0.42, 0.24, 0.16];
const DAYLIGHT_AT = 50;

/**
 * Share of June’s daylight at a place in the year, 0–1, `at` turned for the south: hardly any less within the
 * tropics.
 */
export function daylight(latitude: number, at: number): number {
  const away = Math.min(1, Math.abs(latitude) / DAYLIGHT_AT);
  return 1 - away * (1 - monthly(DAYLIGHT, at));
}

/** Longest season that is reckoned, weeks; shortest. */
export const MOST_WEEKS = 30;
export const LEAST_WEEKS = 14;

/** A plant whose window begins at no sun at all lives by sky light alone, at this share. Working figure. */
const SUNLESS = 0.35;

/** A plant that takes so many hours takes as many as the day has: no window was ever written for a longer one. */
export const ALL_DAY_H = 14;

/** What a plant makes of just the least, or just the most, it lives in: it grows poorly. Working figure. */
const AT_THE_LIMIT = 0.25;

const between = (x: number, from: number, to: number): number =>
  from === to ? 1 : AT_THE_LIMIT + ((1 - AT_THE_LIMIT) * (x - from)) / (to - from);

/** Share of the light it wants that a plant gets in these hours: 1 in the ideal, little at least and most, 0 beyond. */
export function lightFit([least, low, high, most]: Plant['sunHours'], hours: number): number {
  if (hours < least || (hours > most && most < ALL_DAY_H)) return 0;
  if (hours < low) return least === 0 ? SUNLESS + (1 - SUNLESS) * (hours / low) : between(hours, least, low);
  if (hours > high) return most >= ALL_DAY_H ? 1 : between(hours, most, high);
  return 1;
}
