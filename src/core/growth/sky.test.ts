import fc from '../testing/fc';
import { LIBRARY } from '../plants';
import type { Planting } from '../plantings/schema';
import { spotIn } from '../testing/growers/places';
import { placed, pot, sun } from '../testing/pots';
import { lightLeft } from './light';
import { grow } from './season';
import { skyOf } from './sky';

const wall = { seen: 'wall' as const };
const NOON = [11, 12];
/** Light left to a low plant with a tall one beside it, from `dx` and `dy` away. */
function beside(spot: Planting['spot'], dx: number, dy: number): number {
  const { placed: at } = grow(
    pot({
      spot,
      placements: [placed('low', 'petunia-violet', 'filler', 0, 0), placed('tall', 'abelia', 'thriller', dx, dy, 'l1')],
    }),
  );
  const size = { alive: true, trailMm: 0 };
  const sizes = [
    { ...size, heightMm: 150, spreadMm: 250 },
    { ...size, heightMm: 600, spreadMm: 300 },
  ];
  return lightLeft(at, sizes, skyOf(spot, 5))[0] ?? 0;
}

describe('the sun goes round', () => {
  test('at noon before a wall a tall plant shades what stands behind it, and not what stands before', () =>
    expect(beside(sun(NOON, wall), 0, 170)).toBeLessThan(beside(sun(NOON, wall), 0, -170) - 0.05));
  test('in the morning its shadow lies on the other side than in the afternoon', () => {
    const [morning, afternoon] = [sun([7, 8, 9], wall), sun([15, 16, 17], wall)];
    // Seen from the front the sun rises on the right.
    expect(beside(morning, 170, 0)).toBeLessThan(beside(morning, -170, 0) - 0.03);
    expect(beside(afternoon, -170, 0)).toBeLessThan(beside(afternoon, 170, 0) - 0.03);
  });
  test('where a pot is seen from all round nobody knows the side, and it is much the same on each', () => {
    const open = sun([9, 10, 11, 12, 13], { seen: 'all-round' });
    const sides = [
      [170, 0],
      [-170, 0],
      [0, 170],
      [0, -170],
    ].map(([dx, dy]) => beside(open, dx ?? 0, dy ?? 0));
    expect(Math.max(...sides) - Math.min(...sides)).toBeLessThan(0.1);
  });
  test('in shade all light is the sky’s', () => expect(skyOf(sun([], wall), 5).shadows).toEqual([]));
  test('noted hours of the south are those of the north half a year on', () => {
    const climate = spotIn('south', 6);
    expect(skyOf({ ...climate, ...wall }, 11).shadows).toEqual(
      skyOf({ ...spotIn('temperate', 6), ...wall }, 5).shadows,
    );
  });
});

test('adding a neighbour never gives a plant more light, whoever it is and wherever it stands', () => {
  const plant = fc.constantFrom(...LIBRARY);
  const where = fc.integer({ min: -180, max: 180 });
  const size = fc.record({
    heightMm: fc.integer({ min: 20, max: 900 }),
    spreadMm: fc.integer({ min: 40, max: 600 }),
    trailMm: fc.integer({ min: 0, max: 500 }),
    alive: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(fc.tuple(plant, where, where, size), { minLength: 2, maxLength: 6 }), (all) => {
      const planting = pot({
        placements: all.map(([p, x, y], i) => placed(`p${i}`, p.id, p.roles[0] ?? 'filler', x, y)),
      });
      const { placed: at } = grow(planting);
      const sizes = all.map((a) => a[3]);
      const sky = skyOf(planting.spot, 6);
      const with_ = lightLeft(at, sizes, sky);
      const without = lightLeft(at.slice(0, -1), sizes.slice(0, -1), sky);
      without.forEach((l, i) => expect(with_[i]).toBeLessThanOrEqual(l + 1e-9));
    }),
    { numRuns: 80 },
  );
});

test('nothing gains mass in the dark', () => {
  fc.assert(
    fc.property(fc.constantFrom(...LIBRARY), (p) => {
      const dark = Array<number>(12).fill(0);
      const spot = { ...spotIn('temperate', 0), climate: { name: 'Dark', highC: dark, lowC: dark, rainMm: dark } };
      const weeks = grow(
        pot({ startDate: '2026-11-20', spot, placements: [placed('a', p.id, 'filler', 0, 0)] }),
        6,
      ).weeks;
      const [first, last] = [weeks[0]?.plants[0], weeks[5]?.plants[0]];
      if (first?.alive && last?.alive) expect(last.spreadMm).toBeLessThanOrEqual(first.spreadMm * 1.02);
    }),
    { numRuns: 60 },
  );
});
