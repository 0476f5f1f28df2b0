import { rimOf } from '../containers/outline';
import { plantName } from '../plants/schema';
import type { Band } from '../schools/school';
import { maxBy } from '../units/number';
import { check, times } from './check';
import { bandQuality, bySeverity } from './severity';

const BAND: Band = [1, 2];

/** Width of the whole planting over the rim. */
export const spread = check({
  name: 'Spread',
  weight: 3,
  at: 'plants',
  of: ({ planting, plants }) => {
    if (plants.length === 0) return [];
    const rim = rimOf(planting.container.shape).wide;
    const edges = plants.map((p) => ({
      p,
      left: p.xMm - p.grown.spreadMm / 2,
      right: p.xMm + p.grown.spreadMm / 2,
    }));
    const width = Math.max(...edges.map((e) => e.right)) - Math.min(...edges.map((e) => e.left));
    const ratio = width / rim;
    const widest = maxBy(edges, (e) => Math.max(Math.abs(e.left), Math.abs(e.right)))?.p;
    return [
      {
        severity: bySeverity(ratio, BAND, [0.4, 3]),
        measured: ratio,
        band: BAND,
        unit: '× rim',
        scale: [0, 3],
        culprits: ratio > BAND[1] && widest ? [widest.id] : [],
        says: ratio > BAND[1] ? 'high' : ratio < BAND[0] ? 'low' : 'good',
        facts: { widthMm: width, rimMm: rim, plant: widest ? plantName(widest.plant) : '' },
        rule: 'Whole planting 1–2 × the rim’s width',
        source: 'practice, spread against the rim',
        quality: bandQuality(ratio, BAND),
      },
    ];
  },
  words: {
    good: (f) => `${f.len('widthMm')} across a ${f.len('rimMm')} rim.`,
    high: (f) =>
      `Too wide: ${f.len('widthMm')} across a ${f.len('rimMm')} rim, and ${f.text('plant')} reaches furthest.`,
    low: (f) => `Narrow: ${f.len('widthMm')} across a ${f.len('rimMm')} rim.`,
  },
  figure: times,
  ideas: ['swap', 'take one of many out'],
});
