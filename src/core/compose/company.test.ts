import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { thirstsApart } from './company';

const named = (id: string): Plant => {
  const found = LIBRARY.find((p) => p.id === id);
  if (!found) throw new Error(id);
  return found;
};

test.each([
  ['chalksticks', 'begonia-wing-red', true],
  ['gazania-orange', 'impatiens-coral', true],
  ['gazania-orange', 'pelargonium-scarlet', false],
  ['chalksticks', 'gazania-orange', false],
  ['petunia-white', 'impatiens-coral', false],
])('one can does not suit %s and %s: %p', (a, b, apart) => {
  expect(thirstsApart(named(a), named(b))).toBe(apart);
  expect(thirstsApart(named(b), named(a))).toBe(apart);
});
