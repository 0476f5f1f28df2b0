import { placed, pot, roundPot } from '../testing/pots';
import type { Placement } from '../plantings/schema';
import { measure } from './assess';
import { CHECKS } from './index';

const round = [
  placed('a', 'calibrachoa-yellow', 'spiller', -110, 60),
  placed('b', 'calibrachoa-yellow', 'spiller', 110, 60),
];
const led = (start: Placement['start'], lasting = false) => {
  const base = pot({ container: roundPot(400, 300, 360), startDate: '2026-05-18' });
  const star = placed('star', 'salvia-blue', 'thriller', 0, 0, start);
  const planting = { ...base, brief: { ...base.brief, lasting }, placements: [star, ...round] };
  return measure(planting, undefined, [['centrepiece', CHECKS.centrepiece]]).readings[0];
};

test('a star in a pot of its own leads', () => {
  expect(led('p10')).toMatchObject({ severity: 'good', says: 'good' });
});

test.each(['pack6', 'plug', 'seed'] as const)('a star from %s leaves the middle empty for weeks', (start) => {
  expect(led(start)).toMatchObject({ severity: 'watch', culprits: ['star'] });
  expect(led(start)?.quality).toBeLessThan(led('p10')?.quality ?? 0);
});

test('a pack of six is named as what is wrong, and a planting that stays may begin small', () => {
  expect(led('pack6')?.says).toBe('cell');
  expect(led('pack6', true)?.says).not.toBe('cell');
});
