import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { pot, sun } from '../testing/pots';
import { choiceAt } from './choice';

const of = (...ids: string[]): Plant[] => LIBRARY.filter((p) => ids.includes(p.id));
const few = of('petunia-violet', 'impatiens-coral', 'ageratum-blue', 'spurge-airy-white');

test('what lives at a spot is told apart from what the light, the afternoon and who is about rule out', () => {
  const bright = choiceAt(pot({ spot: sun([8, 9, 10, 11, 12], { children: false }) }), few);
  expect(bright.fits.map((p) => p.id)).toContain('petunia-violet');
  expect(bright.unsafe).toBe(0);
  const family = choiceAt(pot({ spot: sun([8, 9, 10, 11, 12], { children: true }) }), few);
  expect(family.unsafe).toBeGreaterThan(0);
  expect(family.fits.map((p) => p.id)).not.toContain('spurge-airy-white');
});

test('shade leaves out what wants sun, and a long hot afternoon what scorches', () => {
  const dark = choiceAt(pot({ spot: sun([]) }), few);
  expect(dark.fits.map((p) => p.id)).not.toContain('petunia-violet');
  expect(dark.dark).toBeGreaterThanOrEqual(1);
  expect(dark.scorched).toBe(0);
  const hot = choiceAt(pot({ spot: sun([12, 13, 14, 15, 16, 17], { summer: 'hot' }) }), few);
  expect(hot.scorched).toBeGreaterThanOrEqual(1);
});
