import { LIBRARY } from '../../plants';
import type { Plant } from '../../plants/schema';
import { alone, fullGrown } from '../alone';
import { doseOf } from '../dose';
import { isFlower } from '../kinds';
import { leafLook } from '../leaves';
import type { Piece } from '../piece';
import type { Sprig } from '../sprig';
import { LEGS, supportOf, wigwamFor } from '../supports';
import type { Vec } from '../vector';

const plantOf = (id: string): Plant => LIBRARY.find((p) => p.id === id) as Plant;
/** A pot a foot across. */
const potted = (id: string, base: Vec = [0, 0, 0]): Sprig =>
  ({
    plant: plantOf(id),
    base,
    pot: { clear: (_: number, x: number, y: number) => ({ mm: 150 - Math.hypot(x, y), nx: 1, ny: 0 }) },
    supportMm: 1400,
    owner: 0,
  }) as unknown as Sprig;

/** How far a point is from a line between two others. */
function apart(p: Vec, a: Vec, b: Vec): number {
  const ab = b.map((x, i) => x - (a[i] ?? 0));
  const ap = p.map((x, i) => x - (a[i] ?? 0));
  const t = ab.reduce((sum, x, i) => sum + x * (ap[i] ?? 0), 0) / ab.reduce((sum, x) => sum + x * x, 0);
  return Math.hypot(...ap.map((x, i) => x - Math.max(0, Math.min(1, t)) * (ab[i] ?? 0)));
}

test('the feet of a wigwam stand inside the wall of the pot, wherever in it the plant is', () => {
  for (const base of [
    [0, 0, 0],
    [90, 0, 0],
    [0, 0, -110],
  ] as Vec[]) {
    const { leg } = wigwamFor(potted('sweet-pea', base), 1400);
    for (let i = 0; i < LEGS; i += 1) expect(Math.hypot(leg(i, 0)[0], leg(i, 0)[2])).toBeLessThan(150);
  }
});

test('its legs lean together toward the top', () => {
  const { leg } = wigwamFor(potted('sweet-pea'), 1400);
  for (let i = 0; i < LEGS; i += 1) expect(Math.hypot(leg(i, 1)[0], leg(i, 1)[2])).toBeLessThan(12);
});

test.each([
  ['cosmos-white', 1],
  ['sweet-pea', 12],
  ['bougainvillea', 12],
  ['ivy-column', 12],
  ['petunia-violet', 0],
])('%s is given %d canes and ties', (id, many) => {
  const put: Piece[] = [];
  supportOf({ ...potted(id), put: (p) => void put.push(p) });
  expect(put).toHaveLength(many);
});

test.each(['sweet-pea', 'morning-glory', 'black-eyed-susan', 'star-jasmine', 'rose-climbing-pink'])(
  '%s: half of its shoots are wound close to their canes',
  (id) => {
    const p = plantOf(id);
    const grown = fullGrown(p);
    const pieces = alone(p, grown, doseOf(p));
    const pot = { clear: (_: number, x: number, y: number) => ({ mm: 90 - Math.hypot(x, y), nx: 1, ny: 0 }) };
    const { leg } = wigwamFor({ ...potted(id), pot } as unknown as Sprig, grown.heightMm);
    const thick = pieces.filter((s) => s.kind === 'stem' && s.width > 1.9 && s.at[1] > 100);
    const near = thick.filter((s) => [0, 1, 2, 3].some((i) => apart(s.at, leg(i, 0), leg(i, 1)) < 30));
    expect(near.length / thick.length).toBeGreaterThan(0.45);
  },
);

test.each(['sweet-pea', 'mandevilla-pink', 'clematis-blue'])('%s: it flowers and is in leaf at every height', (id) => {
  const p = plantOf(id);
  const { heightMm } = fullGrown(p);
  const pieces = alone(p, fullGrown(p), doseOf(p));
  for (const up of [0.1, 0.3, 0.5, 0.7, 0.9]) {
    const here = pieces.filter((q) => Math.abs(q.at[1] / heightMm - up) < 0.12);
    expect(here.filter((q) => q.kind === leafLook(p).kind).length).toBeGreaterThan(8);
    expect(here.filter((q) => isFlower(q.kind)).length).toBeGreaterThan(0);
  }
});

test('young, it stands between its canes and has not come to them', () => {
  const p = plantOf('sweet-pea');
  const young = { ...fullGrown(p), heightMm: 180, spreadMm: 90, bloom: 0 };
  const tips = alone(p, young, 1).map((q) => Math.hypot(q.at[0], q.at[2]));
  expect(Math.max(...tips)).toBeLessThan(60);
});
