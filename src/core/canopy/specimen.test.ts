import { LIBRARY } from '../plants';
import { HABITS } from '../plants/habits';
import { HabitSchema, PlantSchema, type Plant } from '../plants/schema';
import { FlowerFormSchema, LeafFormSchema } from '../plants/traits';
import { fromTag, relativesIn } from '../plants/tag';
import { STARTS } from '../plants/starts';
import { specimenOf } from './specimen';
import { sprout } from './sprout';
import type { Canopy } from './kinds';

const drawn = (p: Plant): Canopy => {
  const { planting, season } = specimenOf(p);
  return sprout(planting, season, 0);
};

test('stands in the largest pot it is sold in, at the upper middle of its range', () => {
  const p = LIBRARY.find((x) => x.id === 'salvia-blue') as Plant;
  const { planting, season } = specimenOf(p);
  expect(planting.container.shape).toMatchObject({ kind: 'round', topMm: STARTS.l1.ballMm + 8 });
  expect(season.weeks[0]?.plants[0]?.heightMm).toBeCloseTo(380 + 0.6 * 200, 6);
  expect(planting.container.mount).toBe('ground');
  expect(drawn(p).top).toBeGreaterThan(300);
});

test('what hangs far is held up, and hangs as far as it should', () => {
  const p = LIBRARY.find((x) => x.id === 'dichondra-silver') as Plant;
  expect(specimenOf(p).planting.container.mount).toBe('wall');
  expect(drawn(p).bottom).toBeLessThan(-p.trailMm[0] * 0.7);
});

test('every plant of the library can be drawn', () => {
  for (const p of LIBRARY) {
    const c = drawn(p);
    expect([p.id, c.batches.reduce((s, b) => s + b.count, 0) > 0, Number.isFinite(c.top + c.reach)]).toEqual([
      p.id,
      true,
      true,
    ]);
  }
});

/**
 * What the eye goes by: how much of the picture each kind of leaf and flower is and how large one of it
 * looks, and the outline's proportions.
 */
function looks(c: Canopy): Map<string, number> {
  const area = (m: Float32Array, i: number) =>
    Math.hypot(m[i * 16] ?? 0, m[i * 16 + 1] ?? 0, m[i * 16 + 2] ?? 0) *
    Math.hypot(m[i * 16 + 4] ?? 0, m[i * 16 + 5] ?? 0, m[i * 16 + 6] ?? 0);
  const sizeOf = (b: Canopy['batches'][number]) =>
    Array.from({ length: b.count }, (_, i) =>
      Math.hypot(b.matrices[i * 16 + 4] ?? 0, b.matrices[i * 16 + 5] ?? 0, b.matrices[i * 16 + 6] ?? 0),
    ).reduce((x, y) => x + y, 0) / b.count;
  const sums = c.batches.map((b) => ({
    kind: b.kind,
    area: Array.from({ length: b.count }, (_, i) => area(b.matrices, i)).reduce((x, y) => x + y, 0),
    each: sizeOf(b),
  }));
  const span = c.top - c.bottom + 2 * c.reach;
  const all = sums.reduce((s, x) => s + x.area, 0);
  const out = new Map<string, number>(sums.map((s) => [s.kind, s.area / all]));
  for (const s of sums) out.set(`one ${s.kind}`, (s.each / span) * 4);
  return out.set('tall', (2 * c.top) / span).set('hung', (-2 * c.bottom) / span);
}
const apart = (a: Map<string, number>, b: Map<string, number>): number =>
  [...new Set([...a.keys(), ...b.keys()])].reduce((s, k) => s + Math.abs((a.get(k) ?? 0) - (b.get(k) ?? 0)), 0);

/** Under this two pictures could be mistaken for one another. Working figure: a tenth of the picture is other. */
const MISTAKEN = 0.1;

describe('each habit, leaf and flower is drawn its own way', () => {
  const kin = relativesIn([]);
  const make = (habit: Plant['habit'], leaf: Plant['leaf']['form'], flower: Plant['flower']['form']): Plant =>
    PlantSchema.parse(
      fromTag(
        {
          common: 'x',
          habit,
          leaf: { ...HABITS[habit].typical.leaf, form: leaf },
          flower: { form: flower, sizeMm: 30, show: 0.4 },
        },
        kin,
        'own-x',
      ).plant,
    );

  test('habits, leaf and flower being the same', () => {
    const all = HabitSchema.options.map((h) => ({ h, l: looks(drawn(make(h, 'ovate', 'round'))) }));
    const alike = all.flatMap((a, i) =>
      all.slice(i + 1).flatMap((b) => (apart(a.l, b.l) < MISTAKEN ? [`${a.h} and ${b.h}`] : [])),
    );
    expect(alike).toEqual([]);
  });
  test.each(['mound', 'bush', 'trail', 'cascade', 'wand', 'climber'] as const)('leaves of a %s', (habit) => {
    const all = LeafFormSchema.options.map((f) => ({ f, l: looks(drawn(make(habit, f, 'none'))) }));
    const alike = all.flatMap((a, i) =>
      all.slice(i + 1).flatMap((b) => (apart(a.l, b.l) < MISTAKEN ? [`${a.f} and ${b.f}`] : [])),
    );
    expect(alike).toEqual([]);
  });
  test.each(['mound', 'bush', 'cascade', 'stalk', 'climber'] as const)('flowers of a %s', (habit) => {
    const all = FlowerFormSchema.options.map((f) => ({ f, l: looks(drawn(make(habit, 'ovate', f))) }));
    const alike = all.flatMap((a, i) =>
      all.slice(i + 1).flatMap((b) => (apart(a.l, b.l) < MISTAKEN ? [`${a.f} and ${b.f}`] : [])),
    );
    expect(alike).toEqual([]);
  });
});
