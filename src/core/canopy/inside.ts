import type { Sprig } from './sprig';
import { leafTints, scaled } from './tints';
import type { Vec } from './vector';

/**
 * The inside of a plant is so dark beside its leaves: what light is left after two layers of leaf. Working
 * figure by eye.
 */
const DARK = 0.3;

/**
 * The dark inside of a plant, from its foot up: so wide and so tall, mm, and so much lighter than it usually
 * is. What one looks through its leaves at.
 */
export function lumpIn(s: Sprig, foot: Vec, wide: number, tall: number, light = 1): void {
  if (s.season.bare) return;
  const { a } = leafTints(s);
  const dark = scaled(a, DARK * light);
  s.put({
    kind: 'lump',
    at: [foot[0], foot[1] - tall * 0.1, foot[2]],
    along: [0, 1, 0],
    face: [0, 0, 1],
    length: tall,
    width: wide,
    droop: wide,
    a: dark,
    b: dark,
    owner: s.owner,
    glow: 1,
  });
}
