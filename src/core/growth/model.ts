import type { Plant } from '../plants/schema';
import { monthly } from '../units/date';

/** Thermal time counts above this mean temperature: cool-season 5 °C; warm-season 10 °C; lasting plants 7 °C. Working figures. */
export const BASE_C: Record<Plant['season'], number> = { cool: 5, warm: 10, hardy: 7, 'year-round': 7 };

/**
 * Logistic rate per degree-day for vigour 1–5. Working figures: at 19 °C a vigour-3 summer annual goes from three
 * tenths to nine tenths of its size in about six weeks (380 degree-days), as bench plants do.
 */
export const RATE_PER_DD = [0, 0.0048, 0.0064, 0.008, 0.0098, 0.0118] as const;

/** Beer–Lambert extinction of leaf canopies; usual range 0.5–0.7. */
export const EXTINCTION = 0.6;

/** Sky light that reaches a plant whatever the sun does, as hours of direct sun. Working figure. */
export const SKY_HOURS = 1.5;

/** Litres of mix that a plant of a vigour wants for its full size. Working figures from ordinary counts for pots. */
export const WANTED_L = [0, 1.2, 1.8, 2.6, 3.6, 4.8] as const;

/** Daylight of the months at 50° against June, January first: what leaves there are can make of it. Working figures from sunshine above the air, dulled by winter’s cloud. */
const DAYLIGHT = [0.2, 0.35, 0.55, 0.8, 0.95, 1, 1, 0.9, 0.7, 0.42, 0.24, 0.16];
const DAYLIGHT_AT = 50;

/** Share of June’s daylight at a place in the year, 0–1, `at` turned for the south: hardly any less within the tropics. */
export function daylight(latitude: number, at: number): number {
  const away = Math.min(1, Math.abs(latitude) / DAYLIGHT_AT);
  return 1 - away * (1 - monthly(DAYLIGHT, at));
}

/** Roots find their way first: so much of its pace in the weeks after it is set out. Working figures: ten days to a fortnight of standing still. */
export const SETTLING_IN = [0, 0.3, 0.7] as const;

/** Longest season that is reckoned, weeks; shortest. */
export const MOST_WEEKS = 30;
export const LEAST_WEEKS = 14;

/** Below this share of the light it needs, for this many weeks running, a plant is smothered. */
export const SMOTHERED_BELOW = 0.3;
export const SMOTHERED_WEEKS = 3;

/** How a plant's pace changes its rate. Working figures. */
export const PACE = { slow: 0.6, ordinary: 1, fast: 1.15 } as const;

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
