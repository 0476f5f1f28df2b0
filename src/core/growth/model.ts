import type { Plant } from '../plants/schema';

/** Thermal time counts above this mean temperature: cool-season 5 °C, warm-season 10 °C; lasting plants between. */
export const BASE_C: Record<Plant['season'], number> = { cool: 5, warm: 10, hardy: 6, 'year-round': 7 };

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

/** Longest season that is reckoned, weeks; shortest. */
export const MOST_WEEKS = 30;
export const LEAST_WEEKS = 14;

/** Below this share of the light it needs, for this many weeks running, a plant is smothered. */
export const SMOTHERED_BELOW = 0.3;
export const SMOTHERED_WEEKS = 3;

/** How a plant's pace changes its rate. Working figures: a slow shrub is much the same size a season on. */
export const PACE = { slow: 0.1, ordinary: 1, fast: 1.15 } as const;

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
