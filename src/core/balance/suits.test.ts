import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { pot, roundPot } from '../testing/pots';
import {
  bearsInPotC,
  firstNights,
  meetsFrost,
  nightsSuit,
  type Outdoors,
  outOfSeason,
  scorchLimitH,
  setOutForWinter,
  standsThroughWinter,
  stopsAtC,
  winterSuits,
} from './suits';

test('a leaf takes an hour more of afternoon in a cool summer and an hour less in a hot one', () => {
  const limit = (summer: 'cool' | 'warm' | 'hot', scorchAfternoonH: number | null = 3) =>
    scorchLimitH({ scorchAfternoonH }, { summer });
  expect([limit('cool'), limit('warm'), limit('hot')]).toEqual([4, 3, 2]);
  expect(limit('hot', 0)).toBe(0);
  expect(limit('hot', null)).toBeNull();
});

const plant = (id: string): Plant => LIBRARY.find((p) => p.id === id) as Plant;

describe('a winter out of doors in a pot', () => {
  const outdoors = (coldestWinterC: number, container = roundPot(400, 300, 350)): Outdoors => ({
    spot: { coldestWinterC },
    container,
  });
  test('a degree colder in a small pot or one that hangs, a degree warmer in a hundred litres', () => {
    const bears = (container: Planting['container']) => bearsInPotC(plant('liriope'), outdoors(-11, container));
    const most = bears(roundPot(400, 300, 350));
    expect(bears(roundPot(220, 180, 200))).toBe(most + 1);
    expect(bears({ ...roundPot(400, 300, 350), mount: 'rail' })).toBe(most + 1);
    expect(bears(roundPot(700, 600, 500))).toBe(most - 1);
  });
  test('what wants grit bears three degrees less in wet cold, unless a roof keeps the rain off', () => {
    const climate = (mm: number) => ({
      name: 'a place',
      highC: [6, 7, 10, 14, 17, 20, 22, 22, 18, 14, 9, 7],
      lowC: [0, 0, 2, 4, 7, 10, 13, 12, 10, 7, 3, 1],
      rainMm: Array<number>(12).fill(mm),
    });
    const bears = (id: string, mm: number, rain: 'open' | 'none' = 'open') =>
      bearsInPotC(plant(id), {
        spot: { coldestWinterC: -11, rain, climate: climate(mm) },
        container: roundPot(400, 300, 350),
      });
    expect(bears('houseleek-green', 90)).toBe(bears('houseleek-green', 30) + 3);
    expect(bears('houseleek-green', 90, 'none')).toBe(bears('houseleek-green', 30));
    expect(bears('liriope', 90)).toBe(bears('liriope', 30));
  });
  const lilyturf = plant('liriope');
  const at = (coldestWinterC: number, coldest: number) =>
    winterSuits({ ...lilyturf, coldestWinterC }, outdoors(coldest));
  test.each<[string, number, number, string]>([
    ['by what it bears in the ground and 3°C more where it is mild', -7, -4, 'lives'],
    ['a degree short of that it wants wrapping', -6, -4, 'wrap'],
    ['5°C more down to −10', -14, -9, 'lives'],
    ['and 8 beyond', -20, -12, 'lives'],
    ['four degrees short a wrap still brings it through', -16, -12, 'wrap'],
    ['five short nothing does', -15, -12, 'dies'],
    ['what dies in the ground dies in a pot, wrapped or not', -3, -4, 'dies'],
  ])('%s', (_, hardy, coldest, verdict) => expect(at(hardy, coldest)).toBe(verdict));
  test('by its roots where they are known: lavender lives at −13 and spruce at −25, box no better than its leaf', () => {
    const bears = (id: string) => bearsInPotC(plant(id), outdoors(-11));
    expect([bears('lavender'), bears('spruce-dwarf'), bears('box-ball')]).toEqual([-13, -25, -15]);
  });
});

