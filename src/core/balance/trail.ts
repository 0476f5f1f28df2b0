import { clearOf, halfLeastMm, rimPoints } from '../containers/outline';
import { schoolOf } from '../schools';
import type { Band } from '../schools/school';
import { oneSided } from '../spots/light';
import { sum } from '../units/number';
import { check, percent } from './check';
import { bandQuality, bySeverity } from './severity';

const BAND: Band = [0.35, 0.75];
/** Against a wall only the rim that faces the room counts: its way out leans this far toward the viewer. */
const FACING = 0.05;
/** What hangs less than this is not over the rim. Working figure. */
const HANGS_FROM_MM = 40;
/** A plant further than this share of the half-width from every wall hangs over none. Working figure. */
const NEAR_RIM = 0.75;
/** A trailer covers the rim this far to each side, as a share of its spread. Working figure. */
const REACH = 0.36;

/** Share of the seen rim with something over it: the whole way round, or the front against a wall. Absent where nothing is meant to trail. */
export const trail = check({
  name: 'Trail',
  weight: 8,
  at: 'plants',
  ends: ['bare', 'swamped'],
  of: ({ planting, plants }) => {
    if (plants.length === 0 || !schoolOf(planting.brief).hangs) return [];
    const { shape } = planting.container;
    const wall = oneSided(planting.spot);
    const rim = rimPoints(shape).filter((r) => !wall || r.ny > FACING);
    const inner = halfLeastMm(shape) * NEAR_RIM;
    const covered = new Uint8Array(rim.length);
    const hanging = plants.filter(({ grown }) => grown.alive && grown.trailMm >= HANGS_FROM_MM);
    for (const p of hanging) {
      const { mm, nx, ny } = clearOf(shape, 0, p.xMm, p.yMm);
      if (mm > inner) continue;
      const [ex, ey] = [p.xMm + nx * mm, p.yMm + ny * mm];
      rim.forEach((r, b) => {
        if (Math.hypot(r.x - ex, r.y - ey) <= p.grown.spreadMm * REACH) covered[b] = 1;
      });
    }
    const share = sum([...covered]) / Math.max(1, rim.length);
    return [
      {
        severity: bySeverity(share, BAND, [-1, 2]),
        measured: share,
        band: BAND,
        unit: wall ? 'of the front rim' : 'of the rim',
        scale: [0, 1],
        culprits: hanging.map((p) => p.id),
        says: share < BAND[0] ? 'low' : share > BAND[1] ? 'high' : 'good',
        facts: { share, wall: wall ? 1 : 0 },
        rule: '35–75 % of the rim that is seen has something over it',
        source: 'practice, trailing over the rim',
        quality: bandQuality(share, BAND),
      },
    ];
  },
  words: {
    good: (f) => `Something falls over ${f.pct('share')} of the ${f.num('wall') ? 'front rim' : 'rim'}.`,
    low: (f) => `Bare rim: only ${f.pct('share')} has something over it.`,
    high: (f) => `The pot is hidden: ${f.pct('share')} of the rim is covered.`,
  },
  figure: percent,
  ideas: ['trade roles', 'take one out', 'swap'],
});
