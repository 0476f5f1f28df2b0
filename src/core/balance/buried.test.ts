import { placed, pot, roundPot } from '../testing/pots';
import type { Placement } from '../plantings/schema';
import { measure } from './assess';
import { CHECKS } from './index';

const roomIn = (placements: Placement[]) =>
  measure(pot({ container: roundPot(450, 330, 400), startDate: '2026-05-18', placements }), undefined, [
    ['buried', CHECKS.buried],
  ]).readings[0];

const low = placed('low', 'alyssum-white', 'filler', 60, 0);

test('nothing is said of a plant that stands alone', () => {
  expect(roomIn([low])).toBeUndefined();
});

test('two that are apart leave each other their light', () => {
  const apart = roomIn([
    placed('a', 'alyssum-white', 'filler', -150, 0),
    placed('b', 'alyssum-white', 'filler', 150, 0),
  ]);
  expect(apart).toMatchObject({ severity: 'good', says: 'good' });
  expect(apart?.measured).toBeGreaterThan(0.66);
});

test('what stands under a crowd of tall leaf is named, and told before it is bought', () => {
  const tall = [0, 1, 2, 3].map((i) =>
    placed(`t${i}`, 'dahlia-yellow', 'thriller', 60 + 70 * Math.cos(i * 1.57), 70 * Math.sin(i * 1.57), 'l2'),
  );
  const under = roomIn([low, ...tall]);
  expect(under).toMatchObject({ severity: 'watch', says: 'buried' });
  expect(under?.culprits).toContain('low');
  expect(under?.measured).toBeLessThan(0.45);
  expect(under?.quality).toBeLessThan(0.55);
});

test('the darker it is, the less it is worth', () => {
  const dahlia = (n: number) =>
    Array.from({ length: n }, (_, i) =>
      placed(`t${i}`, 'dahlia-yellow', 'thriller', 60 + 70 * Math.cos(i * 2), 70 * Math.sin(i * 2), 'l2'),
    );
  const [one, four] = [roomIn([low, ...dahlia(1)]), roomIn([low, ...dahlia(4)])];
  expect(four?.measured).toBeLessThan(one?.measured ?? 0);
  expect(four?.quality).toBeLessThan(one?.quality ?? 0);
});
