import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { placed, pot } from '../testing/pots';
import type { CalendarWeek } from './calendar';
import type { PlantState } from './grown';
import { type Meets, paceOf } from './pace';
import { grow } from './season';
import { type Bed, step, UNTENDED } from './step';

/** A summer plant in flower all year at one share, so that nothing but the rule in question moves it. */
const base = LIBRARY.find((p) => p.id === 'petunia-violet') as Plant;
const plantWith = (change: Partial<Plant>): Plant => ({ ...base, bloom: base.bloom.map(() => 1), ...change });

const week = (change: Partial<CalendarWeek> = {}): CalendarWeek => ({
  week: 5,
  date: '2026-06-20',
  at: 5.6,
  meanC: 18,
  highC: 22,
  nightC: 14,
  frosty: false,
  ...change,
});

const half: PlantState = {
  grown: {
    heightMm: 100,
    spreadMm: 120,
    trailMm: 0,
    bloom: 0.5,
    light: 1,
    alive: true,
    gone: null,
    goneWeeks: 0,
    after: 0,
  },
  tended: { ...UNTENDED, rootedWeeks: 9 },
};

/** One plant, half grown, one odd week on: light is what it was left the week before. */
function after(plant: Plant, { light = 1, ...w }: Partial<CalendarWeek> & { light?: number } = {}, was = half) {
  const planting = pot({ placements: [placed('a', 'petunia-violet', 'filler', 0, 0)] });
  const [p] = planting.placements;
  if (!p) throw new Error('no placement');
  const bed: Bed = {
    spot: planting.spot,
    placed: [{ ...p, plant, nx: 1, ny: 0, wallMm: 150 }],
    goals: [{ heightMm: 300, spreadMm: 400, trailMm: 0, flower: 1, paceBy: 1, binds: false }],
    lives: [{ from: 0, until: null }],
    latitude: 0,
    turnedMonths: 0,
  };
  const { plants } = step(bed, { plants: [was], left: [light] }, week(w), []);
  return (plants[0] as PlantState).grown;
}

const pace = (plant: Plant, change: Partial<Meets> = {}) =>
  paceOf(
    plant,
    { start: 'p9', grown: 120 / 400, rootedWeeks: half.tended.rootedWeeks },
    { at: 5.6, latitude: 0, meanC: 18, highC: 22, sunHours: 7, ...change },
  );

test('a week of growth is the logistic of its pace', () => {
  const plant = plantWith({});
  expect(after(plant).heightMm).toBeCloseTo(300 / (1 + (300 / 100 - 1) * Math.exp(-pace(plant))), 9);
});

test('under half its light growth slows, and under 0.35 it stands still', () => {
  const plant = plantWith({});
  expect(after(plant, { light: 0.5 })).toEqual({ ...after(plant), light: 0.5 });
  expect(after(plant, { light: 0.4 }).heightMm).toBeCloseTo(
    300 / (1 + 2 * Math.exp(-pace(plant) * Math.sqrt(1 / 3))),
    9,
  );
  expect(after(plant, { light: 0.34 }).heightMm).toBe(100);
});

test('in the dark a sun plant is dead after six weeks, and a shade plant lives on', () => {
  const dark: PlantState = { ...half, tended: { ...half.tended, darkWeeks: 6 } };
  expect(after(plantWith({}), { light: 0.1 }, dark)).toMatchObject({ alive: false, gone: 'dark' });
  expect(after(plantWith({ sunHours: [0, 1, 4, 6] }), { light: 0.1 }, dark).alive).toBe(true);
  expect(after(plantWith({}), { light: 0.1 }, half).alive).toBe(true);
});

test('nothing grows in the cold it stands still in, and heat past its full pace speeds nothing', () => {
  const plant = plantWith({});
  expect(after(plant, { meanC: 8 }).heightMm).toBe(100);
  expect(after(plant, { meanC: 26 }).heightMm).toBe(after(plant, { meanC: 30 }).heightMm);
});

describe('flower', () => {
  const full = after(plantWith({})).bloom;
  test('a night under what it takes halves it', () => {
    const warm = { ...half, grown: { ...half.grown, spreadMm: 390 } };
    const of = (coldestNightC: number, nightC: number) =>
      after(plantWith({ coldestNightC }), { nightC, meanC: 26 }, warm).bloom;
    expect(of(10, 9)).toBeCloseTo(of(10, 10) / 2, 9);
  });
  test('heat takes it from a cool-season plant, the more the hotter, and a child of heat minds nothing', () => {
    const kind = (heat: 'stops' | 'thrives') => plantWith({ facts: { heat } });
    expect(after(kind('stops'), { highC: 25 }).bloom).toBeLessThan(after(kind('stops')).bloom);
    expect(after(kind('stops'), { highC: 30 }).bloom).toBeLessThan(after(kind('stops'), { highC: 25 }).bloom);
    expect(after(kind('thrives'), { highC: 36 }).bloom).toBe(after(kind('thrives')).bloom);
  });
  test('half its light leaves it whole, 0.35 half of it, and 0.15 none', () => {
    expect(after(plantWith({}), { light: 0.5 }).bloom).toBeCloseTo(full, 9);
    const still = after(plantWith({}), { light: 0.35 });
    expect(after(plantWith({}), { light: 0.25 }).bloom).toBeCloseTo(still.bloom / 2, 9);
    expect(after(plantWith({}), { light: 0.15 }).bloom).toBe(0);
  });
});