describe('first nights', () => {
  const on = (startDate: string, lastFrost = '05-10', firstFrost = '10-20') =>
    firstNights({ spot: { ...pot().spot, lastFrost, firstFrost }, startDate, brief: pot().brief });
  test('frost can come up to the last frost and again from the first', () => {
    expect(['2026-03-01', '2026-05-09', '2026-05-10', '2026-08-19', '2026-10-20'].map((d) => on(d).frosty)).toEqual([
      true,
      true,
      false,
      false,
      true,
    ]);
  });
  test('where winter lies in the middle of the year, in between', () => {
    const south = (day: string) => on(day, '09-10', '05-20').frosty;
    expect(['2026-03-19', '2026-05-20', '2026-09-09', '2026-09-10'].map(south)).toEqual([false, true, true, false]);
  });
  test('so near to the first frost, or to stand past it, nothing tender is worth planting', () => {
    const meets = (startDate: string, changeOver: string | null = null) =>
      meetsFrost({ spot: pot().spot, startDate, brief: { ...pot().brief, changeOver } });
    expect([meets('2026-08-20'), meets('2026-09-20'), meets('2026-08-20', '2027-03-20')]).toEqual([false, true, true]);
    expect(meets('2026-05-20')).toBe(false);
  });
  test('frost kills what takes none; a night that is only too cold is to watch', () => {
    const frosty = { nightC: 4, frosty: true };
    expect(nightsSuit(plant('canna-dwarf-red'), frosty)).toBe('frost');
    expect(nightsSuit(plant('gaura-white'), { ...frosty, nightC: 8 })).toBe('good');
    expect(nightsSuit(plant('canna-dwarf-red'), { ...frosty, frosty: false })).toBe('cold');
  });
  test('eight weeks before the last frost violas and primroses go out, cape daisies, twinspurs and alyssum do not', () => {
    const march = { nightC: 2, frosty: true };
    for (const id of ['viola-blue', 'primrose-yellow', 'muscari-blue'])
      expect([id, nightsSuit(plant(id), march)]).toEqual([id, 'good']);
    for (const id of ['osteospermum-purple', 'diascia-pink', 'alyssum-white', 'nemesia-pink'])
      expect([id, nightsSuit(plant(id), march)]).toEqual([id, plant(id).coldestNightC > -2 ? 'frost' : 'hard frost']);
  });
  test('set out within ten weeks of the first frost it is to stand through the winter', () => {
    const set = (startDate: string, changeOver: string | null = null) =>
      setOutForWinter({ spot: pot().spot, startDate, brief: { ...pot().brief, changeOver } });
    expect([set('2026-10-01'), set('2026-12-01'), set('2026-06-01')]).toEqual([true, true, false]);
    expect(set('2026-10-01', '2026-12-01')).toBe(false);
  });
  test('what only stands still waits two degrees under its stop, and no more', () => {
    const on = (id: string, nightC: number) => nightsSuit(plant(id), { nightC, frosty: false });
    expect([stopsAtC(plant('coleus-lime')), stopsAtC(plant('petunia-white'))]).toEqual([11, 6]);
    expect([on('coleus-lime', 9), on('coleus-lime', 8.5)]).toEqual(['good', 'cold']);
    expect([on('petunia-white', 4), on('petunia-white', 3.5)]).toEqual(['good', 'cold']);
  });
});

describe('what is out of season on the planting day', () => {
  const north = pot().spot;
  const south = { ...north, lastFrost: '09-10', firstFrost: '05-20' };
  const why = (id: string, startDate: string, change: Partial<ReturnType<typeof pot>> = {}) =>
    outOfSeason(LIBRARY.find((p) => p.id === id) as Plant, pot({ startDate, ...change }));
  test.each<[string, string, boolean]>([
    ['pansy-blue', '2026-03-10', false],
    ['pansy-blue', '2026-05-20', true],
    ['pansy-blue', '2026-07-10', true],
    ['pansy-blue', '2026-09-20', false],
    ['pansy-blue', '2026-11-20', false],
    ['petunia-white', '2026-05-20', false],
    ['snapdragon-white', '2026-05-20', false],
    ['hyacinth-blue', '2026-05-20', true],
    ['lettuce-red', '2026-05-20', false],
    ['gladiolus-dwarf', '2026-05-20', false],
  ])('%s on %s: %s', (id, day, out) => expect(why(id, day) !== null).toBe(out));
  test('south of the equator half a year later', () => {
    expect(why('pansy-blue', '2026-05-20', { spot: south })).toBeNull();
    expect(why('pansy-blue', '2026-11-20', { spot: south })).toMatch(/fades in summer/);
  });
  test('a cool summer, or a pot for years, asks no such thing', () => {
    expect(why('pansy-blue', '2026-05-20', { spot: { ...north, summer: 'cool' } })).toBeNull();
    expect(why('pansy-blue', '2026-05-20', { brief: { ...pot().brief, lasting: true } })).toBeNull();
  });
});

describe('a planting that is changed over after the winter', () => {
  const stands = (startDate: string, changeOver: string | null, southern = false) =>
    standsThroughWinter({
      startDate,
      spot: southern ? { ...pot().spot, lastFrost: '09-10', firstFrost: '05-20' } : pot().spot,
      brief: { ...pot().brief, changeOver },
    });
  test.each([
    ['2026-10-01', '2027-04-10', true],
    ['2026-10-01', '2026-12-27', false],
    ['2026-03-20', '2026-06-01', false],
    ['2026-10-01', null, true],
    ['2026-05-16', null, false],
  ])('from %s to %s: %s', (from, to, through) => expect(stands(from, to)).toBe(through));
  test('in the south the depth of it is in July', () => {
    expect(stands('2026-04-10', '2026-09-20', true)).toBe(true);
    expect(stands('2026-10-01', '2027-04-10', true)).toBe(false);
  });
});
