import { addDays } from '../units/date';
import { pot, warmPot } from '../testing/pots';
import { allGrown, grow, growing } from './season';

/** A pot that is pinched, and loses a plant on the way. */
const eventful = () => {
  const p = warmPot();
  const [first] = p.placements;
  if (!first) throw new Error('An empty pot.');
  return {
    ...p,
    placements: [{ ...first, until: addDays(p.startDate, 60) }, ...p.placements.slice(1)],
    deeds: [{ id: 'd1', what: 'pinch' as const, to: null, on: addDays(p.startDate, 14), done: null }],
  };
};

test.each([
  ['as it stands', warmPot()],
  ['with something done to it', eventful()],
])('a season grown week by week is the one that is grown at once: %s', (_, p) => {
  const whole = grow(p);
  const bit = growing(p);
  expect(bit.span).toBe(whole.weeks.length);
  // Asked out of order, and twice.
  for (const week of [9, 3, 9, 0, bit.span - 1]) expect(bit.week(week)).toEqual(whole.weeks[week]);
  expect(bit.season()).toEqual(whole);
  expect(bit.season()).toBe(bit.season());
  expect(bit.placed).toEqual(whole.placed);
});

test('a season that is there already is asked in the same way', () => {
  const whole = grow(warmPot());
  const given = allGrown(whole);
  expect(given.season()).toBe(whole);
  expect(given.week(5)).toBe(whole.weeks[5]);
  expect(given.span).toBe(whole.weeks.length);
});

test('how far each stands from its wall is known before anything grows', () => {
  const empty = growing(pot({ placements: [] }));
  expect(empty.placed).toEqual([]);
  const { placed } = growing(warmPot());
  expect(placed.length).toBeGreaterThan(3);
  for (const p of placed) expect(p.wallMm).toBeGreaterThan(0);
});
