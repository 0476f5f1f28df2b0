import { placed, pot } from '../testing/pots';
import type { Planting } from '../plantings/schema';
import { oneJob } from './one-job';

const of = (plant: string, n = 3, change: Partial<Planting> = {}) =>
  pot({
    startDate: '2026-05-18',
    placements: Array.from({ length: n }, (_, i) => placed(`p${i}`, plant, 'filler', 100 * i, 0)),
    ...change,
  });
const ways = (planting: Planting) => new Set([0, 1, 2, 3, 4, 5].map((pick) => oneJob(planting, pick)));

test('what flags in summer is cut back, with its month', () => {
  for (const said of ways(of('calibrachoa-yellow'))) expect(said).toMatch(/July/);
});
test('what needs its dead heads off says so before anything else', () => {
  for (const said of ways(of('pelargonium-scarlet'))) expect(said).toMatch(/[Dd]eadhead/);
});
test('one thing is said in several ways', () => {
  expect(ways(of('calibrachoa-yellow')).size).toBeGreaterThanOrEqual(3);
  expect(ways(of('pelargonium-scarlet')).size).toBeGreaterThanOrEqual(3);
});
test('of two kinds the one there is most of decides', () => {
  const both = of('calibrachoa-yellow', 4);
  const planting = { ...both, placements: [...both.placements, placed('q', 'pelargonium-scarlet', 'filler', 0, 90)] };
  expect(oneJob(planting, 0)).toMatch(/calibrachoas/);
});
test('its month is turned in the south', () => {
  const spot = { ...pot().spot, latitude: -37, lastFrost: '09-20', firstFrost: '05-25' };
  expect(oneJob(of('calibrachoa-yellow', 3, { spot, startDate: '2026-10-15' }), 0)).toMatch(/January/);
});
test('nothing is said of a plant that is left alone', () => {
  expect(oneJob(of('yew-column'), 0)).toBeNull();
});
test('a spring pot is over before the shears come', () => {
  expect(oneJob(of('calibrachoa-yellow', 3, { startDate: '2026-03-01' }), 0)).toBeNull();
});
