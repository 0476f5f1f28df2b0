/** Space kept at either end of a stream of weeks, px. */
const ENDS = 10;

/** Where a week lies along a stream of so many weeks and pixels, px from its left end. */
export const acrossAt = (week: number, last: number, width: number): number =>
  ENDS + (week / Math.max(1, last)) * (width - 2 * ENDS);
