import { grow } from '../growth/season';
import { LIBRARY } from '../plants';
import type { Planting } from '../plantings/schema';
import { placed, pot } from '../testing/pots';
import { some } from '../testing/some';
import { colouredLeaf } from './course';
import { standingOf } from './standing';

const leafOf = (id: string) => {
  const p = LIBRARY.find((q) => q.id === id);
  if (!p) throw new Error(`no ${id}`);
  return colouredLeaf(p);
};
const of = (plants: readonly string[], change: Partial<Planting> = {}) => {
  const p = pot({ placements: plants.map((id, i) => placed(`p${i}`, id, 'filler', i * 110 - 110, 0)), ...change });
  return standingOf(p, grow(p));
};

test('a coloured leaf is one that is not green; a brown zone in a green leaf is none', () => {
  expect(leafOf('coleus-lime')).toBeGreaterThan(0.9);
  expect(leafOf('dusty-miller')).toBeGreaterThan(0.9);
  expect(leafOf('petunia-white')).toBe(0);
  expect(leafOf('pelargonium-scarlet')).toBeLessThan(0.3);
});

test('flower and colour are shares of what is seen, week by week', () => {
  const { course, weeks } = of(['petunia-white', 'coleus-lime', 'salvia-blue']);
  expect(course.weeks).toHaveLength(weeks);
  for (const w of some(course.weeks)) {
    expect(w.flower).toBeGreaterThanOrEqual(0);
    expect(w.colour).toBeGreaterThanOrEqual(w.flower - 1e-9);
    expect(w.colour).toBeLessThanOrEqual(1);
  }
  expect(course.shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6);
});

test('a petunia and a lime leaf carry a summer, a lily does not', () => {
  const { course } = of(['petunia-white', 'coleus-lime', 'lily-orange']);
  const [petunia, leaf, lily] = course.carries;
  expect(petunia).toBeGreaterThan(0.7);
  expect(leaf).toBeCloseTo(1, 6);
  expect(lily).toBeLessThan(0.4);
});

test('what is asleep or dead shows nothing', () => {
  const { course } = of(['tulip-red'], {
    startDate: '2026-03-20',
    brief: { ...pot().brief, changeOver: '2026-10-01' },
  });
  expect(course.weeks[4]?.flower).toBeGreaterThan(0.1);
  expect(course.weeks[course.weeks.length - 1]).toEqual({ flower: 0, colour: 0 });
});

test('three weeks are looked at; for one day, that day above all', () => {
  const weeks = (change: Partial<Planting['brief']>) =>
    of(['petunia-white'], { brief: { ...pot().brief, ...change } }).moments.map((m) => [m.week, m.weight]);
  expect(weeks({})).toEqual([
    [0, 1],
    [6, 3],
    [14, 2],
  ]);
  expect(weeks({ bestOn: '2026-06-20' })).toEqual([
    [0, 0],
    [5, 1],
    [5, 4],
  ]);
  // A day outside its season is none.
  expect(weeks({ bestOn: '2027-06-20' })).toEqual(weeks({}));
});
