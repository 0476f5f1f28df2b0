import type { BufferGeometry } from 'three';
import type { Detail } from './surface';
import type { Painted } from './paint';

/**
 * What a canopy is built of: its shape, one unit long, in many faces or few; and what is painted on it, where
 * anything is.
 */
export interface PieceShape {
  build: (detail: Detail) => BufferGeometry;
  painted?: Painted;
}

/**
 * How much of its second colour a place shows, by what that follows (as a batch says) and how near its edge
 * and a vein lie there.
 */
export const secondAt = (veined: number, edge: number, vein: number): number =>
  veined > 2 ? edge : veined > 1 ? Math.max(edge, vein) : edge + (vein - edge) * veined;
