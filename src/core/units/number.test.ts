import fc from '../testing/fc';
import { clamp, hashText, lerp, maxBy, median, seeded, sum } from './number';
import {
  celsius,
  fahrenheit,
  formatMass,
  formatMoney,
  formatPercent,
  formatRain,
  formatTemperature,
  formatVolume,
} from './quantity';

test('clamp, lerp and sum', () => {
  expect([clamp(5, 0, 3), clamp(-1, 0, 3), clamp(2, 0, 3)]).toEqual([3, 0, 2]);
  expect([lerp(10, 20, 0), lerp(10, 20, 0.25), lerp(10, 20, 1)]).toEqual([10, 12.5, 20]);
  expect([sum([]), sum([1, 2, 3.5])]).toEqual([0, 6.5]);
});

test.each<[number[], number]>([
  [[], 0],
  [[4], 4],
  [[3, 1, 2], 2],
  [[4, 1, 3, 2], 2.5],
])('the middle of %p is %p', (xs, m) => expect(median(xs)).toBe(m));

test('the greatest by a value, the first of equals, none of nothing', () => {
  expect(
    maxBy(
      [
        { v: 1, n: 'a' },
        { v: 3, n: 'b' },
        { v: 3, n: 'c' },
      ],
      (x) => x.v,
    )?.n,
  ).toBe('b');
  expect(maxBy([], () => 0)).toBeUndefined();
});

test('seeded numbers are shares, repeat from their seed, and differ between seeds', () => {
  fc.assert(
    fc.property(fc.integer(), (seed) => {
      const [a, b] = [seeded(seed), seeded(seed)];
      for (let i = 0; i < 20; i += 1) {
        const x = a();
        expect(x).toBe(b());
        expect(x >= 0 && x < 1).toBe(true);
      }
    }),
  );
  expect(seeded(1)()).not.toBe(seeded(2)());
  const r = seeded(3);
  expect(Math.abs(sum(Array.from({ length: 4000 }, r)) / 4000 - 0.5)).toBeLessThan(0.03);
});

test('FNV-1a agrees with its published values', () => {
  expect(hashText('')).toBe(0x811c9dc5);
  expect(hashText('a')).toBe(0xe40c292c);
  expect(hashText('foobar')).toBe(0xbf9cf968);
});

test.each([
  [formatVolume(33.94), '34 L'],
  [formatVolume(6.28), '6.3 L'],
  [formatVolume(0.946352946, 'imperial'), '1.0 qt'],
  [formatMass(49.4), '49 kg'],
  [formatMass(0.45359237, 'imperial'), '1.0 lb'],
  [formatRain(4.6), '5 mm'],
  [formatRain(12.7, 'imperial'), '0.5 in'],
  [formatTemperature(-12), '−12°C'],
  [formatTemperature(-40, 'imperial'), '−40°F'],
  [formatTemperature(20, 'imperial'), '68°F'],
  [formatMoney(3), '£3.00'],
  [formatPercent(0.375), '38%'],
])('%s is printed as %s', (printed, text) => expect(printed).toBe(text));

test.each([
  [0, 32],
  [100, 212],
  [-40, -40],
])('%d °C is %d °F, and back', (c, f) => {
  expect(fahrenheit(c)).toBe(f);
  expect(celsius(f)).toBe(c);
});
