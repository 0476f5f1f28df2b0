import { sum } from '../units/number';
import { check, percent } from './check';
import { isPlain } from './leaf-contrast';

/** So much plain, mid-green, middling leaf out of flower, averaged over the weeks, and it has no shape. Practice. */
const MOST = 0.4;
/** A plant in so much of its flower is not plain. Practice. */
const IN_FLOWER = 0.4;

/** Share of what is seen that is plain leaf out of flower. */
export const plainness = check({
  name: 'Plain foliage',
  facet: 'contrast',
  weight: 4,
  at: 'plants',
  of: ({ season, weeks, course, moments }) => {
    const { plants } = moments[2];
    if (plants.length === 0) return [];
    const plain = plants.map((p, i) => {
      if (!isPlain(p.plant)) return 0;
      const rests = season.weeks.slice(0, weeks).filter((w) => (w.plants[i]?.bloom ?? 0) < IN_FLOWER).length;
      return (course.shares[i] ?? 0) * (rests / Math.max(1, weeks));
    });
    const share = sum(plain);
    const high = share > MOST;
    return [
      {
        severity: high ? 'watch' : 'good',
        measured: share,
        band: [0, MOST],
        unit: 'of what is seen',
        scale: [0, 1],
        culprits: high ? plants.filter((_, i) => (plain[i] ?? 0) > 0).map((p) => p.id) : [],
        says: high ? 'high' : 'good',
        facts: { share },
        rule: 'At most 40% plain, mid-green, medium-sized foliage without flowers',
        source: 'common practice, shapeless when the flowers pass; measured on plantings that experts praise',
        quality: high ? Math.max(0.12, 0.45 - (share - MOST)) : 1 - 0.25 * (share / MOST),
      },
    ];
  },
  words: {
    good: (f) => `${f.pct('share')} of what you see is plain green foliage.`,
    high: (f) => `Too plain: between flushes, ${f.pct('share')} of what you see is ordinary green leaf.`,
  },
  figure: percent,
  ideas: ['swap', 'take one of many out'],
});
