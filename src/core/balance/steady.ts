import { depthOf } from '../containers/outline';
import { ballsL } from '../plantings/resolve';
import { tenth } from '../units/number';
import { check } from './check';
import { GUST, holdsAgainst } from './push';

/** Holds this many times the push before nothing is said. Working figure. */
const ENOUGH = 1.3;
/** Under this, in a windy place or over people, it will fall. Practice. */
const FALLS = 0.8;

/**
 * Weight that holds a dry pot down, over the push of a gust, both as moments about the edge of its base.
 * Absent for what is hung or fixed.
 */
export const steady = check({
  name: 'Stability',
  facet: 'gate',
  weight: 3,
  at: 'plants',
  of: ({ planting: { container, spot }, plants }) => {
    if (container.mount !== 'ground' || plants.length === 0) return [];
    const sails = plants.map((p) => ({ mm2: p.seen.aboveMm2, heightMm: p.grown.heightMm }));
    const ratio = tenth(holdsAgainst(container, ballsL(plants), sails, GUST[spot.wind]));
    const low = ratio < ENOUGH;
    return [
      {
        severity: ratio < FALLS && (spot.wind === 'windy' || spot.walkway) ? 'wrong' : low ? 'watch' : 'good',
        measured: ratio,
        band: [ENOUGH, 20],
        unit: '× the force',
        scale: [0, 4],
        culprits: low ? plants.filter((p) => p.grown.heightMm > depthOf(container.shape)).map((p) => p.id) : [],
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
