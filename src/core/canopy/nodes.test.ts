import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { median } from '../units/number';
import { alone, fullGrown } from './alone';
import { doseOf } from './dose';
import { leafLook } from './leaves';
import type { Piece } from './piece';

const plantOf = (id: string): Plant => LIBRARY.find((p) => p.id === id) as Plant;

/** The leaves of a plant as they are drawn one after the other, up each shoot. */
function leavesOf(id: string): Piece[] {
  const p = plantOf(id);
  return alone(p, fullGrown(p), doseOf(p)).filter((x) => x.kind === leafLook(p).kind);
}

/** Leaves no nearer than this to the last are on another node; further off than that, on another shoot. mm. */
const SAME_MM = 2;
const OTHER_SHOOT_MM = 130;

function internodeMm(id: string): number {
  const at = leavesOf(id).map((l) => l.at);
  const steps = at.slice(1).map((b, i) => Math.hypot(...b.map((x, k) => x - (at[i]?.[k] ?? 0))));
  return median(steps.filter((mm) => mm > SAME_MM && mm < OTHER_SHOOT_MM));
}

/** From one leaf to the next along a stem, mm, on a plant in a pot at midsummer. Ordinary figures. */
test.each([
  ['coleus-plum-lime', 20, 80],
  ['fuchsia-upright', 15, 60],
  ['lantana-sunset', 15, 60],
  ['heliotrope-violet', 15, 60],
  ['dahlia-yellow', 30, 120],
  ['pelargonium-scarlet', 12, 70],
  ['salvia-violet', 10, 50],
  ['petunia-small-violet', 8, 40],
  ['ivy-variegated', 12, 60],
  ['sweet-potato-vine-lime', 18, 80],
  ['begonia-wing-pink', 15, 70],
] as const)('%s: from leaf to leaf %i to %i mm', (id, least, most) => {
  const mm = internodeMm(id);
  expect(mm).toBeGreaterThanOrEqual(least);
  expect(mm).toBeLessThanOrEqual(most);
});

/** Leaves of what bears few enough to be counted, grown on for a season in a pot. Ordinary figures. */
test.each([
  ['hosta-white-edge', 18, 80],
  ['heuchera-silver', 20, 90],
  ['caladium-white', 8, 40],
  ['colocasia-black', 5, 25],
  ['cyclamen-autumn-pink', 12, 70],
  ['gerbera-orange', 10, 45],
  ['primrose-cream', 8, 45],
  ['bergenia-pink', 9, 45],
  ['chard-red', 8, 40],
] as const)('%s: %i to %i leaves', (id, least, most) => {
  const many = leavesOf(id).length;
  expect(many).toBeGreaterThanOrEqual(least);
  expect(many).toBeLessThanOrEqual(most);
});
