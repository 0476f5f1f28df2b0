import type { StartSize } from '../plants/starts';
import type { Planting } from '../plantings/schema';
import { CLIMATES, type ClimateId, spotIn } from '../testing/growers/places';
import { placed, pot } from '../testing/pots';
import { addDays } from '../units/date';
import type { Grown } from './grown';
import { paceOf } from './pace';
import { grow } from './season';
import { warmthShare } from './warmth';
import { plantOf } from '../testing/plant-of';

interface Asked {
  place?: ClimateId;
  start?: StartSize;
  from?: string;
  hours?: number;
  weeks?: number;
  change?: Partial<Planting>;
}
const weeksOf = (
  plant: string,
  { place = 'temperate', start = 'p9', from, hours = 6, weeks = 21, change }: Asked = {},
) =>
  grow(
    pot({
      startDate: from ?? CLIMATES[place].plantOut,
      spot: spotIn(place, hours),
      placements: [placed('a', plant, 'filler', 0, 0, start)],
      ...change,
    }),
    weeks,
  ).weeks.map((w) => w.plants[0] as Grown);
/** The first week in which it has a share of the most it makes. */
const weekOf = (weeks: readonly Grown[], share: number) => {
  const most = Math.max(...weeks.map((g) => g.spreadMm));
  return weeks.findIndex((g) => g.spreadMm >= most * share);
};

describe('a summer', () => {
  test.each([
    ['petunia-violet', 8, 12],
    ['bidens-yellow', 8, 12],
    ['pelargonium-scarlet', 10, 15],
    ['verbena-magenta', 8, 13],
    ['coleus-lime', 12, 18],
    ['angelonia-purple', 11, 18],
    ['lantana-sunset', 12, 18],
  ])('%s is nine tenths grown in week %i to %i where July is 22/13', (id, from, to) => {
    const week = weekOf(weeksOf(id, { hours: id === 'coleus-lime' ? 3 : 6 }), 0.9);
    expect(week).toBeGreaterThanOrEqual(from);
    expect(week).toBeLessThanOrEqual(to);
  });
  test('a warmer summer is sooner, a cooler one later', () => {
    const week = (place: ClimateId) => weekOf(weeksOf('petunia-violet', { place }), 0.9);
    expect(week('hot')).toBeLessThanOrEqual(week('temperate') - 1);
    expect(week('cool')).toBeGreaterThanOrEqual(week('temperate'));
  });
  test('a child of heat hardly moves in June at 22/13, and runs at 33/20', () => {
    const of = (place: ClimateId) => weeksOf('sweet-potato-vine-lime', { place })[4]?.spreadMm ?? 0;
    expect(of('hot')).toBeGreaterThan(of('temperate') * 1.5);
  });
  test('a canna stays short where summers are 19/11', () => {
    const of = (place: ClimateId) => weeksOf('canna-bronze-orange', { place, start: 'l1' })[16]?.heightMm ?? 0;
    expect(of('cool') / of('temperate')).toBeGreaterThan(0.6);
    expect(of('cool') / of('temperate')).toBeLessThan(0.88);
  });
  test('a trail runs on while the plant above it is grown', () => {
    const weeks = weeksOf('dichondra-silver');
    expect(weekOf(weeks, 0.8)).toBeLessThan(weeks.findIndex((g) => g.trailMm > 0.9 * (weeks.at(-1)?.trailMm ?? 0)));
  });
});

describe('starts against one another', () => {
  test('a plug is weeks behind a 9 cm pot in July and level by September', () => {
    const [plug, p9] = [weeksOf('petunia-violet', { start: 'plug' }), weeksOf('petunia-violet')];
    expect(plug[8]?.spreadMm).toBeLessThan((p9[8]?.spreadMm ?? 0) * 0.88);
    expect(plug[20]?.spreadMm).toBeGreaterThan((p9[20]?.spreadMm ?? 0) * 0.95);
  });
  test('a tuber lives on its stores at first, and is still weeks behind', () => {
    const [tuber, potted] = [weeksOf('dahlia-yellow', { start: 'bare' }), weeksOf('dahlia-yellow', { start: 'p10' })];
    expect(tuber[4]?.heightMm).toBeGreaterThan((tuber[0]?.heightMm ?? 1) * 2.5);
    expect(tuber[6]?.heightMm).toBeLessThan((potted[6]?.heightMm ?? 0) * 0.65);
    expect(tuber[20]?.heightMm).toBeGreaterThan((potted[20]?.heightMm ?? 0) * 0.85);
  });
});

