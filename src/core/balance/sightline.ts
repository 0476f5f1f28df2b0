import type { Band } from '../schools/school';
import { leastUsefulMm } from '../spots/sightline';
import { check, percent } from './check';

/** From inside only what stands above the sill counts. */
const BAND: Band = [0.6, 1];

/** Share of the plants that show over the sill to the viewer who sees fewest. Absent when not looked at from inside. */
export const sightline = check({
  name: 'From inside',
  facet: 'gate',
  weight: 8,
  at: 'plants',
  of: ({ planting, plants }) => {
    const { seen, sight } = planting.spot;
    if (seen !== 'inside' || !sight || plants.length === 0) return [];
    const worst = sight.viewers
      .map((v) => ({
        name: v.name,
        hidden: plants.filter((p) => p.grown.heightMm < leastUsefulMm(sight, v.eyeMm, p.yMm)),
        least: leastUsefulMm(sight, v.eyeMm),
      }))
      .reduce((a, b) => (b.hidden.length > a.hidden.length ? b : a));
    const share = 1 - worst.hidden.length / plants.length;
    return [
      {
        severity: share === 0 ? 'wrong' : share < BAND[0] ? 'watch' : 'good',
        measured: share,
        band: BAND,
        unit: 'of the plants show',
        scale: [0, 1],
        culprits: worst.hidden.map((p) => p.id),
        says: share < BAND[0] ? 'low' : 'good',
        facts: { share, who: worst.name, leastMm: worst.least },
        rule: 'A plant shows if its top stands above the line from the eye over the sill',
        source: 'geometry; common practice, seen from inside',
        quality: Math.min(1, 0.2 + share * 0.9),
      },
    ];
  },
  words: {
    good: (f) => `${f.pct('share')} of the plants show over the sill to the ${f.text('who')} viewer.`,
    low: (f) =>
      `From inside, the ${f.text('who')} viewer sees only ${f.pct('share')} of the plants. The sill hides anything under ${f.len('leastMm')}.`,
  },
  figure: percent,
  ideas: ['pinch', 'cut back', 'swap', 'take one of many out'],
});
