import { depthOf, feetMm } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import { plantName } from '../plants/schema';
import type { Band } from '../schools/school';
import { maxBy } from '../units/number';
import { check, times } from './check';
import { bandQuality, bySeverity } from './severity';

const POT: Band = [0.3, 0.8];
const BASKET: Band = [0.75, 2];
/** A box on a sill or rail stands clear of the ground: a pot's least, a basket's most. */
const HUNG: Band = [0.3, 2];
/** What hangs less than this does not count as a trail. Working figure. */
const HANGS_FROM_MM = 30;

/** How far the longest trail hangs, over the container's height. */
export const drop = check({
  name: 'Drop',
  weight: 3,
  at: 'plants',
  of: ({ planting: { container }, plants }) => {
    const pot = depthOf(container.shape) + feetMm(container);
    const basket = shapeOf(container.shape).family === 'basket';
    const hung = basket || container.mount !== 'ground';
    const longest = maxBy(plants, (p) => p.grown.trailMm);
    if (!longest || longest.grown.trailMm < HANGS_FROM_MM) return [];
    const ratio = longest.grown.trailMm / pot;
    const band = basket ? BASKET : hung ? HUNG : POT;
    const over = ratio > 1 && !hung ? 'ground' : hung ? 'long' : 'high';
    return [
      {
        severity: bySeverity(ratio, band, [-1, 9]),
        measured: ratio,
        band,
        unit: '× container',
        scale: [0, band[1] * 1.6],
        culprits: ratio > band[1] || ratio < band[0] ? [longest.id] : [],
        says: ratio > band[1] ? over : ratio < band[0] ? 'low' : 'good',
        facts: { plant: plantName(longest.plant), trailMm: longest.grown.trailMm, potMm: pot },
        rule: hung
          ? `Hangs ${band.join('–')} × the container’s depth`
          : 'Hangs 0.3–0.8 of the pot’s height and keeps off the ground',
        source: 'practice, drop of trailers',
        quality: bandQuality(ratio, band),
      },
    ];
  },
  words: {
    good: (f) => `Longest trail hangs ${f.len('trailMm')}.`,
    low: (f) => `Longest trail, ${f.text('plant')}, hangs only ${f.len('trailMm')} down a ${f.len('potMm')} pot.`,
    high: (f) =>
      `${f.text('plant')} hangs ${f.len('trailMm')}, nearly to the ground. Trim it, or stand the pot on feet.`,
    long: (f) =>
      `${f.text('plant')} hangs ${f.len('trailMm')} under a container ${f.len('potMm')} deep. Trim it, and keep it clear of heads.`,
    ground: (f) =>
      `${f.text('plant')} reaches the ground and runs on, ${f.len('trailMm')} down a ${f.len('potMm')} pot. Trim it.`,
  },
  figure: times,
  ideas: ['swap', 'take one of many out'],
});
