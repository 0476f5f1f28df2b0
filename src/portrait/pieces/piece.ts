import type { BufferGeometry } from 'three';
import type { Detail } from './surface';
import type { Painted } from './paint';

/** What a canopy is built of: its shape, one unit long, in many faces or few; and what is painted on it, where anything is. */
export interface PieceShape {
  build: (detail: Detail) => BufferGeometry;
  painted?: Painted;
}
