import { rimOf } from '../containers/outline';
import { schoolOf } from '../schools';
import type { Band } from '../schools/school';
import { check, percent } from './check';
import type { StandingPlant } from './standing';

/**
 * The outline's mean height left and right lies within a quarter; off-centre on purpose a fifth to three
 * fifths apart. Practice.
 */
const BAND: Band = [-0.25, 0.25];
/** Fewer plants have no sides to weigh. */
const FEWEST = 3;
/** Columns of the outline on each side. */
const COLUMNS = 12;

/** Mean height of the outline over one side of the middle, mm. */
function skylineMm(plants: readonly StandingPlant[], halfMm: number, side: 1 | -1): number {
  let all = 0;
  for (let k = 0; k < COLUMNS; k += 1) {
    const x = (side * (k + 0.5) * halfMm) / COLUMNS;
    let top = 0;
    for (const p of plants) {
      const off = (p.xMm - x) / (p.grown.spreadMm / 2 || 1);
      if (Math.abs(off) < 1) top = Math.max(top, p.grown.heightMm * Math.sqrt(1 - off * off));
    }
    all += top;
  }
  return all / COLUMNS;
}

/** Left and right by skyline, not by mass. Absent where it is meant to lean. */
export const sides = check({
  name: 'Balance',
  facet: 'form',
  weight: 4,
  at: 'plants',
  of: ({ planting, moments }) => {
    const plants = moments[2].plants.filter((p) => p.grown.alive);
    if (plants.length < FEWEST || !schoolOf(planting.brief).balanced) return [];
    const half = rimOf(planting.container.shape).wide / 2;
    const [left, right] = [skylineMm(plants, half, -1), skylineMm(plants, half, 1)];
    const lean = (right - left) / Math.max(1, left, right);
    const off = Math.abs(lean) > BAND[1];
    return [
      {
        severity: off ? 'watch' : 'good',
        measured: lean,
        band: BAND,
        unit: 'of the height',
        scale: [-0.6, 0.6],
        culprits: off ? plants.filter((p) => Math.sign(p.xMm) === Math.sign(lean)).map((p) => p.id) : [],
        says: off ? 'off' : 'good',
        facts: { side: lean > 0 ? 'right' : 'left', lean: Math.abs(lean) },
        rule: 'Left and right are the same height, to within a quarter',
        source: 'common practice, balance by skyline; measured on plantings that experts praise',
        quality: off ? 0.2 : 1 - 0.2 * (Math.abs(lean) / BAND[1]),
      },
    ];
  },
  words: {
    good: () => 'Left and right are about the same height.',
    off: (f) => `Lopsided: the ${f.text('side')} is ${f.pct('lean')} taller.`,
  },
  figure: percent,
  ideas: ['turn', 'rearrange', 'one more', 'take one of many out', 'swap'],
});
