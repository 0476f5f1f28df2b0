import { rimOf } from '../containers/outline';
import { schoolOf } from '../schools';
import type { Band } from '../schools/school';
import { sum } from '../units/number';
import { check, percent } from './check';
import { seenArea } from './seen';
import { bySeverity } from './severity';

const BAND: Band = [-0.15, 0.15];
/** Fewer plants have no sides to weigh. */
const FEWEST = 3;

/** Left–right moment of what is seen from the front, over half the width. Absent where it is meant to lean. */
export const sides = check({
  name: 'Sides',
  weight: 4,
  at: 'plants',
  of: ({ planting, plants }) => {
    const front = sum(plants.map((p) => seenArea(p.seen)));
    if (front <= 0 || plants.length < FEWEST || !schoolOf(planting.brief).balanced) return [];
    const half = rimOf(planting.container.shape).wide / 2;
    const lean = sum(plants.map((p) => p.seen.momentMm3)) / (front * half);
    const off = Math.abs(lean) > BAND[1];
    return [
      {
        severity: bySeverity(lean, BAND, [-0.6, 0.6]),
        measured: lean,
        band: BAND,
        unit: 'of half the width',
        scale: [-0.5, 0.5],
        culprits: off ? plants.filter((p) => Math.sign(p.xMm) === Math.sign(lean)).map((p) => p.id) : [],
        says: off ? 'off' : 'good',
        facts: { side: lean > 0 ? 'right' : 'left', lean: Math.abs(lean) },
        rule: 'Left and right balance within 15 %',
        source: 'practice, left–right moment of the seen mass',
        quality: Math.max(0, 1 - Math.max(0, Math.abs(lean) - 0.05) * 2.5),
      },
    ];
  },
  words: {
    good: () => 'Left and right weigh about the same.',
    off: (f) => `Heavy on the ${f.text('side')} by ${f.pct('lean')}.`,
  },
  figure: percent,
  ideas: ['turn'],
});
