import { shapeOf } from '../containers/shapes';
import { plantName } from '../plants/schema';
import { maxBy, sum } from '../units/number';
import { bandQuality, bySeverity, type Reading } from './finding';
import type { Context } from './context';
import { seenArea } from './seen';

const COVER: [number, number] = [0.35, 0.75];
const DROP: [number, number] = [0.3, 0.8];
const SIDES: [number, number] = [-0.15, 0.15];
const BINS = 72;

/** Share of the seen rim with something over it: the whole circle, or the front half against a wall. */
export function trail({ planting, placed, grown }: Context): Reading[] {
  if (placed.length === 0) return [];
  const rim = shapeOf(planting.container.shape).widthMm(planting.container.shape) / 2;
  const bins = new Uint8Array(BINS);
  const over: string[] = [];
  placed.forEach((p, i) => {
    const g = grown[i];
    if (!g?.alive || g.trailMm < 40) return;
    over.push(p.id);
    const reach = Math.hypot(p.xMm, p.yMm);
    if (reach < rim * 0.25) return;
    const at = Math.atan2(p.yMm, p.xMm);
    const half = Math.atan2(g.spreadMm * 0.36, rim);
    for (let b = 0; b < BINS; b += 1) {
      const gap = Math.abs((((b + 0.5) / BINS) * 2 * Math.PI - at + 3 * Math.PI) % (2 * Math.PI) - Math.PI);
      if (gap <= half) bins[b] = 1;
    }
  });
  const wall = planting.spot.seen === 'wall';
  const counted = [...bins].filter((_, b) => !wall || b < BINS / 2);
  const share = sum(counted) / counted.length;
  return [
    {
      check: 'trail', severity: bySeverity(share, COVER, [-1, 2]), measured: share, band: COVER, unit: wall ? 'of the front rim' : 'of the rim', scale: [0, 1],
      culprits: over, says: share < COVER[0] ? 'trail.low' : share > COVER[1] ? 'trail.high' : 'trail.good', facts: { share, wall: wall ? 1 : 0 },
      rule: '35–75 % of the rim that is seen has something over it', source: 'practice, trailing over the rim', quality: bandQuality(share, COVER),
    },
  ];
}

/** How far the longest trail hangs, over the container's height. */
export function drop({ planting, placed, grown }: Context): Reading[] {
  const pot = shapeOf(planting.container.shape).depthMm(planting.container.shape);
  const longest = maxBy(placed.map((p, i) => ({ p, t: grown[i]?.trailMm ?? 0 })), (a) => a.t);
  if (!longest || longest.t < 30) return [];
  const ratio = longest.t / pot;
  return [
    {
      check: 'drop', severity: bySeverity(ratio, DROP, [-1, 9]), measured: ratio, band: DROP, unit: '× container', scale: [0, 1.6],
      culprits: ratio > DROP[1] || ratio < DROP[0] ? [longest.p.id] : [], says: ratio > 1 ? 'drop.ground' : ratio > DROP[1] ? 'drop.high' : ratio < DROP[0] ? 'drop.low' : 'drop.good',
      facts: { plant: plantName(longest.p.plant), trailMm: longest.t, potMm: pot }, rule: 'Hangs 0.3–0.8 of the pot’s height and keeps off the ground', source: 'practice, drop of trailers',
      quality: bandQuality(ratio, DROP),
    },
  ];
}

/** Left–right moment of what is seen from the front, over half the width. */
export function sides({ planting, placed, seen }: Context): Reading[] {
  const front = sum(seen.map(seenArea));
  if (front <= 0 || placed.length < 3) return [];
  const half = shapeOf(planting.container.shape).widthMm(planting.container.shape) / 2;
  const lean = sum(seen.map((s) => s.momentMm3)) / (front * half);
  const heavy = lean > 0 ? 'right' : 'left';
  return [
    {
      check: 'sides', severity: bySeverity(lean, SIDES, [-0.6, 0.6]), measured: lean, band: SIDES, unit: 'of half the width', scale: [-0.5, 0.5],
      culprits: Math.abs(lean) > SIDES[1] ? placed.filter((p) => Math.sign(p.xMm) === Math.sign(lean)).map((p) => p.id) : [],
      says: Math.abs(lean) > SIDES[1] ? 'sides.off' : 'sides.good', facts: { side: heavy, lean: Math.abs(lean) }, rule: 'Left and right balance within 15 %', source: 'practice, left–right moment of the seen mass',
      quality: Math.max(0, 1 - Math.max(0, Math.abs(lean) - 0.05) * 2.5),
    },
  ];
}
