import { plantedMass } from '../containers';
import { depthOf, rimOf } from '../containers/outline';
import type { Container } from '../containers/schema';
import { shapeOf } from '../containers/shapes';
import type { Spot } from '../spots/schema';
import { sum } from '../units/number';

/**
 * Gust by how the spot lies on a windy day, m/s. Working figures: in a sheltered yard, in the open, and at a
 * corner or on a roof.
 */
export const GUST: Record<Spot['wind'], number> = { sheltered: 12, open: 17, windy: 23 };
/** Air, kg/m³ at 15°C (standard atmosphere). */
const AIR = 1.225;
const GRAVITY = 9.81;
/**
 * Drag on a canopy's solid outline, which bends and lets wind through, and on a pot's wall. Working figures,
 * under a flat plate's 1.2.
 */
const DRAG = { canopy: 0.6, pot: 0.9 };
/** A pot stands on its outline this far down: the very foot is rounded. Working figure. */
const STANDS_AT = 0.9;

/** What of a plant stands in the wind: its outline over the rim, mm², and its height, mm. */
export interface Sail {
  mm2: number;
  heightMm: number;
}

/**
 * How many times the push of a gust a dry container holds against, by moments about the edge of its base; under 1 it
 * tips. `ballsL` are the root balls in it, litres.
 */
export function holdsAgainst(container: Container, ballsL: number, sails: readonly Sail[], gustMs: number): number {
  const { shape } = container;
  const depthMm = depthOf(shape);
  const depth = depthMm / 1000;
  const { wide, deep } = rimOf(shape);
  const foot = shapeOf(shape).extentsMm(shape, depthMm * STANDS_AT);
  const press = 0.5 * AIR * gustMs ** 2;
  const canopy = sum(sails.map((s) => (s.mm2 / 1e6) * DRAG.canopy * (depth + s.heightMm / 2000)));
  const pot = (Math.max(wide, deep) / 1000) * depth * DRAG.pot * (depth / 2);
  const kg = plantedMass(container, ballsL, 'dry').totalKg;
  const hold = (kg * GRAVITY * Math.min(foot.wide, foot.deep)) / 2000;
  return hold / (press * (canopy + pot));
}
