/**
 * Half-width of a habit's outline at a share of its height (0 foot, 1 tip), as a share of half its spread. Working
 * figures: three silhouettes that plants held against the light fall into.
 */
export type Outline = (t: number) => number;

/** Narrow at the foot, widest near the top, closing at the tip: what arches over. */
export const arching: Outline = (t) =>
  0.25 + 0.75 * Math.sin(Math.min(1, t * 1.15) * 1.57) * (t > 0.85 ? ((1 - t) / 0.15) * 0.5 + 0.5 : 1);

/** Broad at the foot and narrower upward. */
export const tapering: Outline = (t) => 0.75 - 0.45 * t;

/** A half-ellipse. */
export const domed: Outline = (t) => Math.sqrt(Math.max(0, 1 - t * t));
