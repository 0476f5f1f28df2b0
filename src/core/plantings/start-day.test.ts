import { pot, warmPot } from '../testing/pots';
import type { Planting } from './schema';
import { movedTo, startDay } from './start-day';

const north = { lastFrost: '05-04', firstFrost: '10-20' };
const south = { lastFrost: '11-04', firstFrost: '04-20' };

test.each([
  ['in spring, after the last frost', '2026-03-01', '2026-05-16'],
  ['on the last frost, when nights have warmed', '2026-05-04', '2026-05-16'],
  ['the day before it is warm enough, tomorrow', '2026-05-15', '2026-05-16'],
  ['in May, today', '2026-05-20', '2026-05-20'],
  ['in July, today', '2026-07-10', '2026-07-10'],
  ['ten weeks before the frost, still today', '2026-08-11', '2026-08-11'],
  ['later, next year', '2026-08-12', '2027-05-16'],
  ['in winter, next spring', '2026-12-24', '2027-05-16'],
])('%s', (_, today, day) => expect(startDay(north, today)).toBe(day));

test.each([
  ['2026-05-16', '2026-11-16'],
  ['2026-11-20', '2026-11-20'],
  ['2027-01-15', '2027-01-15'],
  ['2027-03-01', '2027-11-16'],
])('in the south on %s: %s', (today, day) => expect(startDay(south, today)).toBe(day));

describe('a change of the spot', () => {
  const clock = (latitude: number): Planting['spot']['light'] => ({
    kind: 'clock',
    latitude,
    facing: 0,
    wall: false,
    skyline: Array.from({ length: 36 }, () => 0),
    roofDeg: null,
    trees: [],
    dappled: false,
  });
  test('across the equator turns the frosts half a year, and the day of an unplanted pot with them', () => {
    const moved = movedTo(pot(), { light: clock(-35) }, '2026-05-16');
    expect(moved.spot).toMatchObject({ lastFrost: '11-04', firstFrost: '04-20' });
    expect(moved.startDate).toBe('2026-11-16');
    const back = movedTo({ ...pot(), ...moved }, { light: clock(35) }, '2026-05-16');
    expect(back.spot).toMatchObject(north);
  });
  test('that names its own frosts keeps them', () => {
    expect(
      movedTo(pot(), { light: clock(-35), lastFrost: '09-20', firstFrost: '05-10' }, '2026-05-16').spot,
    ).toMatchObject({
      lastFrost: '09-20',
      firstFrost: '05-10',
    });
  });
  test('leaves the day of a planted pot, and of one whose frosts stay', () => {
    expect(movedTo(warmPot(), { lastFrost: '06-01' }, '2026-05-16').startDate).toBeUndefined();
    expect(movedTo(pot(), { wind: 'windy' }, '2026-05-16')).toEqual({ spot: { ...pot().spot, wind: 'windy' } });
    expect(movedTo(pot(), { lastFrost: '06-01' }, '2026-05-16').startDate).toBe('2026-06-13');
  });
});
