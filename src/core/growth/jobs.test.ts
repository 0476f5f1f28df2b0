import { pot, warmPot } from '../testing/pots';
import { addDays } from '../units/date';
import { jobsOf } from './jobs';

const start = warmPot().startDate;
const kinds = (today: string, p = warmPot()) => jobsOf(p, today).map((j) => j.kind);

test('an empty container asks to be composed, on any day', () =>
  expect(kinds('2026-01-03', pot())).toEqual(['compose']));
test('a plan for later asks for nothing yet', () => expect(kinds(addDays(start, -30))).toEqual([]));
test('in the fortnight before it asks to be planted, on its day', () =>
  expect(jobsOf(warmPot(), addDays(start, -9))).toMatchObject([{ kind: 'plant', due: start }]));
test('three weeks in it asks for a pinch', () =>
  expect(jobsOf(warmPot(), addDays(start, 19))).toMatchObject([{ kind: 'pinch', due: addDays(start, 21) }]));
test('in midsummer there is no pinch left to do', () => expect(kinds(addDays(start, 60))).not.toContain('pinch'));
test('before the first frost it is told, and long after the season is over', () => {
  const frost =
    Array.from({ length: 26 }, (_, w) => addDays(start, w * 7)).find((d) => kinds(d).includes('frost')) ?? '';
  expect(frost > '2026-09-25' && frost <= '2026-10-24').toBe(true);
  expect(kinds('2026-12-20')).toEqual(['over']);
});
test('what lasts the year is never over', () =>
  expect(kinds('2027-02-20', { ...warmPot(), brief: { ...warmPot().brief, lasting: true } })).toEqual([]));
