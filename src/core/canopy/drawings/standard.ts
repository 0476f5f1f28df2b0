import type { Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { add, UP } from '../vector';
import { mound } from './mounds';

/**
 * The clear stem of a standard reaches so far up it, into a head that is widest at this share of its own
 * height; the stem is so thick, of its head. By eye.
 */
const CLEAR = 0.46;
const HEAD_LIFT = 0.46;
const THICK = 0.035;

/** A round head on a clear stem. */
export function standard(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const top = add(s.base, UP, h * (CLEAR + (1 - CLEAR) * HEAD_LIFT));
  stemBetween(s, s.base, top, Math.max(6, w * THICK));
  mound(
    { ...s, base: add(s.base, UP, h * CLEAR), grown: { ...s.grown, heightMm: h * (1 - CLEAR) } },
    { lift: HEAD_LIFT },
  );
}
