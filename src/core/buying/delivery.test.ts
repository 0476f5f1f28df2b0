import { placed, pot } from '../testing/pots';
import { delivered, deliveryWeek, oneWeek } from './delivery';
import { orderFor } from './order';
import { PLAIN_WANTS } from './order-line';

test.each([
  ['2026-05-14', '2026-05-04'],
  ['2026-05-11', '2026-05-04'],
  ['2026-05-17', '2026-05-04'],
  ['2026-05-18', '2026-05-11'],
  ['2027-01-02', '2026-12-21'],
])('what is planted on %s comes in the week of Monday %s', (planted, week) => {
  expect(deliveryWeek(planted)).toBe(week);
});

test('those of one week are one delivery, soonest first', () => {
  const all = [
    { week: '2026-05-11', need: 3 },
    { week: '2026-05-04', need: 2 },
    { week: '2026-05-11', need: 4 },
  ];
  expect(delivered(all)).toEqual([
    { week: '2026-05-04', need: 2 },
    { week: '2026-05-11', need: 7 },
  ]);
});

test('an order says of each kind how many come when, all that are wanted', () => {
  const at = (startDate: string) =>
    pot({
      startDate,
      placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('b', 'petunia-white', 'filler', 110, 0)],
    });
  const { lines } = orderFor(
    [
      { planting: at('2026-05-14'), count: 1 },
      { planting: at('2026-05-28'), count: 3 },
    ],
    PLAIN_WANTS,
  );
  const plants = lines.filter((l) => l.plant);
  expect(plants.map((l) => l.deliveries)).toEqual([
    [
      { week: '2026-05-04', need: 2 },
      { week: '2026-05-18', need: 6 },
    ],
  ]);
  expect(lines.filter((l) => !l.plant).every((l) => l.deliveries.length === 0)).toBe(true);
});

test('what comes in one week is said once; in several, or in none, by each', () => {
  const line = (...weeks: string[]) => ({ deliveries: weeks.map((week) => ({ week, need: 1 })) });
  expect(oneWeek([line('2026-05-04'), line(), line('2026-05-04')])).toBe('2026-05-04');
  expect(oneWeek([line('2026-05-04'), line('2026-05-11')])).toBeNull();
  expect(oneWeek([line('2026-05-04', '2026-05-11')])).toBeNull();
  expect(oneWeek([line()])).toBeNull();
});
