import { freshPlanting } from '../plantings/fresh';
import type { Planting } from '../plantings/schema';
import { judgedWeeks } from './span';
import { occasionOf } from '../plantings/occasion';

const on = (
  startDate: string,
  brief: Partial<Planting['brief']> = {},
  spot: Partial<Planting['spot']> = {},
): Planting => {
  const fresh = freshPlanting('span', 'Span', '2026-05-16');
  return { ...fresh, startDate, spot: { ...fresh.spot, ...spot }, brief: { ...fresh.brief, ...brief } };
};

test.each<[string, ReturnType<typeof occasionOf>]>([
  ['2026-03-01', 'spring'],
  ['2026-04-12', 'summer'],
  ['2026-05-16', 'summer'],
  ['2026-08-01', 'summer'],
  ['2026-09-15', 'winter'],
  ['2026-12-01', 'winter'],
])('what is set out on %s is for %s', (day, occasion) => expect(occasionOf(on(day))).toBe(occasion));

test('what stays is for the whole year, whenever it is set out', () => {
  expect(occasionOf(on('2026-09-15', { lasting: true }))).toBe('lasting');
  expect(judgedWeeks(on('2026-05-16', { lasting: true }))).toBe(52);
});

test('summer is judged to the first frost, spring to three weeks after the last, winter to its end', () => {
  expect(judgedWeeks(on('2026-05-16'))).toBe(22);
  // 1 March to 25 May.
  expect(judgedWeeks(on('2026-03-01'))).toBe(12);
  // 15 September to 30 March.
  expect(judgedWeeks(on('2026-09-15'))).toBe(28);
});

test('a day of change-over ends it; one that lies before is no such day', () => {
  expect(judgedWeeks(on('2026-05-16', { changeOver: '2026-08-01' }))).toBe(11);
  expect(judgedWeeks(on('2026-05-16', { changeOver: '2026-05-01' }))).toBe(22);
  expect(judgedWeeks(on('2026-05-16', { changeOver: '2026-05-20' }))).toBe(6);
});

test('where winter lies in the middle of the year, November is summer', () => {
  const south = { lastFrost: '08-20', firstFrost: '05-25' };
  expect(occasionOf(on('2026-11-01', {}, south))).toBe('summer');
  expect(occasionOf(on('2026-05-01', {}, south))).toBe('winter');
});
