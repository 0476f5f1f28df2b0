import type { Kind } from './kinds';
import { add, cross, dot, unit, type Vec } from './vector';

export type Rgb = readonly [number, number, number];

/** Where a leaf shows its second colour; `each`: along its edge, and its veins in a third. */
export type Seconds = 'edge' | 'veins' | 'both' | 'each';

/** One leaf, flower or stem before it is drawn. Lengths in mm. */
export interface Piece {
  kind: Kind;
  at: Vec;
  /** Along the leaf; need not be unit. */
  along: Vec;
  /** The side that faces the light. */
  face: Vec;
  length: number;
  width: number;
  /** How far the tip falls or the flower cups, mm. */
  droop: number;
  a: Rgb;
  b: Rgb;
  owner: number;
  /** What the second colour follows; the edge, where nothing is said. */
  seconds?: Seconds;
  /** The colour of its veins, where they are of another than its edge. */
  c?: Rgb;
  /** Share of light this piece ignores shading by; flowers glow a little. */
  glow?: number;
  /** 1 shines, −1 is felted. */
  gloss?: number;
}

/** A straight stick from one place to another, so thick, mm: a stem, a cane, a tie. */
export function stick(from: Vec, to: Vec, thick: number, colour: Rgb, owner: number): Piece {
  const along: Vec = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  return {
    kind: 'stem',
    at: from,
    along,
    face: [0.3, 0.2, 1],
    length: Math.hypot(...along),
    width: thick,
    droop: thick,
    a: colour,
    b: colour,
    owner,
  };
}

/** The three ways of a piece, unit and square to each other: across it, along it, and out of its face. */
export interface Ways {
  x: Vec;
  y: Vec;
  z: Vec;
}

export function pieceWays({ along, face }: Piece): Ways {
  const y = unit(along);
  const out = add(face, y, -dot(face, y));
  const z = Math.hypot(out[0], out[1], out[2]) < 1e-4 ? unit(cross(y, [1, 0, 0])) : unit(out);
  return { x: cross(y, z), y, z };
}
