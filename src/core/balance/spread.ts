import { rimOf } from '../containers/outline';
import { plantName } from '../plants/schema';
import type { Band } from '../schools/school';
import { maxBy } from '../units/number';
import { check, times } from './check';

/**
 * The widest plant over the rim: a star wider than this eats the rest. Practice; measured on plantings that
 * experts praise.
 */
const BAND: Band = [0, 1.35];
/** A mixed pot has more than one plant. */
const MIXED = 2;

/** The widest plant that stands, over the rim's width. */
export const spread = check({
  name: 'Spread',
  facet: 'form',
  weight: 3,
  at: 'plants',
  of: ({ planting, moments }) => {
    const plants = moments[2].plants.filter((p) => p.grown.alive && p.role !== 'spiller');
    if (moments[2].plants.length < MIXED) return [];
    const widest = maxBy(plants, (p) => p.grown.spreadMm);
    if (!widest) return [];
    const { wide, deep } = rimOf(planting.container.shape);
    const rim = Math.sqrt(wide * deep);
    const ratio = widest.grown.spreadMm / rim;
    const high = ratio > BAND[1];
    return [
      {
        severity: high ? 'watch' : 'good',
        measured: ratio,
        band: BAND,
        unit: '× rim',
        scale: [0, 3],
        culprits: high ? [widest.id] : [],
        says: high ? 'high' : 'good',
        facts: { widthMm: widest.grown.spreadMm, rimMm: rim, plant: plantName(widest.plant) },
        rule: 'No plant much wider than the rim',
        source: 'common practice; measured on plantings that experts praise',
        quality: high ? Math.max(0.2, 0.7 - (ratio - BAND[1])) : 1,
      },
    ];
  },
  words: {
    good: (f) => `${f.text('plant')} is the widest, ${f.len('widthMm')} on a ${f.len('rimMm')} rim.`,
    high: (f) => `${f.text('plant')} grows ${f.len('widthMm')} wide on a ${f.len('rimMm')} rim and swamps the rest.`,
  },
  figure: times,
  bandless: true,
  ideas: ['pinch', 'cut back', 'swap', 'take one of many out'],
});
