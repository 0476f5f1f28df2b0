import { grow } from '../growth/season';
import { placed, pot, warmPot } from '../testing/pots';
import { some } from '../testing/some';
import { addDays } from '../units/date';
import type { Planting } from '../plantings/schema';
import { foundIn } from './found';
import { comparedWith, forecastOn, learnedFor, lessonsOf } from './learn';
import { type LogEntry, LogEntrySchema, type MeasureEntry } from './schema';

const p = warmPot();
const on = addDays(p.startDate, 9 * 7);
const measure = (share: number, change: Partial<MeasureEntry> = {}): MeasureEntry => {
  const told = forecastOn(p, 'a', on);
  return {
    id: `m-${share}`,
    of: p.id,
    on,
    kind: 'measure',
    to: 'a',
    plant: 'pelargonium-salmon',
    heightMm: (told?.heightMm ?? 0) * share,
    spreadMm: null,
    ...change,
  };
};
const heightOf = (planting: Planting, id: string): number => {
  const season = grow(planting);
  return season.weeks[9]?.plants[season.placed.findIndex((x) => x.id === id)]?.heightMm ?? NaN;
};

describe('a measure beside its forecast', () => {
  test('on the day of a week it is the week’s own, between two weeks it lies between them', () => {
    expect(forecastOn(p, 'a', on)?.heightMm).toBeCloseTo(heightOf(p, 'a'), 9);
    const between = forecastOn(p, 'a', addDays(on, 3))?.heightMm ?? 0;
    expect(between).toBeGreaterThan(heightOf(p, 'a'));
    expect(between).toBeLessThan(forecastOn(p, 'a', addDays(on, 7))?.heightMm ?? 0);
  });
  test('there is none before it is planted, after its season, or for a plant that is not there', () => {
    expect(forecastOn(p, 'a', addDays(p.startDate, -1))).toBeNull();
    expect(forecastOn(p, 'a', addDays(p.startDate, 7 * 60))).toBeNull();
    expect(forecastOn(p, 'nobody', on)).toBeNull();
    expect(comparedWith(p, [measure(1, { to: 'nobody' })])[0]?.forecast).toBeNull();
  });
});

describe('the forecast learns', () => {
  const taught = (log: readonly LogEntry[], planting = p): Planting => ({
    ...planting,
    learned: learnedFor(planting, lessonsOf([planting], log)),
  });
  test('a fifth over moves that plant up by half of it at first, and more with a second measure', () => {
    const [one] = lessonsOf([p], [measure(1.2)]);
    expect(one).toMatchObject({ plant: 'pelargonium-salmon', spreadBy: 1, measures: 1 });
    expect(one?.heightBy).toBeCloseTo(1.2 ** 0.5, 6);
    const [two] = lessonsOf([p], [measure(1.2), measure(1.2, { id: 'again' })]);
    expect(two?.heightBy).toBeCloseTo(1.2 ** (2 / 3), 6);
    expect(heightOf(taught([measure(1.2)]), 'a')).toBeGreaterThan(heightOf(p, 'a') * 1.05);
    expect(heightOf(taught([measure(0.8)]), 'a')).toBeLessThan(heightOf(p, 'a') * 0.95);
  });
  test('and no other: each kind that was not measured is as it was, here and elsewhere', () => {
    const more = taught([measure(1.2)]);
    expect(more.learned.map((l) => l.plant)).toEqual(['pelargonium-salmon']);
    // Neighbours are told apart from what they are heading for: only shade may move them, by a hair.
    for (const id of ['t', 'b', 'c', 'd']) expect(heightOf(more, id) / heightOf(p, id)).toBeCloseTo(1, 1);
    const other = pot({ placements: [placed('x', 'petunia-white', 'filler', 0, 0)] });
    expect(learnedFor(other, lessonsOf([p, other], [measure(1.2)]))).toEqual([]);
  });
  test('from the forecast with nothing learned, so that learning twice is learning once', () => {
    const once = taught([measure(1.2)]);
    expect(taught([measure(1.2)], once).learned).toEqual(once.learned);
  });
  test('low early and right at the end is slow, low throughout is small', () => {
    const seen = (week: number, share: number): MeasureEntry => {
      const day = addDays(p.startDate, week * 7);
      const told = forecastOn(p, 'a', day);
      return measure(1, {
        id: `w${week}`,
        on: day,
        heightMm: (told?.heightMm ?? 0) * share,
        spreadMm: (told?.spreadMm ?? 0) * share,
      });
    };
    const [slow] = lessonsOf([p], [seen(4, 0.8), seen(6, 0.82), seen(8, 0.9), seen(16, 1)]);
    expect(slow?.paceBy).toBeLessThan(0.9);
    expect(slow?.heightBy).toBeGreaterThan(0.92);
    const [small] = lessonsOf([p], [seen(10, 0.8), seen(13, 0.8), seen(16, 0.8)]);
    expect(small?.heightBy).toBeLessThan((slow?.heightBy ?? 0) - 0.05);
    // Measured on one day only, nobody knows.
    expect(lessonsOf([p], [seen(4, 0.8)])[0]?.paceBy).toBe(1);
    const slower = taught([seen(4, 0.8), seen(6, 0.82), seen(8, 0.9), seen(16, 1)]);
    expect(heightOf(slower, 'a')).toBeLessThan(heightOf(p, 'a'));
  });
  test('a measure taken back takes its lesson back; a slip of the ruler is not believed whole', () => {
    expect(taught([]).learned).toEqual([]);
    expect(lessonsOf([p], [measure(9)])[0]?.heightBy).toBeCloseTo(2 ** 0.5, 6);
  });
  test('what is measured of another place’s container teaches nothing here', () => {
    expect(lessonsOf([p], [measure(1.2, { of: 'elsewhere' })])).toEqual([]);
  });
});

test('a can and a probe say how wet it was found', () => {
  const log: LogEntry[] = [
    { id: '1', of: 'x', on: '2026-07-01', kind: 'water', litres: null },
    { id: '2', of: 'x', on: '2026-07-03', kind: 'probe', share: 0.4 },
    { id: '3', of: 'x', on: '2026-07-03', kind: 'note', text: 'High.', photo: false },
  ];
  expect(foundIn(log)).toEqual([
    { on: '2026-07-01', share: 1 },
    { on: '2026-07-03', share: 0.4 },
  ]);
});

test('an entry that makes no sense is refused', () => {
  for (const bad of some([
    { ...measure(1), heightMm: -3 },
    { ...measure(1), to: '' },
    { id: 'a', of: 'b', on: '2026-02-30', kind: 'water', litres: null },
    { id: 'a', of: 'b', on: '2026-02-20', kind: 'probe', share: 1.2 },
    { id: 'a', of: 'b', on: '2026-02-20', kind: 'dream' },
  ]))
    expect(LogEntrySchema.safeParse(bad).success).toBe(false);
});
