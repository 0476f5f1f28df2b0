import { groundOf, sharedEdges } from '../layout/neighbours';
import { plantName } from '../plants/schema';
import type { Placed } from '../plantings/resolve';
import { schoolOf } from '../schools';
import type { Band } from '../schools/school';
import { check, count } from './check';
import { contrastsOf, differ } from './leaf-contrast';

/**
 * Of leaf size, leaf form, surface, flower form, flower size, light and dark: three differ over the whole.
 * One is dull, all six everywhere are busy. Practice.
 */
const BAND: Band = [3, 6];
/** Of so few kinds two contrasts are enough: a leaf and a flower, or a cushion and a curtain. Practice. */
const FEW_KINDS = 3;
const FEW_BAND: Band = [2, 6];
/** What so many strong contrasts are worth: two fewer than all of them is best. Working figures. */
const WORTH: readonly number[] = [0.1, 0.25, 0.7, 0.84, 0.93, 1, 0.95];
/** So much of the borders may be between plants that differ in nothing. Working figure. */
const ALIKE_MOST = 0.5;

/** How many things differ strongly over the whole, and whether neighbours share one of them. */
export const texture = check({
  name: 'Texture',
  facet: 'contrast',
  weight: 6,
  at: 'plants',
  ends: ['too alike', 'full of contrast'],
  of: ({ planting, placed: plants }) => {
    const kinds = [...new Map(plants.map((p) => [p.plant.id, p.plant])).values()];
    if (kinds.length < 2 || schoolOf(planting.brief).asks?.contrast === false) return [];
    const strong = contrastsOf(kinds);
    let alike = 0;
    let pair: Placed[] = [];
    for (const { i, j, share } of sharedEdges(plants, groundOf(planting.container))) {
      const [a, b] = [plants[i], plants[j]];
      if (!a || !b || a.plant.id === b.plant.id || differ(a.plant, b.plant).size > 0) continue;
      alike += share;
      pair = [a, b];
    }
    const band = kinds.length <= FEW_KINDS ? FEW_BAND : BAND;
    const dull = strong.size < band[0];
    const flat = alike > ALIKE_MOST;
    const [one, other] = pair.length ? pair.map((p) => plantName(p.plant)) : kinds.map(plantName);
    return [
      {
        severity: dull || flat ? 'watch' : 'good',
        measured: strong.size,
        band,
        unit: 'contrasts',
        scale: [0, 6],
        culprits: dull || flat ? (pair.length ? pair : plants).map((p) => p.id) : [],
        says: dull || flat ? 'low' : 'good',
        facts: { strong: [...strong].join(', '), kinds: kinds.length, plant: one ?? '', other: other ?? '' },
        rule: 'At least three of six differ strongly, two among three kinds: leaf size, form, surface; flower form, size; light and dark',
        source: 'common practice, look at the leaf before the flower',
        quality: dull ? (WORTH[strong.size] ?? 0.4) : flat ? 0.4 : (WORTH[strong.size] ?? 1) - alike * 0.2,
      },
    ];
  },
  words: {
    good: (f) => `Good contrast in ${f.text('strong')}.`,
    low: (f) => `Too alike: ${f.text('plant')} and ${f.text('other')} have much the same leaf and flower.`,
  },
  figure: count,
  bandless: true,
  ideas: ['swap', 'take one of many out'],
});
