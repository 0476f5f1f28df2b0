import { rimOf } from '../containers/outline';
import { plantName } from '../plants/schema';
import { oneSided } from '../spots/light';
import { maxBy } from '../units/number';
import { check, percent } from './check';
import type { StandingPlant } from './standing';

/** Nothing in front hides more than so much of the upper half of a plant of the body. Practice. */
const MOST = 0.45;

/** Whether a plant stands in another's way: before it, overlapping it, and taller. */
const before = (a: StandingPlant, b: StandingPlant): boolean =>
  a.yMm > b.yMm + 20 &&
  Math.abs(a.xMm - b.xMm) < (a.grown.spreadMm + b.grown.spreadMm) / 2.4 &&
  a.grown.heightMm > b.grown.heightMm * 1.15;

/**
 * A star in the middle stands before what is behind it, and is meant to: only one this far forward is in the
 * way, of half the depth. Working figure.
 */
const FORWARD = 0.2;

/**
 * Seen from one side: nothing tall stands before something lower that is meant to be seen. Absent where it is
 * seen all round.
 */
export const front = check({
  name: 'Front and back',
  facet: 'form',
  weight: 5,
  at: 'plants',
  of: ({ planting, moments }) => {
    const plants = moments[2].plants.filter((p) => p.grown.alive);
    if (!oneSided(planting.spot) || planting.spot.seen === 'inside' || plants.length < 3) return [];
    const half = rimOf(planting.container.shape).deep / 2;
    const hidden = plants
      .filter((p) => p.role !== 'spiller' && p.seen.crownWholeMm2 > 0)
      .map((p) => ({
        p,
        by: maxBy(
          plants.filter((q) => before(q, p) && (q.role !== 'thriller' || q.yMm > FORWARD * half)),
          (q) => q.grown.heightMm,
        ),
        share: 1 - p.seen.crownMm2 / p.seen.crownWholeMm2,
      }))
      .filter((x) => x.by && x.share > MOST);
    const worst = maxBy(hidden, (x) => x.share);
    return [
      {
        severity: worst ? 'watch' : 'good',
        measured: worst?.share ?? 0,
        band: [0, MOST],
        unit: 'hidden',
        scale: [0, 1],
        culprits: worst?.by ? [worst.by.id, worst.p.id] : [],
        says: worst ? 'hides' : 'good',
        facts: {
          plant: worst?.by ? plantName(worst.by.plant) : '',
          other: worst ? plantName(worst.p.plant) : '',
          share: worst?.share ?? 0,
        },
        rule: 'From the side it is seen, nothing in front hides more than 45% of the upper half of the plants behind',
        source: 'common practice',
        quality: worst ? 0.15 : 1,
      },
    ];
  },
  words: {
    good: () => 'The plants at the back show above those in front.',
    hides: (f) =>
      `${f.text('plant')} is in front of ${f.text('other')} and hides ${f.pct('share')} of it. Move it behind.`,
  },
  figure: percent,
  bandless: true,
  ideas: ['turn', 'forward or back', 'trade roles', 'swap'],
});
