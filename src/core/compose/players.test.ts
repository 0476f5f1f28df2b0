import { SOLD, takeShape } from '../containers/sold';
import { usualStarts } from '../containers/counts';
import { LIBRARY } from '../plants';
import type { Shape } from '../containers/schema';
import type { Role } from '../plants/traits';
import { usualSchool } from '../schools';
import { pot } from '../testing/pots';
import { some } from '../testing/some';
import { fewerFor } from './patterns';
import { playersOf } from './players';

const cast = (...roles: Role[][]) =>
  roles.map((r, i) => ({
    id: i,
    roles: r,
    group: 'warm bedding' as const,
    season: 'warm' as const,
    heightMm: [200, 300] as [number, number],
  }));

describe('who may play a part', () => {
  const leads = Array.from({ length: 6 }, (): Role[] => ['thriller']);
  test('is who has the role, while there is a choice of leads', () => {
    const offered = cast(...leads, ['filler'], ['spiller']);
    expect(playersOf('thriller', offered)).toHaveLength(6);
    expect(playersOf('filler', offered).map((p) => p.id)).toEqual([6]);
  });
  test('where hardly a lead goes in, the fillers lead as well, and never the spillers', () => {
    const offered = cast(...leads.slice(1), ['filler'], ['spiller']);
    expect(playersOf('thriller', offered).map((p) => p.id)).toEqual([0, 1, 2, 3, 4, 5]);
    expect(playersOf('spiller', offered).map((p) => p.id)).toEqual([6]);
  });
});

test('in spring a tulip leads, and at no other time', () => {
  const tulip = LIBRARY.filter((p) => p.id === 'tulip-red');
  expect(playersOf('thriller', [...LIBRARY.filter((p) => p.roles.includes('thriller')), ...tulip], true)).toContain(
    tulip[0],
  );
  expect(playersOf('thriller', LIBRARY)).not.toContain(tulip[0]);
});

test('patterns of fewer plants have fewer than are usual, and one at the least', () => {
  const container = takeShape(pot().container, 'wall-basket');
  const small = pot({ container: { ...container, shape: SOLD['wall-basket'][0] as Shape } });
  const [few] = usualStarts(small.container);
  const counts = some(fewerFor(small)).map((p) => p.slots.length);
  expect(Math.max(...counts)).toBeLessThan(few);
  expect(Math.min(...counts)).toBeGreaterThanOrEqual(1);
});

test.each<[Shape['kind'], string]>([
  ['basket', 'level-dome'],
  ['wall-basket', 'level-dome'],
  ['bowl', 'level-dome'],
  ['box', 'two-rows'],
  ['round', 'tall-centre'],
  ['square', 'tall-centre'],
])('the usual arrangement of a %s is %s', (kind, school) => {
  expect(usualSchool(SOLD[kind][0] as Shape)).toBe(school);
});
