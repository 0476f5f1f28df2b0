import { plantOf } from '../testing/plant-of';
import { placed, pot, roundPot } from '../testing/pots';
import type { Deed } from '../plantings/deeds';
import { bindsIn, boundBy } from './bound';
import { grow } from './season';

test('free until its third spring, thinner in each further year, and never bare', () => {
  expect(boundBy(true, 124)).toEqual({ flower: 1, pace: 1 });
  expect(boundBy(true, 125)).toEqual({ flower: 0.85, pace: 0.75 });
  expect(boundBy(true, 180).flower).toBeCloseTo(0.72, 2);
  expect(boundBy(true, 900)).toEqual({ flower: 0.6, pace: 0.4 });
  expect(boundBy(false, 900)).toEqual({ flower: 1, pace: 1 });
});

test('mix enough binds nothing, and what likes its roots tight is never bound', () => {
  const shrub = plantOf('abelia');
  expect(bindsIn(shrub, 0.6)).toBe(true);
  expect(bindsIn(shrub, 1)).toBe(false);
  expect(bindsIn({ ...shrub, facts: { ...shrub.facts, tight: 'likes it' } }, 0.6)).toBe(false);
});

test('what dies down in winter is in its pot all the same', () => {
  const season = (deeds: Deed[]) =>
    grow(
      pot({
        startDate: '2026-05-16',
        container: roundPot(180, 150, 160),
        placements: [placed('a', 'hosta-blue', 'filler', 0, 0, 'l2')],
        deeds,
      }),
      172,
    );
  const on = '2028-10-20';
  const repot: Deed = { id: 'r', what: 'repot', to: null, on, done: on };
  const most = (deeds: Deed[], from: number, to: number) =>
    Math.max(
      ...season(deeds)
        .weeks.slice(from, to)
        .map((w) => w.plants[0]?.bloom ?? 0),
    );
  // In flower in its third July it is free, in its fourth it is not.
  expect(most([], 104, 124)).toBeGreaterThan(0);
  expect(most([], 156, 171) / most([repot], 156, 171)).toBeCloseTo(0.85, 2);
});

test('a shrub in a small pot flowers less in its fourth summer, and as before once it is potted on', () => {
  const on = '2028-10-20';
  const repot: Deed = { id: 'r', what: 'repot', to: null, on, done: on };
  const third = (deeds: Deed[], width = 240) =>
    grow(
      pot({
        startDate: '2026-05-16',
        container: roundPot(width, width * 0.75, width),
        placements: [placed('a', 'abelia', 'thriller', 0, 0, 'l2')],
        deeds,
      }),
      172,
    ).weeks[166]?.plants[0]?.bloom ?? 0;
  expect(third([])).toBeGreaterThan(0);
  expect(third([]) / third([repot])).toBeCloseTo(0.85, 2);
  expect(third([], 600)).toBeCloseTo(third([repot], 600), 9);
});
