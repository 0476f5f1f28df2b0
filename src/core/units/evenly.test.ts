import { evenly } from './evenly';

const list = Array.from({ length: 13 }, (_, i) => i);

test.each([1, 2, 4, 5, 8, 13])('%i of thirteen, the first among them and the rest as far apart as may be', (most) => {
  const some = evenly(list, most);
  expect(some).toHaveLength(most);
  expect(some[0]).toBe(0);
  const gaps = some.slice(1).map((x, i) => x - (some[i] ?? 0));
  expect(Math.max(0, ...gaps) - Math.min(...(gaps.length > 0 ? gaps : [0]))).toBeLessThanOrEqual(1);
});

test('a shorter list is whole, and none of it stays none', () => {
  expect(evenly(list, 40)).toEqual(list);
  expect(evenly([], 3)).toEqual([]);
});
