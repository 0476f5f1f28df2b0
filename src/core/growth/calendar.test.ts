import { dayHighC, meanC, nightC } from '../climate';
import { SUMMERS, type Summer } from '../climate/summers';
import { monthPosition } from '../units/date';
import { calendarOf } from './calendar';

const kinds = Object.keys(SUMMERS) as Summer[];

describe('the three summers', () => {
  test.each(kinds)('%s: nights are colder than days in every month, and July is warmer than January', (summer) => {
    for (let m = 0; m < 12; m += 1) expect(nightC({ summer }, m)).toBeLessThan(dayHighC({ summer }, m));
    expect(meanC({ summer }, 6)).toBeGreaterThan(meanC({ summer }, 0) + 8);
  });
  test('a hot summer is hotter than a warm one, and a warm than a cool', () => {
    expect(dayHighC({ summer: 'hot' }, 6)).toBeGreaterThan(dayHighC({ summer: 'warm' }, 6) + 5);
    expect(dayHighC({ summer: 'warm' }, 6)).toBeGreaterThan(dayHighC({ summer: 'cool' }, 6) + 3);
  });
  test('mid-month figures are the table’s own', () => {
    kinds.forEach((k) => expect(dayHighC({ summer: k }, 6)).toBe(SUMMERS[k].highC[6]));
    expect(meanC({ summer: 'warm' }, monthPosition('2026-07-15'))).toBeCloseTo(20, 0);
  });
});

describe('the weeks of a season', () => {
  const spot = { summer: 'warm' as const, lastFrost: '05-04', firstFrost: '10-20' };
  test('run from planting to just past the first frost, seven days apart', () => {
    const c = calendarOf(spot, '2026-05-16');
    // 157 days from 16 May to 20 October: 22 whole weeks, and two more to see what frost does.
    expect(c.frostWeek).toBe(22);
    expect(c.weeks).toHaveLength(24);
    expect(c.weeks[0]).toMatchObject({ week: 0, date: '2026-05-16' });
    expect(c.weeks[1]?.date).toBe('2026-05-23');
  });
  test('are never fewer than fourteen nor more than thirty', () => {
    expect(calendarOf(spot, '2026-10-01').weeks).toHaveLength(14);
    expect(calendarOf(spot, '2026-02-01').weeks).toHaveLength(30);
  });
  test('a frost date already past is next year’s', () => expect(calendarOf(spot, '2026-11-01').frostWeek).toBe(50));
  test('another spot has another calendar', () => {
    expect(calendarOf({ ...spot, summer: 'hot' }, '2026-05-16').weeks[8]?.meanC).toBeGreaterThan(
      (calendarOf(spot, '2026-05-16').weeks[8]?.meanC ?? 0) + 4,
    );
    expect(calendarOf({ ...spot, lastFrost: '05-04', firstFrost: '09-10' }, '2026-05-16').frostWeek).toBe(16);
  });
});
