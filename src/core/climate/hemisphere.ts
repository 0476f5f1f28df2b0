import { mean } from '../units/number';

/** What a place may say of where on the globe it lies. */
export interface OnTheGlobe {
  light?: { kind: string; latitude?: number };
  climate?: { highC: readonly number[]; lowC: readonly number[] } | null;
  /** `MM-DD`. */
  lastFrost?: string;
  firstFrost?: string;
}

/** December to February and June to August, January first. */
const SOLSTICES = { december: [11, 0, 1], june: [5, 6, 7] } as const;
/** Months warmer by less than this tell nothing: the tropics have no summer, °C. Working figure. */
const TELLING_C = 3;

/**
 * Whether months are half a year round, from any evidence there is: the latitude where it is known; else which months
 * of a climate table are warm; else whether the last frost falls in the second half of the year and the first
 * before it.
 */
export function isSouthern({ light, climate, lastFrost, firstFrost }: OnTheGlobe): boolean {
  if (light?.kind === 'clock' && light.latitude !== undefined) return light.latitude < 0;
  if (climate) {
    const warmth = (months: readonly number[]) =>
      mean(months.map((m) => ((climate.highC[m] ?? 0) + (climate.lowC[m] ?? 0)) / 2));
    const by = warmth(SOLSTICES.december) - warmth(SOLSTICES.june);
    if (Math.abs(by) >= TELLING_C) return by > 0;
  }
  if (lastFrost === undefined || firstFrost === undefined) return false;
  // A mild northern place has its first frost after New Year, and its last a few weeks later.
  return lastFrost >= '07-01' && firstFrost >= '03-01' && firstFrost < lastFrost;
}

/** Where nobody said where a place lies: middle latitudes, degrees. Working figure. */
const MIDDLE = 50;
/** A place without frost and with hardly any summer lies near the equator, degrees. Working figure. */
const TROPICS = 15;

/** The latitude of a place, degrees, south negative: as it is known, else a middle one on its half of the globe. */
export function latitudeOf(place: OnTheGlobe): number {
  const { light, climate } = place;
  if (light?.kind === 'clock' && light.latitude !== undefined) return light.latitude;
  const swing = climate ? Math.max(...climate.highC) - Math.min(...climate.highC) : Infinity;
  return (swing < TELLING_C * 2 ? TROPICS : MIDDLE) * (isSouthern(place) ? -1 : 1);
}
