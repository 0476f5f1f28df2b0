import { resolve } from '../plantings/resolve';
import { placed, pot } from '../testing/pots';
import { whyNotThere } from './why-not-there';

const two = pot({
  placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('b', 'salvia-blue', 'filler', 120, 0)],
});
const why = (xMm: number, yMm: number, units: 'metric' | 'imperial' = 'metric', id = 'a') =>
  whyNotThere(two, resolve(two), id, { xMm, yMm }, units);

test('a root ball that goes past the soil is told by how much', () => {
  expect(why(-260, 0)).toMatch(/^The root ball would stick out of the mix by [\d.]+ cm\.$/);
  expect(why(-260, 0, 'imperial')).toMatch(/stick out of the mix by .* in\.$/);
});
test('one that would stand in another is told whose, and by how much', () => {
  expect(why(120, 40)).toMatch(/^The root ball would overlap .*blue.* by [\d.]+ cm/);
});
test('one that fits is told nothing, and never stands in its own way', () => {
  expect(why(0, 0)).toBeNull();
  expect(why(-100, 0)).toBeNull();
  expect(why(0, 0, 'metric', 'z')).toBeNull();
});
