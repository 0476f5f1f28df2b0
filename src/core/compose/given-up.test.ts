import { castsFor } from './beam';
import { patternsFor } from './patterns';
import { place } from './place';
import type { Planting } from '../plantings/schema';
import { freshPlanting } from '../plantings/fresh';
import { roundPot, sun, warmPot } from '../testing/pots';
import { SMALL_LIBRARY } from '../testing/small';
import { some } from '../testing/some';
import { measure, measureUnless } from '../balance/assess';

/** Plantings of all sorts, good and bad: casts from up and down the list. */
function plantings(): Planting[] {
  const base = {
    ...freshPlanting('unless', 'Unless', '2026-05-16'),
    container: roundPot(300, 220, 270),
    spot: sun([9, 10, 11]),
  };
  const casts = castsFor(base, SMALL_LIBRARY, patternsFor(base), new Map());
  return some(casts).flatMap((c) => {
    const placements = place(c.pattern, c.cast, base, false);
    return placements ? [{ ...base, placements }] : [];
  });
}
const all = plantings();

test('what is not hopeless is measured as ever, readings in their order', () => {
  expect(all.length).toBeGreaterThan(5);
  for (const p of all) expect(measureUnless(p, () => false)).toEqual(measure(p));
});

test('what could still be scored is never less than what is scored in the end, and only falls', () => {
  for (const p of all) {
    const most: number[] = [];
    measureUnless(p, (m) => {
      most.push(m);
      return false;
    });
    expect(most).toEqual([...most].sort((a, b) => b - a));
    expect(most.at(-1)).toBeGreaterThanOrEqual(measure(p).score);
  }
});

test('what is given up at the first look has had nothing grown for it, and says what was found', () => {
  const given = measureUnless(warmPot(), () => true);
  expect(given).toMatchObject({ grown: false, most: expect.any(Number) });
  expect(given.readings.length).toBeLessThan(3);
  const later = measureUnless(warmPot(), (_, __, found) => found.some((f) => f.check === 'colour'));
  expect(later).toMatchObject({ grown: true });
});
