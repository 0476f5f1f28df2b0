import { assess } from '../balance/assess';
import type { Placement } from '../plantings/schema';
import { newPlacement } from '../plantings/fresh';
import { pot } from '../testing/pots';
import { reasonOf, reasonParts } from './reason';

const said = (...plants: [plant: string, role: Placement['role'], x: number][]) => {
  const planting = pot({
    placements: plants.map(([plant, role, xMm], i) =>
      newPlacement(`p${i + 1}`, { plant, role, start: 'p9', xMm, yMm: 0 }),
    ),
  });
  return reasonOf(planting, assess(planting), null);
};

test.each([
  ['kale-black', /^Black kale\b/],
  ['millet-purple', /^Purple millet\b/],
  ['dianthus-pink', /^Pinks\b/],
  ['salvia-blue', /^Blue salvia\b/],
])('%s is called by one colour', (plant, name) => expect(said([plant, 'thriller', 0])).toMatch(name));

test('who leads, what carries, what hangs', () =>
  expect(
    said(['salvia-blue', 'thriller', 0], ['petunia-white', 'filler', 80], ['alyssum-purple', 'spiller', -90]),
  ).toMatch(/^Blue salvia over white petunia, with purple sweet alyssum spilling: /));

test('a reason is told in two: what stands in it, and why', () => {
  const reason = said(['salvia-blue', 'thriller', 0], ['petunia-white', 'filler', 80]);
  const { what, why } = reasonParts(reason);
  expect(what).toBe('Blue salvia over white petunia');
  expect(`${what}: ${why}`.toLowerCase()).toBe(reason.toLowerCase());
  expect(why).toMatch(/^[A-Z]/);
  expect(reasonParts('Nothing in two')).toEqual({ what: 'Nothing in two', why: '' });
});
