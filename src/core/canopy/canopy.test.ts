import { some } from '../testing/some';
import { clearOf } from '../containers/outline';
import type { Shape } from '../containers/schema';
import { grow } from '../growth/season';
import { LIBRARY } from '../plants';
import { placed, pot, warmPot } from '../testing/pots';
import { KINDS } from './kinds';
import { sprout } from './sprout';

const canopyOf = (p = warmPot(), week?: number) => {
  const s = grow(p);
  return { canopy: sprout(p, s, week ?? s.peak), sizes: s.weeks[week ?? s.peak]?.plants ?? [] };
};

test('the same planting and week give the same leaves', () => expect(canopyOf().canopy).toEqual(canopyOf().canopy));

test('every leaf, stem and flower belongs to the plant it grows from', () => {
  const p = pot({
    placements: [
      placed('a', 'petunia-white', 'filler', -120, 0),
      placed('b', 'sweet-potato-vine-lime', 'spiller', 110, 60),
    ],
  });
  const { batches } = canopyOf(p).canopy;
  const owners = (kind: string) => new Set(batches.find((b) => b.kind === kind)?.owner);
  expect(owners('ovate')).toEqual(new Set([0]));
  expect(owners('heart')).toEqual(new Set([1]));
  expect(new Set(batches.flatMap((b) => [...b.owner]))).toEqual(new Set([0, 1]));
});

test('arrays agree in length and hold only numbers', () => {
  for (const b of some(canopyOf().canopy.batches)) {
    expect(KINDS).toContain(b.kind);
    expect([b.matrices.length, b.colourA.length, b.colourB.length, b.veined.length, b.owner.length]).toEqual([
      b.count * 16,
      b.count * 3,
      b.count * 3,
      b.count,
      b.count,
    ]);
    for (const list of [b.matrices, b.colourA, b.colourB]) expect(list.every(Number.isFinite)).toBe(true);
    expect(b.colourA.every((c) => c >= 0 && c <= 1.6)).toBe(true);
  }
});

test('the tallest leaf stands about as high as the plant is said to be', () => {
  const { canopy, sizes } = canopyOf();
  const tallest = Math.max(...sizes.map((s) => s.heightMm));
  expect(canopy.top).toBeGreaterThan(tallest * 0.8);
  expect(canopy.top).toBeLessThan(tallest * 1.25);
});

test('trailers hang about as far as they are said to, and never below the ground', () => {
  const vine = pot({ placements: [placed('v', 'sweet-potato-vine-lime', 'spiller', 0, 130)] });
  const week5 = canopyOf(vine, 5);
  const trail = week5.sizes[0]?.trailMm ?? 0;
  expect(-week5.canopy.bottom).toBeGreaterThan(Math.min(trail, 360) * 0.6);
  for (const week of [0, 5, 12, 20]) expect(-canopyOf(vine, week).canopy.bottom).toBeLessThan(360 + 110);
});

test.each(['dichondra-silver', 'ivy-green', 'lobelia-blue'])(
  'a trail of %s hangs clear of the wall by a finger, in a pot and in one that widens to its foot',
  (id) => {
    const flared: Shape = { kind: 'round', topMm: 320, baseMm: 460, depthMm: 360 };
    for (const [shape, y] of [[pot().container.shape, 130] as const, [flared, 100] as const]) {
      const planting = pot({
        container: { ...pot().container, shape },
        placements: [placed('v', id, 'spiller', 0, y)],
      });
      const stems = canopyOf(planting, 10).canopy.batches.find((batch) => batch.kind === 'stem');
      const below = some(
        Array.from({ length: stems?.count ?? 0 }, (_, i) => [12, 13, 14].map((k) => stems?.matrices[i * 16 + k] ?? 0))
          .map(([x = 0, up = 0, z = 0]) => ({ down: -up, clear: clearOf(shape, -up, x, z).mm }))
          .filter((at) => at.down > 30),
      );
      for (const at of below) expect(at.clear).toBeLessThan(-20);
    }
  },
);

