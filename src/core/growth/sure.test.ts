import { libraryPlant } from '../plants';
import type { Plant } from '../plants/schema';
import { spanOfLitres, spanOfSize } from './sure';

const petunia = libraryPlant('petunia-violet') as Plant;
const wide = ([low, high]: readonly [number, number]) => high - low;

test('a span lies about its middle, a trail’s wider, a slow plant’s narrower', () => {
  const [low, high] = spanOfSize(petunia, 'heightMm', 250);
  expect((low + high) / 2).toBeCloseTo(250, 9);
  expect(wide(spanOfSize(petunia, 'trailMm', 250))).toBeGreaterThan(high - low);
  expect(wide(spanOfSize({ ...petunia, facts: { pace: 'slow' } }, 'heightMm', 250))).toBeLessThan(high - low);
});
test('what was measured is surer', () => {
  const learned = [{ plant: petunia.id, heightBy: 1.1, spreadBy: 1, paceBy: 1 }];
  expect(wide(spanOfSize(petunia, 'heightMm', 250, learned))).toBeLessThan(wide(spanOfSize(petunia, 'heightMm', 250)));
});
test('more can be drunk than forecast rather than less', () => {
  const [low, high] = spanOfLitres(2);
  expect(2 - low).toBeLessThan(high - 2);
});