describe('frost', () => {
  const frosty = { frosty: true, nightC: -3 };
  const under = (shelter: PlantState['tended']['shelter']): PlantState => ({
    ...half,
    tended: { ...half.tended, shelter },
  });
  test('kills what takes no night under −2 °C and spares the rest', () => {
    expect(after(plantWith({ coldestNightC: 5 }), frosty)).toMatchObject({ alive: false, gone: 'frost', bloom: 0 });
    expect(after(plantWith({ coldestNightC: -2 }), frosty).alive).toBe(true);
    expect(after(plantWith({ coldestNightC: 5 }), { nightC: -3 }).alive).toBe(true);
  });
  test('fleece keeps it off to −4 °C, a porch altogether', () => {
    const tender = plantWith({ coldestNightC: 5 });
    expect(after(tender, frosty, under('fleece')).alive).toBe(true);
    expect(after(tender, { frosty: true, nightC: -5 }, under('fleece')).alive).toBe(false);
    expect(after(tender, { frosty: true, nightC: -15 }, under('indoors')).alive).toBe(true);
  });
  test('a plant keeps its last size when it dies, and the weeks since are counted', () => {
    const dead = after(plantWith({ coldestNightC: 5 }), frosty);
    expect(dead).toMatchObject({ heightMm: 100, goneWeeks: 0 });
    const later = after(plantWith({ coldestNightC: 5 }), {}, { ...half, grown: dead });
    expect(later).toMatchObject({ heightMm: 100, goneWeeks: 1, alive: false });
  });
});

describe('what dies down', () => {
  const weeksOf = (plant: string, startDate: string, span = 40) =>
    grow(pot({ placements: [placed('a', plant, 'filler', 0, 0, 'p9')], startDate }), span);
  test('a tulip is gone by August and takes no room', () => {
    const { weeks } = weeksOf('tulip-red', '2026-03-20', 24);
    expect(weeks[4]?.plants[0]?.alive).toBe(true);
    expect(weeks[22]?.plants[0]).toMatchObject({ alive: false, gone: 'asleep', bloom: 0 });
  });
  test('a hosta leaves a gap in December and comes again in spring', () => {
    const { weeks } = weeksOf('hosta-blue', '2026-09-10', 36);
    const at = (month: string) => weeks.find((w) => w.date.slice(5, 7) === month)?.plants[0];
    expect(at('12')).toMatchObject({ alive: false, gone: 'asleep' });
    expect(weeks[weeks.length - 1]?.plants[0]?.alive).toBe(true);
  });
  test('a dwarf conifer is much the same a season on, and a bigger start stays bigger', () => {
    const size = (start: 'p9' | 'l1', week: number) =>
      grow(pot({ placements: [placed('a', 'spruce-dwarf', 'filler', 0, 0, start)] })).weeks[week]?.plants[0]
        ?.heightMm ?? 0;
    expect(size('l1', 18)).toBeLessThan(size('l1', 0) * 1.5);
    expect(size('l1', 18)).toBeGreaterThan(size('p9', 18) * 1.1);
  });
  test('what is bought for the cold months is bought grown; a plug flowers later than a pot', () => {
    const share = (plant: string, startDate: string, week: number) =>
      weeksOf(plant, startDate, 30).weeks[week]?.plants[0];
    const [now, later] = [share('cabbage-white', '2026-10-01', 0), share('cabbage-white', '2026-10-01', 20)];
    expect((now?.spreadMm ?? 0) / (later?.spreadMm ?? 1)).toBeGreaterThan(0.75);
    const plug = grow(pot({ placements: [placed('a', 'petunia-violet', 'filler', 0, 0, 'plug')] })).weeks;
    const grownOne = grow(pot({ placements: [placed('a', 'petunia-violet', 'filler', 0, 0, 'p10')] })).weeks;
    expect(plug[4]?.plants[0]?.bloom ?? 0).toBeLessThan((grownOne[4]?.plants[0]?.bloom ?? 0) / 2);
  });
  test('a chilli shows fruit after its flower', () => {
    const { weeks } = weeksOf('chilli', '2026-05-20', 20);
    expect(weeks[16]?.plants[0]?.after).toBeGreaterThan(0.5);
    expect(weeks[1]?.plants[0]?.after).toBe(0);
  });
});
