import { fahrenheit } from '../units/quantity';

/** Zone by the coldest night of an ordinary winter: 10°F steps from −60°F, halved into a and b. */
export function zoneOf(coldestC: number): string {
  const f = fahrenheit(coldestC);
  const zone = Math.min(13, Math.max(1, Math.floor((f + 60) / 10) + 1));
  const half = (((f + 60) % 10) + 10) % 10 < 5 ? 'a' : 'b';
  return `${zone}${half}`;
}

/** H rating a plant needs to live through it: H1c over 5°C, then in steps of 5°C from H3 (to −5) to H7 (under −20). */
export function hRatingOf(coldestC: number): string {
  if (coldestC > 5) return 'H1c';
  if (coldestC > 1) return 'H2';
  if (coldestC >= -5) return 'H3';
  if (coldestC >= -10) return 'H4';
  if (coldestC >= -15) return 'H5';
  return coldestC >= -20 ? 'H6' : 'H7';
}
