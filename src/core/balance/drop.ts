import { depthOf, feetMm } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import { plantName } from '../plants/schema';
import type { Band } from '../schools/school';
import { maxBy } from '../units/number';
import { check, times } from './check';

/** How far the longest trail hangs by the end, over the container's height. Practice. */
const POT: Band = [0.25, 1.2];
const BASKET: Band = [0.75, 2.7];
const HUNG: Band = [0.3, 2.7];
/** What hangs less than this does not count as a trail. Working figure. */
const HANGS_FROM_MM = 80;
/** Over a path the lowest leaf stays so high, mm. Practice: 1.8 m in a garden, 2.1 m in a street. */
const HEAD_MM = 1800;

/** How far the longest trail hangs, and whether heads meet it. */
export const drop = check({
  name: 'Trail length',
  facet: 'fullness',
  weight: 3,
  at: 'plants',
  of: ({ planting: { container, spot }, moments }) => {
    const { plants } = moments[2];
    const pot = depthOf(container.shape) + feetMm(container);
    const basket = shapeOf(container.shape).family === 'basket';
    const hung = basket || container.mount !== 'ground';
    const longest = maxBy(
      plants.filter((p) => p.grown.alive),
      (p) => p.grown.trailMm,
    );
    if (!longest || longest.grown.trailMm < HANGS_FROM_MM) return [];
    const ratio = longest.grown.trailMm / pot;
    const band = basket ? BASKET : hung ? HUNG : POT;
    const lowest = (container.rimHeightMm ?? Infinity) - longest.grown.trailMm;
    const heads = basket && spot.walkway && lowest < HEAD_MM;
    const ground = !hung && ratio > 1;
    const long = hung && ratio > band[1];
    return [
      {
        severity: heads || long ? 'watch' : 'good',
        measured: ratio,
        band,
        unit: '× container',
        scale: [0, band[1] * 1.6],
        culprits: heads || long ? [longest.id] : [],
        says: heads ? 'heads' : long ? 'long' : ground ? 'ground' : ratio < band[0] ? 'low' : 'good',
        facts: {
          plant: plantName(longest.plant),
          trailMm: longest.grown.trailMm,
          potMm: pot,
          overMm: Math.max(0, HEAD_MM - lowest),
        },
        rule: hung
          ? 'Trails stay above head height and suit the depth of the container'
          : 'Trails stop above the ground',
        source: 'common practice, drop of trailers',
        quality: heads ? 0.2 : long ? 0.45 : ratio < band[0] ? 0.8 : ground ? 0.92 : 1,
      },
    ];
  },
  words: {
    good: (f) => `The longest trail is ${f.len('trailMm')}.`,
    low: (f) =>
      `The longest trail, ${f.text('plant')}, reaches only ${f.len('trailMm')} down a container ${f.len('potMm')} deep.`,
    heads: (f) =>
      `${f.text('plant')} trails ${f.len('overMm')} too low over a path, at face height. Hang the container higher or choose a shorter plant.`,
    long: (f) => `${f.text('plant')} trails ${f.len('trailMm')} below a container ${f.len('potMm')} deep. Trim it.`,
    ground: (f) =>
      `${f.text('plant')} reaches the ground by the end of the season, a ${f.len('trailMm')} trail. Trim it then.`,
  },
  figure: times,
  ideas: ['cut back', 'swap', 'take one of many out'],
});
