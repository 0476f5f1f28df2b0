import { groundOf } from '../layout/neighbours';
import type { Band } from '../schools/school';
import { check, percent } from './check';
import { bySeverity } from './severity';

/** Bare soil reads as unfinished. Working figure. */
const BAND: Band = [0.8, 1];
/** Under this share it is hardly planted. Working figure. */
const BARE = 0.3;
/** Covered so far nothing more is gained. Working figure. */
const FULL = 0.9;

/** Share of the soil that leaves cover in the judged week. */
export const cover = check({
  name: 'Soil cover',
  weight: 5,
  at: 'plants',
  of: ({ planting, plants, week }) => {
    if (plants.length === 0) return [];
    const { cells } = groundOf(planting.container);
    const discs = plants
      .filter((p) => p.grown.alive)
      .map((p) => ({ x: p.xMm, y: p.yMm, r2: (p.grown.spreadMm / 2) ** 2 }));
    const covered = cells.filter((c) => discs.some((d) => (d.x - c.x) ** 2 + (d.y - c.y) ** 2 < d.r2)).length;
    const share = covered / Math.max(1, cells.length);
    return [
      {
        severity: bySeverity(share, BAND, [BARE, 2]),
        measured: share,
        band: BAND,
        unit: 'of the soil',
        scale: [0, 1],
        culprits: [],
        says: share < BAND[0] ? 'low' : 'good',
        facts: { share, week },
        rule: 'Leaves cover at least 80 % of the soil in the judged week',
        source: 'working figure: bare soil reads as unfinished',
        quality: Math.min(1, share / FULL),
      },
    ];
  },
  words: {
    good: (f) => `Leaves cover ${f.pct('share')} of the soil by week ${f.num('week')}.`,
    low: (f) => `Gappy: ${f.pct('share')} of the soil is covered by week ${f.num('week')}.`,
  },
  figure: percent,
  ideas: ['swap the body'],
});
