import type { Planting } from '../plantings/schema';
import { placed, pot } from '../testing/pots';
import { assess } from './assess';

const vine = (id: string, yMm: number) => placed(id, 'sweet-potato-vine-lime', 'spiller', 0, yMm);
const trailOf = (seen: Planting['spot']['seen'], ...placements: Planting['placements']) => {
  const finding = assess(pot({ spot: { ...pot().spot, seen }, placements })).findings.find((f) => f.check === 'trail');
  if (!finding) throw new Error('the rim was not looked at');
  return finding;
};

test('all round, a trailer at the front covers as much as one at the back', () => {
  const front = trailOf('all-round', vine('a', 130)).measured;
  expect(front).toBeGreaterThan(0.1);
  expect(trailOf('all-round', vine('a', -130)).measured).toBeCloseTo(front, 1);
  expect(trailOf('all-round', vine('a', 130), vine('b', -130)).measured).toBeCloseTo(2 * front, 1);
});

test('against a wall only the front rim counts: a trailer at the back covers none of it', () => {
  const front = trailOf('wall', vine('a', 130));
  expect(front.unit).toBe('of the front rim');
  expect(front.measured).toBeGreaterThan(1.8 * trailOf('all-round', vine('a', 130)).measured);
  expect(trailOf('wall', vine('a', -130)).measured).toBe(0);
});

test('a trailer in the middle hangs over no rim', () => {
  expect(trailOf('all-round', vine('a', 0)).measured).toBe(0);
});
