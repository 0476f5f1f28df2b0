import { sunShareOf } from './sun-share';
import { plantOf } from '../testing/plant-of';

const petunia = plantOf('petunia-violet');
const fuchsia = plantOf('fuchsia-upright');

describe('less sun than it wants', () => {
  test('at four hours a sun plant has 0.85 of its width and two thirds of its flower', () => {
    expect(sunShareOf(petunia, 4).wide).toBeCloseTo(0.85, 1);
    expect(sunShareOf(petunia, 4).flower).toBeCloseTo(0.65, 1);
  });
  test('at three hours 0.7 to 0.75 and 0.45', () => {
    expect(sunShareOf(petunia, 3).wide).toBeCloseTo(0.74, 1);
    expect(sunShareOf(petunia, 3).flower).toBeGreaterThan(0.38);
    expect(sunShareOf(petunia, 3).flower).toBeLessThan(0.52);
  });
  test('at two hours it is drawn: taller, no narrower still, and a third in flower at the most', () => {
    expect(sunShareOf(petunia, 2).wide).toBeCloseTo(0.7, 6);
    expect(sunShareOf(petunia, 2).high).toBeGreaterThan(1.04);
    expect(sunShareOf(petunia, 2).flower).toBeLessThan(0.36);
  });
  test('without any sun a sun plant does not flower', () => expect(sunShareOf(petunia, 0).flower).toBe(0));
  test('a plant of the half-shade loses nothing down to its hours, and keeps 0.3 of its flower in none', () => {
    expect(sunShareOf(fuchsia, 2)).toEqual({ wide: 1, high: 1, flower: 1 });
    expect(sunShareOf(fuchsia, 0).flower).toBe(0.3);
    expect(sunShareOf(fuchsia, 0).wide).toBeCloseTo(0.6, 1);
  });
});

test('more sun than it bears makes a shade plant narrower, and a sun plant never', () => {
  expect(sunShareOf(fuchsia, 9).wide).toBeLessThan(0.8);
  expect(sunShareOf(petunia, 14).wide).toBe(1);
});
