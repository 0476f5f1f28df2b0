import { deltaE, hueGap, lch, type Lch } from '../colour/oklch';
import { plantName } from '../plants/schema';
import { schoolOf } from '../schools';
import { mean, sum } from '../units/number';
import { check, percent } from './check';
import { colouredLeaf } from './course';

/**
 * Flowers this near the mean of all, ΔE_OK and degrees of hue, are one colour; so much of them and it is
 * monotonous. Practice.
 */
const NEAR = 0.12;
const SAME_HUE = 30;
const MOST = 0.8;
/** Under so much coloured leaf the flowers are all there is. Practice. */
const LEAF = 0.1;
const FEWEST_KINDS = 3;
/** From here on it has settled. */
const SETTLED_WEEK = 5;

/** Mean of some colours in OKLab, by area. */
function meanOf(list: readonly { colour: Lch; area: number }[]): Lch {
  const all = sum(list.map((x) => x.area)) || 1;
  const rad = Math.PI / 180;
  const at = (f: (c: Lch) => number) => sum(list.map((x) => f(x.colour) * x.area)) / all;
  const [l, a, b] = [at((c) => c.l), at((c) => c.c * Math.cos(c.h * rad)), at((c) => c.c * Math.sin(c.h * rad))];
  return { l, c: Math.hypot(a, b), h: (Math.atan2(b, a) / rad + 360) % 360 };
}

/**
 * Several kinds bought and one seen: one colour, no pale and no dark. Not asked of pastel, of white, nor of
 * one kind massed.
 */
export const monotony = check({
  name: 'Light and dark',
  facet: 'contrast',
  weight: 3,
  at: 'plants',
  of: ({ planting, season, weeks, course, moments }) => {
    const { scheme } = planting.brief;
    const { plants } = moments[2];
    const kinds = new Set(plants.map((p) => p.plant.id)).size;
    if (scheme === 'pastel' || scheme === 'all-white' || scheme === 'all-leaf' || schoolOf(planting.brief).asks?.kin)
      return [];
    if (kinds < FEWEST_KINDS) return [];
    // What opens in August counts for the weeks it has: a canna is not missing because July has none.
    const seen = season.weeks.slice(Math.min(SETTLED_WEEK, weeks - 1), weeks);
    const flowers = plants.flatMap((p, i) =>
      p.plant.colours
        .filter((c) => c.part === 'flower' || c.part === 'throat')
        .map((c) => ({
          id: p.id,
          colour: lch(c.hex),
          area:
            (course.shares[i] ?? 0) * mean(seen.map((w) => w.plants[i]?.bloom ?? 0)) * p.plant.flower.show * c.share,
        })),
    );
    const all = sum(flowers.map((f) => f.area));
    if (all < 0.05) return [];
    const middle = meanOf(flowers);
    const near = sum(
      flowers
        .filter((f) => deltaE(f.colour, middle) < NEAR && (middle.c < 0.05 || hueGap(f.colour.h, middle.h) < SAME_HUE))
        .map((f) => f.area),
    );
    const share = near / all;
    const leaf = sum(plants.map((p, i) => (course.shares[i] ?? 0) * colouredLeaf(p.plant)));
    const same = share > MOST && leaf < LEAF;
    const first = plants[0];
    return [
      {
        severity: same ? 'watch' : 'good',
        measured: share,
        band: [0, MOST],
        unit: 'in one colour',
        scale: [0, 1],
        culprits: same ? plants.map((p) => p.id) : [],
        says: same ? 'same' : 'good',
        facts: { share, plant: first ? plantName(first.plant) : '' },
        rule: 'At most 80% of the flowers in one shade, unless some foliage is coloured',
        source: 'common practice; measured on plantings that experts praise',
        quality: same ? 0.12 : 1 - 0.1 * share,
      },
    ];
  },
  words: {
    good: () => 'A good range of pale and dark.',
    same: (f) =>
      `Flat: ${f.pct('share')} of the flowers are one shade, so several plants look like one. Add a paler or darker one.`,
  },
  figure: percent,
  ideas: ['swap', 'take one of many out'],
});
