import { clamp01, sum } from '../units/number';
import { check, percent } from './check';
import { isPlain } from './leaf-contrast';
import { seenArea } from './seen';

/** Practice, shapeless after a fortnight. */
const MOST = 0.6;
/** Under this share nobody notices. Working figure. */
const UNNOTICED = 0.3;

/** Share of the seen canopy whose leaves are all middling, green and plain: over 60 % has no shape once flowers pass. */
export const plainness = check({
  name: 'Shape',
  weight: 3,
  at: 'plants',
  of: ({ plants }) => {
    const all = sum(plants.map((p) => seenArea(p.seen)));
    if (all <= 0) return [];
    const plain = plants.filter((p) => isPlain(p.plant));
    const share = clamp01(sum(plain.map((p) => seenArea(p.seen))) / all);
    const high = share > MOST;
    return [
      {
        severity: high ? 'watch' : 'good',
        measured: share,
        band: [0, MOST],
        unit: 'of what is seen',
        scale: [0, 1],
        culprits: high ? plain.map((p) => p.id) : [],
        says: high ? 'high' : 'good',
        facts: { share },
        rule: 'No more than 60 % in medium, mid-green, plain leaves',
        source: 'practice, shapeless after a fortnight',
        quality: 1 - Math.max(0, share - UNNOTICED),
      },
    ];
  },
  words: {
    good: (f) => `${f.pct('share')} of what you see is plain green, middling leaf.`,
    high: (f) => `Shapeless: ${f.pct('share')} of what you see is plain green, middling leaf, and flowers pass.`,
  },
  figure: percent,
  ideas: ['swap', 'take one of many out'],
});