describe('the first weeks', () => {
  const gain = (weeks: readonly Grown[], week: number) =>
    (weeks[week]?.spreadMm ?? 0) - (weeks[week - 1]?.spreadMm ?? 0);
  test('go into roots: a petunia stands nearly still for a fortnight in May', () => {
    const weeks = weeksOf('petunia-violet');
    expect(gain(weeks, 1)).toBeLessThan(gain(weeks, 5) * 0.35);
    expect(gain(weeks, 3)).toBeGreaterThan(gain(weeks, 1) * 2);
  });
  test('the colder they are the longer it takes', () => {
    const early = weeksOf('petunia-violet', { from: '2026-04-25' });
    expect((early[3]?.spreadMm ?? 0) / (early[0]?.spreadMm ?? 1)).toBeLessThan(
      (weeksOf('petunia-violet')[3]?.spreadMm ?? 0) / (weeksOf('petunia-violet')[0]?.spreadMm ?? 1),
    );
  });
});

describe('the year', () => {
  const autumn = { from: '2026-09-19', weeks: 30 };
  test('violas widen until November, stand until mid-February, and gain again until April', () => {
    const weeks = weeksOf('viola-blue', { ...autumn, start: 'pack6', hours: 4 });
    const wide = (week: number) => weeks[week]?.spreadMm ?? 0;
    expect(wide(6) / wide(0)).toBeGreaterThan(1.5);
    expect(wide(20) / wide(7)).toBeLessThan(1.1);
    expect(wide(28) / wide(20)).toBeGreaterThan(1.25);
  });
  test.each(['heuchera-plum', 'ivy-variegated', 'fescue-blue', 'box-ball', 'lavender'])(
    '%s set out after the first of September gains next to nothing before spring',
    (id) => {
      const weeks = weeksOf(id, { ...autumn, hours: 4 });
      expect((weeks[22]?.spreadMm ?? 0) / (weeks[0]?.spreadMm ?? 1)).toBeLessThan(1.06);
    },
  );
  test('in the tropics what lasts grows all the year', () => {
    const weeks = weeksOf('pothos-gold', { place: 'tropics', from: '2026-09-19', hours: 1 });
    expect(weeks[12]?.trailMm).toBeGreaterThan((weeks[4]?.trailMm ?? 0) * 1.5);
  });
  test('a hosta makes four fifths of its year by 10 July, out of a crown in seven weeks', () => {
    const weeks = weeksOf('hosta-white-edge', { from: '2026-03-28', start: 'l1', hours: 2 });
    const july = weeks[Math.floor(104 / 7)]?.spreadMm ?? 0;
    expect(july).toBeGreaterThan((weeks.at(-1)?.spreadMm ?? 0) * 0.8);
    expect(weeks[10]?.spreadMm).toBeGreaterThan(july * 0.8);
  });
  test('spring bulbs grow through days that are short and cold', () =>
    expect(weeksOf('tulip-red', { from: '2026-03-10', weeks: 12 })[4]?.heightMm).toBeGreaterThan(220));
});

describe('what takes many summers', () => {
  test('the more summers a kind takes the smaller a share of its size it gains in one', () => {
    const gained = (id: string, start: StartSize) => {
      const weeks = weeksOf(id, { start, hours: 4 });
      return (weeks[20]?.spreadMm ?? 0) / (weeks[0]?.spreadMm ?? 1);
    };
    expect(gained('thyme-lemon', 'p9')).toBeGreaterThan(gained('cordyline-green', 'l1'));
    expect(gained('cordyline-green', 'l1')).toBeGreaterThan(gained('yew-column', 'l2'));
  });
  test.each<[string, StartSize, number, number, number, number]>([
    ['heuchera-plum', 'p9', 40, 110, 80, 160],
    ['fescue-blue', 'p9', 30, 110, 45, 120],
    ['euonymus-gold', 'p9', 30, 80, 45, 110],
    ['cordyline-green', 'p10', 70, 170, 75, 170],
    ['box-ball', 'l1', 20, 65, 20, 65],
    ['cypress-dwarf', 'l2', 15, 70, 5, 50],
  ])('%s from a %s gains %i–%i mm of height and %i–%i of width', (id, start, hFrom, hTo, sFrom, sTo) => {
    const weeks = weeksOf(id, { start, hours: 4 });
    const gain = (of: 'heightMm' | 'spreadMm') => (weeks[20]?.[of] ?? 0) - (weeks[0]?.[of] ?? 0);
    expect(gain('heightMm')).toBeGreaterThan(hFrom);
    expect(gain('heightMm')).toBeLessThan(hTo);
    expect(gain('spreadMm')).toBeGreaterThan(sFrom);
    expect(gain('spreadMm')).toBeLessThan(sTo);
  });
  test('a slow pot plant is still at it in its third summer, and never past its range', () => {
    const lasting = { brief: { ...pot().brief, lasting: true } };
    const weeks = weeksOf('box-ball', { start: 'l1', hours: 4, weeks: 140, change: lasting });
    const [a, b, c] = [20, 72, 124].map((w) => weeks[w]?.spreadMm ?? 0) as [number, number, number];
    expect(b).toBeGreaterThan(a * 1.05);
    expect(c).toBeGreaterThan(b * 1.03);
    expect(c).toBeLessThanOrEqual(plantOf('box-ball').spreadMm[1]);
  });
});

