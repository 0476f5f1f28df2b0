import { plantOf } from '../testing/plant-of';
import { placed, pot } from '../testing/pots';
import { grow } from './season';
import { runningUp, sinceSeeding } from './seeding';

const APRIL = 3.6;
const WEEKS_A_MONTH = 52 / 12;
/** Weeks after planting in which it begins to run to seed. */
function beginsAt(id: string, planted: number): number | undefined {
  return Array.from({ length: 80 }, (_, age) => age).find(
    (age) => (sinceSeeding(plantOf(id), planted + age / WEEKS_A_MONTH, age) ?? -1) >= 0,
  );
}

describe('when it runs to seed', () => {
  test.each([
    ['rocket', 4, 6],
    ['coriander', 4, 6],
    ['spinach', 5, 6],
    ['mustard-red', 5, 7],
    ['lettuce-red', 9, 11],
  ])('%s planted in April: after %d to %d weeks', (id, low, high) => {
    expect(beginsAt(id, APRIL)).toBeGreaterThanOrEqual(low);
    expect(beginsAt(id, APRIL)).toBeLessThanOrEqual(high);
  });
  test('sown in August it holds through the winter, and runs up with the long days of April', () => {
    const weeks = beginsAt('lettuce-red', 7.5) ?? 0;
    expect(7.5 + weeks / WEEKS_A_MONTH).toBeCloseTo(15, 0);
  });
  test.each([
    ['kale-black', 2.3],
    ['chard-red', 3.5],
    ['parsley', 4],
    ['cabbage-white', 2.3],
  ])('%s in the spring after its winter, never before', (id, month) => {
    expect(APRIL + (beginsAt(id, APRIL) ?? 0) / WEEKS_A_MONTH).toBeCloseTo(12 + month, 0);
  });
  test('a petunia never', () => expect(sinceSeeding(plantOf('petunia-violet'), 6, 40)).toBeNull());
  test('it rises for four weeks to where its stalk ends, and is never lower for it', () => {
    const plant = plantOf('rocket');
    const at = (age: number, leafMm = 200) => runningUp(plant, leafMm, APRIL + age / WEEKS_A_MONTH, age);
    expect([at(5), at(7), at(9), at(20)]).toEqual([200, 450, 700, 700].map((mm) => expect.closeTo(mm, 5)));
    expect(at(20, 900)).toBe(900);
    expect(runningUp(plantOf('petunia-violet'), 250, 6, 40)).toBe(250);
  });
});

test('a lettuce stands low for nine weeks and then shoots up', () => {
  const season = grow(
    pot({ startDate: '2026-04-18', placements: [placed('a', 'lettuce-red', 'filler', 0, 0, 'pack6')] }),
    16,
  );
  const high = (week: number) => season.weeks[week]?.plants[0]?.heightMm ?? 0;
  expect(high(9)).toBeLessThan(200);
  expect(high(13)).toBeGreaterThan(300);
});
