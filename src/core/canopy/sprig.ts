import type { RimPoint } from '../containers/outline';
import type { Clear } from '../containers/shapes/shape';
import type { Grown } from '../growth/grown';
import type { Plant } from '../plants/schema';
import type { FlowerLook } from './look';
import type { Piece } from './piece';
import type { SeasonLook } from './season-look';
import type { Vec } from './vector';

/** What a habit needs to grow one plant: sizes, colours, a seeded generator, and where the pot is. */
export interface Sprig {
  plant: Plant;
  grown: Grown;
  /** How its flowers are drawn, or its fruit where that is what shows; null where there is nothing to show. */
  look: FlowerLook | null;
  /** What the time of year does to it. */
  season: SeasonLook;
  owner: number;
  put: (piece: Piece) => void;
  random: () => number;
  /** Where it stands, on the soil. */
  base: Vec;
  pot: TrailedPot;
  /** How tall it comes to be this season, mm, where it is held up; 0 where it hangs. */
  supportMm: number;
  /** How many flowers it takes, beside what is reckoned from their size, for them to be seen as the record says. */
  dose: number;
}

/** What trailers need to know of the container. */
export interface TrailedPot {
  /** Half of its least extent, and its depth, mm; and how far under the rim the ground lies. */
  innerMm: number;
  depthMm: number;
  floorMm: number;
  rim: readonly RimPoint[];
  /** How far inside the outer face of the wall a point stands at a depth under the rim. */
  clear: (belowMm: number, x: number, y: number) => Clear;
}

export const GOLDEN = Math.PI * (3 - Math.sqrt(5));

export const between = (s: Sprig, a: number, b: number): number => a + (b - a) * s.random();

export const turn = (s: Sprig): number => s.random() * Math.PI * 2;
