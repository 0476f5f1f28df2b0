import { plantedMass } from '../containers';
import { depthOf, rimOf } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import { ballsL } from '../plantings/resolve';
import type { Spot } from '../spots/schema';
import { sum, tenth } from '../units/number';
import { check } from './check';

/** Gust by how the spot lies, m/s. Working figures: a windy day in a sheltered yard, in the open, and at a corner or on a roof. */
const GUST: Record<Spot['wind'], number> = { sheltered: 12, open: 17, windy: 23 };
/** Air, kg/m³ at 15°C (standard atmosphere). */
const AIR = 1.225;
const GRAVITY = 9.81;
/** Drag on a canopy's solid outline, which bends and lets wind through, and on a pot's wall. Working figures, under a flat plate's 1.2. */
const DRAG = { canopy: 0.6, pot: 0.9 };
/** Holds this many times the push before nothing is said. Working figure. */
const ENOUGH = 1.3;
/** Under this, in a windy place or over people, it will fall. Practice. */
const FALLS = 0.8;
/** A pot stands on its outline this far down: the very foot is rounded. Working figure. */
const STANDS_AT = 0.9;

/** Weight that holds a dry pot down, over the push of a gust, both as moments about the edge of its base. Absent for what is hung or fixed. */
export const steady = check({
  name: 'Stability',
  facet: 'gate',
  weight: 3,
  at: 'plants',
  of: ({ planting: { container, spot }, plants }) => {
    if (container.mount !== 'ground' || plants.length === 0) return [];
    const { shape } = container;
    const depthMm = depthOf(shape);
    const depth = depthMm / 1000;
    const { wide, deep } = rimOf(shape);
    const foot = shapeOf(shape).extentsMm(shape, depthMm * STANDS_AT);
    const press = 0.5 * AIR * GUST[spot.wind] ** 2;
    const canopy = sum(plants.map((p) => (p.seen.aboveMm2 / 1e6) * DRAG.canopy * (depth + p.grown.heightMm / 2000)));
    const pot = (Math.max(wide, deep) / 1000) * depth * DRAG.pot * (depth / 2);
    const push = press * (canopy + pot);
    const kg = plantedMass(container, ballsL(plants), 'dry').totalKg;
    const hold = (kg * GRAVITY * Math.min(foot.wide, foot.deep)) / 2000;
    const ratio = tenth(hold / push);
    const low = ratio < ENOUGH;
    return [
      {
        severity: ratio < FALLS && (spot.wind === 'windy' || spot.walkway) ? 'wrong' : low ? 'watch' : 'good',
        measured: ratio,
        band: [ENOUGH, 20],
        unit: '× the force',
        scale: [0, 4],
        culprits: low ? plants.filter((p) => p.grown.heightMm > depthMm).map((p) => p.id) : [],
        says: low ? 'low' : 'good',
        facts: { gust: GUST[spot.wind], ratio },
        rule: 'Even when dry, its weight resists 1.3 times the force of a gust',
        source: 'moments; drag and gusts are our own estimates',
        quality: Math.min(1, 0.3 + 0.55 * ratio),
      },
    ];
  },
  words: {
    good: (f) => `Even when dry it withstands a ${f.num('gust')} m/s gust ${f.num('ratio')} times over.`,
    low: (f) =>
      `When dry, it may blow over in a ${f.num('gust')} m/s gust: it resists ${f.num('ratio')} times the force, and should resist 1.3. Weigh it down, tie it or choose a wider container.`,
  },
  figure: ({ measured, unit }) => `${measured.toFixed(1)} ${unit}`,
  ideas: ['pinch', 'swap', 'take one of many out'],
});
