import fc from '../testing/fc';
import { formatLength, parseLength, parseOffset } from './length';

describe('parseLength', () => {
  test.each([
    ['35cm', 350],
    ['35 cm', 350],
    ['14 in', 355.6],
    ['14"', 355.6],
    [`1' 2"`, 355.6],
    ['1 ft 2 in', 355.6],
    ['14 1/2 in', 368.3],
    ['1/2"', 12.7],
    ['420 mm', 420],
    ['0.42 m', 420],
    ['35,5 cm', 355],
  ])('reads %s', (text, mm) => expect(parseLength(text)).toBeCloseTo(mm, 3));

  test('a bare number is in the everyday unit of the system', () => {
    expect(parseLength('35', 'metric')).toBe(350);
    expect(parseLength('14', 'imperial')).toBeCloseTo(355.6, 3);
  });

  test.each(['', 'wide', '-3 cm', '14 parsecs', '3 cm wide', '1/0 in', 'cm'])('refuses %p', (text) =>
    expect(parseLength(text)).toBeNull(),
  );

  test('to either side: a minus of either kind is the other way, twice it is nothing', () => {
    expect(['-30 cm', '−30 cm', '30 cm', '- 3 cm', '--3 cm', '-wide'].map((t) => parseOffset(t))).toEqual([
      -300,
      -300,
      300,
      -30,
      null,
      null,
    ]);
    expect(parseOffset('-10', 'imperial')).toBeCloseTo(-254);
  });

  test('what it prints it reads back, to the figure printed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 3000 }),
        fc.constantFrom('metric' as const, 'imperial' as const),
        (mm, units) => {
          const back = parseLength(formatLength(mm, units), units);
          expect(Math.abs((back ?? NaN) - mm)).toBeLessThanOrEqual(units === 'metric' ? 5 : 6.4);
        },
      ),
    );
  });
});

test('formatLength keeps a decimal only where it matters', () => {
  expect(formatLength(355)).toBe('36 cm');
  expect(formatLength(25)).toBe('2.5 cm');
  expect(formatLength(355.6, 'imperial')).toBe('14 in');
});
