import {
  addDays,
  dayInWeek,
  daysBetween,
  monthly,
  monthPosition,
  nextMonthDay,
  formatDayFrom,
  isDay,
  MonthDaySchema,
} from './date';

test('days are counted across a clock change and a leap day', () => {
  expect(addDays('2026-03-28', 3)).toBe('2026-03-31');
  expect(addDays('2028-02-28', 2)).toBe('2028-03-01');
  expect(daysBetween('2026-05-14', '2026-10-24')).toBe(163);
});

test('the next month and day may be next year', () => {
  expect(nextMonthDay('2026-05-14', '10-24')).toBe('2026-10-24');
  expect(nextMonthDay('2026-11-01', '10-24')).toBe('2027-10-24');
  expect(nextMonthDay('2026-10-24', '10-24')).toBe('2026-10-24');
});

test('a monthly series is straight between mid-months and wraps at the year', () => {
  const rising = [0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100, 110];
  expect(monthly(rising, 3)).toBe(30);
  expect(monthly(rising, 3.5)).toBe(35);
  expect(monthly(rising, 11.5)).toBe(55);
  expect(monthly(rising, -0.5)).toBe(55);
  expect(monthPosition('2026-07-15')).toBeCloseTo(6, 1);
});

test.each([
  ['2026-05-16', true],
  ['2024-02-29', true],
  ['2026-02-29', false],
  ['2026-02-30', false],
  ['0026-05-16', false],
  ['20266-05-16', false],
  ['9999-01-01', false],
  ['2026-13-01', false],
  ['16 May', false],
])('%s is a day: %s', (text, is) => expect(isDay(text)).toBe(is));

test.each([
  ['05-04', true],
  ['02-28', true],
  ['02-29', false],
  ['02-30', false],
  ['04-31', false],
  ['5-4', false],
])('%s is a day of every year: %s', (text, is) => expect(MonthDaySchema.safeParse(text).success).toBe(is));

test('a day in another year is said with its year', () => {
  expect(formatDayFrom('2026-05-16', '2026-11-25')).toBe('16 May');
  expect(formatDayFrom('2027-05-16', '2026-11-25')).toBe('16 May 2027');
});

test.each([
  ['2026-07-09', '2026-07-10', '2026-07-10'],
  ['2026-07-09', '2026-07-15', '2026-07-15'],
  ['2026-07-09', '2026-07-16', '2026-07-09'],
  ['2026-07-09', '2026-07-08', '2026-07-09'],
])('the week from %s is known on %s by %s', (first, today, known) => expect(dayInWeek(first, today)).toBe(known));
