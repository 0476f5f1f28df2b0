import type { Grown } from '../growth/grown';
import type { Plant } from '../plants/schema';
import { hashText, lerp, seeded } from '../units/number';
import { drawingOf } from './drawings';
import { flowerLook } from './flowers';
import type { Piece } from './piece';
import { FRESH } from './season-look';
import type { TrailedPot, Sprig } from './sprig';

/** A pot for a plant that stands by itself: so wide that trailers have a rim to cross. */
const ALONE: TrailedPot = {
  innerMm: 90,
  depthMm: 170,
  floorMm: 1500,
  rim: Array.from({ length: 36 }, (_, i) => {
    const a = (i / 36) * Math.PI * 2;
    return { x: Math.cos(a) * 90, y: Math.sin(a) * 90, nx: Math.cos(a), ny: Math.sin(a) };
  }),
  clear: (_, x, y) => {
    const r = Math.hypot(x, y) || 1;
    return { mm: 90 - r, nx: x / r, ny: y / r };
  },
};

const middle = ([a, b]: readonly [number, number]): number => lerp(a, b, 0.6);

/** A plant in full flower, in the middle of its range. */
export const fullGrown = (plant: Plant): Grown => ({
  heightMm: middle(plant.heightMm),
  spreadMm: middle(plant.spreadMm),
  trailMm: middle(plant.trailMm),
  bloom: 1,
  light: 1,
  alive: true,
  gone: null,
  goneWeeks: 0,
  after: 0,
});

/**
 * The pieces of a plant that stands by itself, as it has grown, with so many times the flowers; as the season
 * has left it.
 */
export function alone(plant: Plant, grown: Grown, dose: number, season = FRESH): Piece[] {
  const pieces: Piece[] = [];
  const s: Sprig = {
    plant,
    grown,
    look: flowerLook(plant),
    season,
    owner: 0,
    put: (p) => void pieces.push(p),
    random: seeded(hashText(plant.id)),
    base: [0, 0, 0],
    pot: ALONE,
    supportMm: grown.heightMm,
    dose,
  };
  drawingOf(plant)(s);
  return pieces;
}
