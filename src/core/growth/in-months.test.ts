import { inMonths } from './in-months';

describe('a record read month by month', () => {
  const from = (...june: readonly number[]) =>
    [...Array<number>(5).fill(0), ...june, ...Array<number>(12).fill(0)].slice(0, 12);

  test('what begins in June has none on the last day of May, and half in its first week', () => {
    expect(inMonths(from(1, 1), 4.5)).toBe(0);
    expect(inMonths(from(1, 1), 4.3)).toBe(0);
    expect(inMonths(from(1, 1), 4.75)).toBeCloseTo(0.5, 9);
    expect(inMonths(from(1, 1), 5)).toBe(1);
  });
  test('what ends in July has none in August', () => {
    expect(inMonths(from(1, 1), 6.25)).toBeCloseTo(0.5, 9);
    expect(inMonths(from(1, 1), 6.5)).toBe(0);
  });
  test('between months that have some it is straight, round the end of the year too', () => {
    expect(inMonths(from(0.4, 0.8), 5.25)).toBeCloseTo(0.5, 9);
    expect(inMonths([1, ...Array<number>(10).fill(0), 0.5], 11.5)).toBeCloseTo(0.75, 9);
    expect(inMonths([1, ...Array<number>(10).fill(0), 0.5], -0.5)).toBeCloseTo(0.75, 9);
  });
});
