import fc from '../testing/fc';
import { isDay, today } from './date';
import { keptBy, lastOf } from './keep';
import { same } from './same';

test('what was worked out for an object is worked out once, nothing included', () => {
  const work = jest.fn((_: object): number | undefined => undefined);
  const kept = keptBy(work);
  const [a, b] = [{}, {}];
  kept(a);
  kept(a);
  kept(b);
  expect(work.mock.calls).toEqual([[a], [b]]);
});

test('data is the same whatever order its fields stand in, and not when anything differs', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (v) => {
      expect(same(v, JSON.parse(JSON.stringify(v)))).toBe(true);
    }),
  );
  expect(same({ a: 1, b: [{ c: 2, d: 3 }] }, { b: [{ d: 3, c: 2 }], a: 1 })).toBe(true);
  expect(same({ a: 1 }, { a: 1, b: null })).toBe(false);
  expect(same([1, 2], [2, 1])).toBe(false);
  expect(same([1], [1, 2])).toBe(false);
  expect(same([], {})).toBe(false);
  expect(same({ a: undefined }, {})).toBe(true);
});

test('today is the day it is where somebody stands, not in Greenwich', () => {
  const evening = new Date('2026-05-17T02:30:00Z');
  expect(today(evening, 'America/New_York')).toBe('2026-05-16');
  expect(today(evening, 'Europe/London')).toBe('2026-05-17');
  expect(today(new Date('2026-05-16T20:30:00Z'), 'Pacific/Auckland')).toBe('2026-05-17');
});

test.each([
  ['2026-02-28', true],
  ['2026-02-29', false],
  ['2028-02-29', true],
  ['2026-13-01', false],
  ['2026-00-10', false],
  ['1999-12-31', false],
  ['2101-01-01', false],
  ['202-05-01', false],
  ['12026-05-01', false],
  ['', false],
])('%p is a day: %p', (text, is) => expect(isDay(text)).toBe(is));

test('the last answer is kept for as long as the same is asked, and no other', () => {
  let asked = 0;
  const length = lastOf((list: readonly number[]) => {
    asked += 1;
    return list.length;
  });
  const [one, other] = [[1, 2], [3]];
  expect([length(one), length(one), length(other), length(one)]).toEqual([2, 2, 1, 2]);
  expect(asked).toBe(3);
});
