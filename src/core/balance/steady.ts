import { plantedMass } from '../containers';
import { depthOf, rimOf } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import { STARTS } from '../plants/starts';
import type { Spot } from '../spots/schema';
import { sum } from '../units/number';
import type { Context } from './context';
import type { Reading } from './finding';

/** Gust by how the spot lies, m/s. Working figures: a windy day in a sheltered yard, in the open, and at a corner or on a roof. */
const GUST: Record<Spot['wind'], number> = { sheltered: 12, open: 17, windy: 23 };
/** Air, kg/m³ at 15 °C (standard atmosphere). */
const AIR = 1.225;
const GRAVITY = 9.81;
/** Drag on a canopy's solid outline, which bends and lets wind through, and on a pot's wall. Working figures, under a flat plate's 1.2. */
const DRAG = { canopy: 0.6, pot: 0.9 };
/** Holds this many times the push before nothing is said. Working figure. */
const ENOUGH = 1.3;

/** Weight that holds a dry pot down, over the push of a gust, both as moments about the edge of its base. Absent for what is hung or fixed. */
export function steady({ planting, placed, grown, seen }: Context): Reading[] {
  const { container, spot } = planting;
  if (container.mount !== 'ground' || placed.length === 0) return [];
  const { shape } = container;
  const depth = depthOf(shape) / 1000;
  const { wide, deep } = rimOf(shape);
  const foot = shapeOf(shape).extentsMm(shape, depthOf(shape) * 0.9);
  const press = 0.5 * AIR * GUST[spot.wind] ** 2;
  const canopy = sum(seen.map((s, i) => (s.aboveMm2 / 1e6) * DRAG.canopy * (depth + (grown[i]?.heightMm ?? 0) / 2000)));
  const pot = (Math.max(wide, deep) / 1000) * depth * DRAG.pot * (depth / 2);
  const push = press * (canopy + pot);
  const kg = plantedMass(container, sum(placed.map((p) => STARTS[p.start].litres)), 'dry').totalKg;
  const hold = (kg * GRAVITY * Math.min(foot.wide, foot.deep)) / 2000;
  const ratio = Math.round((hold / push) * 10) / 10;
  const low = ratio < ENOUGH;
  return [
    {
      check: 'steady',
      severity: low ? 'watch' : 'good',
      measured: ratio,
      band: [ENOUGH, 20],
      unit: '× the push',
      scale: [0, 4],
      culprits: low ? placed.filter((_, i) => (grown[i]?.heightMm ?? 0) > depthOf(shape)).map((p) => p.id) : [],
      says: low ? 'steady.low' : 'steady.good',
      facts: { gust: GUST[spot.wind], ratio },
      rule: 'The dry weight holds 1.3 times the push of a gust about the edge of the base',
      source: 'moments; drag and gusts are working figures',
      quality: Math.min(1, 0.3 + 0.55 * ratio),
    },
  ];
}
