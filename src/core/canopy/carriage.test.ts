import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { median } from '../units/number';
import { alone, fullGrown } from './alone';
import { crownOf } from './carriage';
import { doseOf } from './dose';
import { isFlower } from './kinds';
import { leafLook } from './leaves';
import type { Piece } from './piece';

const plantOf = (id: string): Plant => LIBRARY.find((p) => p.id === id) as Plant;
const drawn = (id: string): Piece[] => alone(plantOf(id), fullGrown(plantOf(id)), doseOf(plantOf(id)));
const outOf = (p: Piece): number => Math.hypot(p.at[0], p.at[2]);

/** Leaves, and the places where the stalk of each may end. */
function parts(id: string) {
  const pieces = drawn(id);
  return {
    leaves: pieces.filter((p) => p.kind === leafLook(plantOf(id)).kind),
    stalks: pieces.filter((p) => p.kind === 'stem').map((p) => p.at.map((x, i) => x + (p.along[i] ?? 0))),
    flowers: pieces.filter((p) => isFlower(p.kind)),
  };
}
const joined = (p: Piece, ends: readonly number[][], near: number): boolean =>
  ends.some((e) => Math.hypot(...e.map((x, i) => x - (p.at[i] ?? 0))) < near);

test.each(['hosta-blue', 'heuchera-silver', 'caladium-red', 'cyclamen-autumn-pink', 'bergenia-pink'])(
  '%s: every leaf stands at the end of a stalk',
  (id) => {
    const { leaves, stalks } = parts(id);
    expect(leaves.length).toBeGreaterThan(8);
    expect(leaves.filter((l) => !joined(l, stalks, 1))).toEqual([]);
  },
);

test.each(['primrose-cream', 'gazania-orange'])('%s: its leaves lie in a rose, all from the soil', (id) => {
  const { leaves } = parts(id);
  const p = fullGrown(plantOf(id));
  for (const l of leaves) {
    expect(l.at[1]).toBeLessThan(p.heightMm * 0.05);
    expect(outOf(l)).toBeLessThan(p.spreadMm * 0.15);
  }
});

test.each(['primrose-cream', 'gazania-orange', 'gerbera-orange', 'cyclamen-autumn-pink'])(
  '%s: each flower is on a stalk, over the middle of the leaves',
  (id) => {
    const { leaves, stalks, flowers } = parts(id);
    expect(flowers.length).toBeGreaterThan(1);
    expect(flowers.filter((f) => !joined(f, stalks, 1))).toEqual([]);
    expect(median(flowers.map((f) => f.at[1]))).toBeGreaterThan(median(leaves.map((l) => l.at[1])));
  },
);

test('a genus that is told to bear its leaves on stems does not stand in a crown, nor does what trails', () => {
  for (const id of ['pelargonium-scarlet', 'kalanchoe-orange', 'nasturtium-trailing', 'petunia-violet'])
    expect([id, crownOf(plantOf(id))]).toEqual([id, null]);
});

test('a clipped ball is as round below as above, and its twigs lie against it', () => {
  const { leaves } = parts('box-ball');
  const { heightMm } = fullGrown(plantOf('box-ball'));
  const low = leaves.filter((l) => l.at[1] < heightMm / 2).length;
  expect(low / leaves.length).toBeGreaterThan(0.4);
  expect(low / leaves.length).toBeLessThan(0.6);
});

test('fronds rise, and the outer ones come down again below where they are highest', () => {
  const fronds = drawn('fern-sword').filter((p) => p.kind === 'frond');
  const tipFalls = fronds.filter((p) => p.droop > p.length * 0.5).length;
  expect(tipFalls / fronds.length).toBeGreaterThan(0.5);
  expect(median(fronds.map((p) => p.along[1]))).toBeGreaterThan(0);
});

test('gaura bears its leaves below and its flowers along the whips over them', () => {
  const { leaves, flowers } = parts('gaura-white');
  expect(median(flowers.map((f) => f.at[1]))).toBeGreaterThan(2 * median(leaves.map((l) => l.at[1])));
});

const distance = (a: readonly number[], b: readonly number[]): number =>
  Math.hypot(...a.map((x, i) => x - (b[i] ?? 0)));

test.each(['fuchsia-upright', 'fuchsia-hardy', 'abutilon-yellow'])('%s: its flowers hang by a leaf', (id) => {
  const { leaves, flowers } = parts(id);
  const open = flowers.filter((f) => f.kind !== 'bud');
  expect(open.length).toBeGreaterThan(5);
  expect(open.every((f) => f.along[1] < 0)).toBe(true);
  const away = open.map((f) => Math.min(...leaves.map((l) => distance(l.at, f.at))));
  expect(median(away)).toBeLessThan(45);
});

test.each(['nemesia-blue', 'diascia-coral'])('%s: its flowers stand up stalks, with buds over them', (id) => {
  const { leaves, flowers } = parts(id);
  const buds = flowers.filter((f) => f.kind === 'bud');
  const open = flowers.filter((f) => f.kind === 'mask');
  expect(buds.length).toBeGreaterThan(open.length / 4);
  // Buds at the very tip; what has opened lower on the same stalk.
  const tips = buds.filter((b) => open.some((o) => distance(o.at, b.at) < 40 && o.at[1] < b.at[1]));
  expect(tips.length / buds.length).toBeGreaterThan(0.7);
  expect(Math.max(...buds.map((b) => b.at[1]))).toBeGreaterThan(Math.max(...leaves.map((l) => l.at[1])));
});

test.each(['petunia-small-violet', 'lobelia-blue', 'dichondra-silver'])('%s: no trail hangs alone', (id) => {
  const low = drawn(id)
    .filter((p) => p.kind === 'stem')
    .map((p) => p.at[1]);
  const { trailMm } = fullGrown(plantOf(id));
  expect(low.filter((y) => y < -trailMm * 0.7).length).toBeGreaterThan(3);
});

test('leaves show their second colour along the edge, the veins, both where the two are alike, or each in its own', () => {
  const says = (id: string) => new Set(parts(id).leaves.map((l) => l.seconds));
  expect(says('caladium-white')).toEqual(new Set(['both']));
  expect(says('coleus-plum-lime')).toEqual(new Set(['each']));
  expect(says('coleus-red-gold')).toEqual(new Set(['edge']));
  expect(says('dahlia-yellow')).toEqual(new Set(['veins']));
});
