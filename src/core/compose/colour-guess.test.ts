import type { SchemeId } from '../plantings/schema';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { pot } from '../testing/pots';
import { offScheme } from './colour-guess';
import type { Pattern } from './patterns';

const named = (id: string): Plant => {
  const found = LIBRARY.find((p) => p.id === id);
  if (!found) throw new Error(id);
  return found;
};
const guess = (scheme: SchemeId, counts: readonly (readonly [id: string, count: number])[]) =>
  offScheme(
    {
      pattern: {
        id: '',
        slots: [],
        parts: counts.map(([, count], i) => ({ id: `P${i}`, role: 'filler', count })),
      } as Pattern,
      cast: Object.fromEntries(counts.map(([id], i) => [`P${i}`, named(id)])),
    },
    pot({ brief: { ...pot().brief, scheme } }),
  );

test('a cast on its scheme loses nothing, one off it loses', () => {
  const white = [
    ['petunia-white', 3],
    ['alyssum-white', 3],
  ] as const;
  expect(guess('all-white', white)).toBe(0);
  expect(guess('all-white', [...white, ['pelargonium-scarlet', 3]])).toBeLessThan(-0.1);
});

test('a colour that is missing costs, and less the more of it there is', () => {
  const withBlue = (n: number) =>
    guess('red-white-blue', [
      ['pelargonium-scarlet', 6],
      ['petunia-white', 6],
      ...(n > 0 ? [['lobelia-blue', n] as const] : []),
    ]);
  expect(withBlue(6)).toBe(0);
  expect(withBlue(1)).toBeLessThan(0);
  expect(withBlue(0)).toBeLessThan(withBlue(1));
});
