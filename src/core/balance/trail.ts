import { clearOf, depthOf, feetMm, halfLeastMm, rimOf, rimPoints } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import { plantName } from '../plants/schema';
import { maxBy, sum } from '../units/number';
import { bandQuality, bySeverity, type Reading } from './finding';
import type { Context } from './context';
import { oneSided } from '../spots/light';
import { seenArea } from './seen';

const COVER: [number, number] = [0.35, 0.75];
const DROP: [number, number] = [0.3, 0.8];
const DROP_BASKET: [number, number] = [0.75, 2];
/** A box on a sill or rail stands clear of the ground: a pot's least, a basket's most. */
const DROP_HUNG: [number, number] = [0.3, 2];
const SIDES: [number, number] = [-0.15, 0.15];
/** Against a wall only the rim that faces the room counts: its way out leans this far toward the viewer. */
const FACING = 0.05;

/** Share of the seen rim with something over it: the whole way round, or the front against a wall. Absent where nothing is meant to trail. */
export function trail({ planting, placed, grown }: Context): Reading[] {
  if (placed.length === 0 || planting.brief.school === 'tall-only') return [];
  const { shape } = planting.container;
  const wall = oneSided(planting.spot);
  const rim = rimPoints(shape).filter((r) => !wall || r.ny > FACING);
  const inner = halfLeastMm(shape) * 0.75;
  const covered = new Uint8Array(rim.length);
  const over: string[] = [];
  placed.forEach((p, i) => {
    const g = grown[i];
    if (!g?.alive || g.trailMm < 40) return;
    over.push(p.id);
    const { mm, nx, ny } = clearOf(shape, 0, p.xMm, p.yMm);
    if (mm > inner) return;
    const [ex, ey] = [p.xMm + nx * mm, p.yMm + ny * mm];
    rim.forEach((r, b) => {
      if (Math.hypot(r.x - ex, r.y - ey) <= g.spreadMm * 0.36) covered[b] = 1;
    });
  });
  const share = sum([...covered]) / Math.max(1, rim.length);
  return [
    {
      check: 'trail',
      severity: bySeverity(share, COVER, [-1, 2]),
      measured: share,
      band: COVER,
      unit: wall ? 'of the front rim' : 'of the rim',
      scale: [0, 1],
      culprits: over,
      says: share < COVER[0] ? 'trail.low' : share > COVER[1] ? 'trail.high' : 'trail.good',
      facts: { share, wall: wall ? 1 : 0 },
      rule: '35–75 % of the rim that is seen has something over it',
      source: 'practice, trailing over the rim',
      quality: bandQuality(share, COVER),
    },
  ];
}

/** How far the longest trail hangs, over the container's height. */
export function drop({ planting, placed, grown }: Context): Reading[] {
  const pot = depthOf(planting.container.shape) + feetMm(planting.container);
  const basket = shapeOf(planting.container.shape).family === 'basket';
  const hung = basket || planting.container.mount !== 'ground';
  const longest = maxBy(
    placed.map((p, i) => ({ p, t: grown[i]?.trailMm ?? 0 })),
    (a) => a.t,
  );
  if (!longest || longest.t < 30) return [];
  const ratio = longest.t / pot;
  const band = basket ? DROP_BASKET : hung ? DROP_HUNG : DROP;
  return [
    {
      check: 'drop',
      severity: bySeverity(ratio, band, [-1, 9]),
      measured: ratio,
      band,
      unit: '× container',
      scale: [0, band[1] * 1.6],
      culprits: ratio > band[1] || ratio < band[0] ? [longest.p.id] : [],
      says:
        ratio > 1 && !hung
          ? 'drop.ground'
          : ratio > band[1]
            ? hung
              ? 'drop.long'
              : 'drop.high'
            : ratio < band[0]
              ? 'drop.low'
              : 'drop.good',
      facts: { plant: plantName(longest.p.plant), trailMm: longest.t, potMm: pot },
      rule: hung
        ? `Hangs ${band.join('–')} × the container’s depth`
        : 'Hangs 0.3–0.8 of the pot’s height and keeps off the ground',
      source: 'practice, drop of trailers',
      quality: bandQuality(ratio, band),
    },
  ];
}

/** Left–right moment of what is seen from the front, over half the width. */
export function sides({ planting, placed, seen }: Context): Reading[] {
  const front = sum(seen.map(seenArea));
  if (front <= 0 || placed.length < 3 || planting.brief.school === 'off-centre') return [];
  const half = rimOf(planting.container.shape).wide / 2;
  const lean = sum(seen.map((s) => s.momentMm3)) / (front * half);
  const heavy = lean > 0 ? 'right' : 'left';
  return [
    {
      check: 'sides',
      severity: bySeverity(lean, SIDES, [-0.6, 0.6]),
      measured: lean,
      band: SIDES,
      unit: 'of half the width',
      scale: [-0.5, 0.5],
      culprits:
        Math.abs(lean) > SIDES[1] ? placed.filter((p) => Math.sign(p.xMm) === Math.sign(lean)).map((p) => p.id) : [],
      says: Math.abs(lean) > SIDES[1] ? 'sides.off' : 'sides.good',
      facts: { side: heavy, lean: Math.abs(lean) },
      rule: 'Left and right balance within 15 %',
      source: 'practice, left–right moment of the seen mass',
      quality: Math.max(0, 1 - Math.max(0, Math.abs(lean) - 0.05) * 2.5),
    },
  ];
}