describe('the pace of a week', () => {
  const half = { start: 'p9' as const, grown: 0.5, rootedWeeks: 9 };
  const july = { at: 6, latitude: 51, meanC: 18, highC: 22, sunHours: 6 };
  const petunia = plantOf('petunia-violet');
  test('nothing grows where it is too cold, and warmth past enough speeds nothing', () => {
    expect(paceOf(petunia, half, { ...july, meanC: 6 })).toBe(0);
    expect(paceOf(petunia, half, { ...july, meanC: 28 })).toBe(paceOf(petunia, half, { ...july, meanC: 22 }));
  });
  test('nor in the dark of December, whatever the warmth', () =>
    expect(paceOf(petunia, half, { ...july, at: 11 })).toBe(0));
  test('leaf of the shade stands still in eight hours of sun at 30 °C; sun plants do not', () => {
    const hot = { ...july, meanC: 26, highC: 31, sunHours: 8 };
    expect(paceOf(plantOf('heuchera-plum'), half, hot)).toBe(0);
    expect(paceOf(plantOf('heuchera-plum'), half, { ...hot, sunHours: 3 })).toBeGreaterThan(0);
    expect(paceOf(petunia, half, hot)).toBeGreaterThan(0);
  });
  test('the vigorous are faster', () =>
    expect(paceOf({ ...petunia, vigour: 5 }, half, july)).toBeGreaterThan(
      paceOf({ ...petunia, vigour: 2 }, half, july),
    ));
  test('crops are the fastest of all', () =>
    expect(paceOf(plantOf('tomato-bush'), half, { ...july, meanC: 24 })).toBeGreaterThan(
      paceOf(plantOf('petunia-violet'), half, { ...july, meanC: 24 }),
    ));
});

describe('warmth', () => {
  test.each([
    ['viola-blue', 0, 5],
    ['heuchera-plum', 2, 7],
    ['petunia-violet', 7, 11],
    ['catharanthus-pink', 10.5, 15],
  ])('%s stands still somewhere between %i and %i °C', (id, low, high) => {
    expect(warmthShare(plantOf(id), low)).toBe(0);
    expect(warmthShare(plantOf(id), high)).toBeGreaterThan(0);
  });
  test('a degree more is never less', () => {
    for (const id of ['petunia-violet', 'coleus-lime', 'hosta-gold'])
      for (let c = -5; c < 35; c += 1)
        expect(warmthShare(plantOf(id), c + 1)).toBeGreaterThanOrEqual(warmthShare(plantOf(id), c));
  });
});

test('a season turned by half a year is the same season in the south', () => {
  const turn = (months: readonly number[]) => [...months.slice(6), ...months.slice(0, 6)];
  const north = spotIn('temperate', 6);
  const south = {
    ...north,
    lastFrost: addDays(`2026-${north.lastFrost}`, 184).slice(5),
    firstFrost: addDays(`2025-${north.firstFrost}`, 182).slice(5),
    climate: north.climate && {
      ...north.climate,
      highC: turn(north.climate.highC),
      lowC: turn(north.climate.lowC),
      rainMm: turn(north.climate.rainMm),
    },
  };
  for (const id of ['petunia-violet', 'lavender', 'heuchera-plum', 'canna-bronze-orange']) {
    const of = (spot: Planting['spot'], from: string) => weeksOf(id, { from, weeks: 20, change: { spot } });
    of(north, '2026-05-16').forEach((g, k) => {
      const s = of(south, '2026-11-15')[k];
      expect((s?.spreadMm ?? 0) / g.spreadMm).toBeCloseTo(1, 1);
      expect(Math.abs((s?.bloom ?? 0) - g.bloom)).toBeLessThan(0.06);
    });
  }
});
