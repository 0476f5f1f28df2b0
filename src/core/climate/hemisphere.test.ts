import { nightC } from './index';
import { PROFILES } from './profiles';
import { isSouthern } from './hemisphere';

const north = { lastFrost: '05-04', firstFrost: '10-20' };
const south = { lastFrost: '11-04', firstFrost: '04-20' };
const clock = (latitude: number) => ({ kind: 'clock', latitude });

test('the latitude says it first, whatever the frosts', () => {
  expect(isSouthern({ ...north, light: clock(-37) })).toBe(true);
  expect(isSouthern({ ...south, light: clock(51) })).toBe(false);
});
test('else the warm months of a climate table', () => {
  const warmIn = (months: number[]) => ({
    highC: Array.from({ length: 12 }, (_, m) => (months.includes(m) ? 25 : 12)),
    lowC: Array<number>(12).fill(6),
  });
  expect(isSouthern({ climate: warmIn([11, 0, 1]) })).toBe(true);
  expect(isSouthern({ climate: warmIn([5, 6, 7]) })).toBe(false);
});
test('else the frosts; a mild northern place with its first frost after New Year stays northern', () => {
  expect(isSouthern(south)).toBe(true);
  expect(isSouthern(north)).toBe(false);
  expect(isSouthern({ lastFrost: '02-10', firstFrost: '01-05' })).toBe(false);
  expect(isSouthern({})).toBe(false);
});
test('by frosts alone the plain months turn round', () => {
  const night = (place: object, at: number) => nightC({ summer: 'warm', ...place }, at);
  expect(night(south, 0)).toBe(night(north, 6));
  expect(night(south, 6)).toBe(night(north, 0));
});
test.each(PROFILES.map((p) => [p.name, p] as const))('%s lies where its profile says', (_, p) => {
  expect(isSouthern({ climate: p })).toBe(p.latitude < 0);
  expect(isSouthern({ lastFrost: p.lastFrost, firstFrost: p.firstFrost })).toBe(p.latitude < 0);
});