test('there are more and larger leaves at the peak than at planting', () => {
  const count = (week: number) => canopyOf(warmPot(), week).canopy.batches.reduce((s, b) => s + b.count, 0);
  expect(count(10)).toBeGreaterThan(count(0));
});

test('inner leaves are darker than outer ones', () => {
  const { canopy } = canopyOf(pot({ placements: [placed('a', 'petunia-white', 'filler', 0, 0)] }));
  const leaves = canopy.batches.find((b) => b.kind === 'ovate');
  const light = (keep: (r: number) => boolean) => {
    const list = Array.from({ length: leaves?.count ?? 0 }, (_, i) => i).filter((i) =>
      keep(
        Math.hypot(
          leaves?.matrices[i * 16 + 12] ?? 0,
          leaves?.matrices[i * 16 + 13] ?? 0,
          leaves?.matrices[i * 16 + 14] ?? 0,
        ),
      ),
    );
    return list.reduce((s, i) => s + (leaves?.colourA[i * 3 + 1] ?? 0), 0) / list.length;
  };
  expect(light((r) => r < 95)).toBeLessThan(light((r) => r > 140));
});

test('every plant in the library grows something to see, under nine thousand pieces', () => {
  for (const plant of LIBRARY) {
    const { canopy } = canopyOf(
      pot({ placements: [placed('a', plant.id, plant.roles[0] ?? 'filler', 0, 60, plant.starts[0]?.size)] }),
    );
    const pieces = canopy.batches.reduce((s, b) => s + b.count, 0);
    expect([plant.id, pieces > 0 && pieces < 9000]).toEqual([plant.id, true]);
  }
});

describe('a plant killed by frost', () => {
  const p = pot({ placements: [placed('a', 'coleus-lime', 'filler', 0, 0)] });
  const season = grow(p, 40);
  const died = season.weeks.findIndex((w) => w.plants[0]?.gone === 'frost');
  const tint = (week: number) => {
    const { batches } = sprout(p, season, week);
    const reds = batches.flatMap((b) => [...b.colourA].filter((_, i) => i % 3 === 1));
    return reds.reduce((sum, g) => sum + g, 0) / reds.length;
  };

  test('hangs brown and limp for three weeks, then is gone', () => {
    expect(died).toBeGreaterThan(10);
    for (const week of [died, died + 2]) expect(sprout(p, season, week).batches.length).toBeGreaterThan(0);
    expect(sprout(p, season, died + 3).batches).toEqual([]);
    expect(tint(died)).toBeLessThan(tint(died - 1) * 0.6);
    expect(sprout(p, season, died).top).toBeLessThan(sprout(p, season, died - 1).top * 0.8);
  });
});

test('who is tied to a stake has one behind it from the first week, who twines a wigwam of canes; others have none', () => {
  const stems = (plant: string, role: 'thriller' | 'filler' | 'spiller', week: number) => {
    const { batches } = canopyOf(
      pot({ startDate: '2026-05-20', placements: [placed('a', plant, role, 0, 0, 'l1')] }),
      week,
    ).canopy;
    const all = batches.find((b) => b.kind === 'stem');
    const part = (i: number, k: 0 | 1 | 2) => all?.colourA[i * 3 + k] ?? 0;
    // Of bamboo, each a little lighter or darker.
    const canes = Array.from({ length: all?.count ?? 0 }, (_, i) => i).filter(
      (i) => Math.abs(part(i, 0) / part(i, 1) - 1.444) < 0.01 && Math.abs(part(i, 2) / part(i, 1) - 0.372) < 0.01,
    );
    return canes.length;
  };
  expect(stems('cosmos-white', 'thriller', 0)).toBe(1);
  expect(stems('mandevilla-pink', 'thriller', 8)).toBe(12);
  expect(stems('mandevilla-pink', 'spiller', 8)).toBe(0);
  expect(stems('cordyline-wine', 'thriller', 8)).toBe(0);
});
