import fc from '../testing/fc';
import { type Deed, DEED_KINDS } from '../plantings/deeds';
import type { Planting } from '../plantings/schema';
import { placed, pot, warmPot } from '../testing/pots';
import { addDays } from '../units/date';
import { grow } from './season';

const start = pot().startDate;
const one = (deeds: Partial<Deed>[] = [], change: Partial<Planting> = {}): Planting =>
  pot({
    placements: [placed('a', 'petunia-violet', 'filler', -80, 0), placed('b', 'heuchera-caramel', 'filler', 80, 0)],
    nextId: 50,
    deeds: deeds.map((d, i): Deed => ({ id: `d${i + 1}`, what: 'pinch', to: 'a', on: start, done: null, ...d })),
    ...change,
  });
const at = (p: Planting, week: number, index = 0, span?: number) => {
  const g = grow(p, span).weeks[week]?.plants[index];
  if (!g) throw new Error(`There is no week ${week}.`);
  return g;
};
const inWeek = (week: number, days = 2): string => addDays(start, week * 7 + days);

describe('pinching', () => {
  const pinched = one([{ on: inWeek(4) }]);
  test('takes height off now, and makes it broader in the end', () => {
    expect(at(pinched, 4).heightMm).toBeLessThan(at(one(), 4).heightMm * 0.9);
    expect(at(pinched, 16).spreadMm).toBeGreaterThan(at(one(), 16).spreadMm * 1.04);
    expect(at(pinched, 16).heightMm).toBeCloseTo(at(one(), 16).heightMm, -1);
  });
  test('costs two to three weeks of flower, and no more', () => {
    const share = (week: number) => at(pinched, week).bloom / at(one(), week).bloom;
    expect([4, 5, 6, 7].map((w) => Math.round(share(w) * 100) / 100)).toEqual([0.1, 0.35, 0.6, 1]);
  });
  test('is done to whom it is named for, from the week it is done in', () => {
    expect(at(pinched, 3)).toEqual(at(one(), 3));
    expect(at(pinched, 4, 1).heightMm).toBe(at(one(), 4, 1).heightMm);
    const all = one([{ to: null, on: inWeek(4) }]);
    expect(at(all, 4).heightMm).toBeLessThan(at(one(), 4).heightMm);
    // Done to the whole container, it passes by what is the worse for it.
    expect(at(all, 4, 1).heightMm).toBe(at(one(), 4, 1).heightMm);
  });
  test('counts on the day it was done, not on the day it was planned for', () =>
    expect(at(one([{ on: inWeek(2), done: inWeek(4) }]), 4)).toEqual(at(pinched, 4)));
  test('however often, broadens by a quarter at most', () => {
    const often = one(Array.from({ length: 8 }, (_, i) => ({ on: inWeek(i + 1) })));
    expect(at(often, 20).spreadMm).toBeLessThanOrEqual(at(one(), 20).spreadMm * 1.26);
  });
});

describe('cutting back', () => {
  test('leaves the share it says, half when it says none, and the plant grows again', () => {
    const cut = (leave?: number) => one([{ what: 'cut-back', on: inWeek(9), leave }]);
    const before = at(one(), 8);
    expect(at(cut(0.3), 9).heightMm).toBeLessThan(before.heightMm * 0.6);
    expect(at(cut(), 9).heightMm).toBeGreaterThan(at(cut(0.3), 9).heightMm);
    expect(at(cut(0.3), 9).spreadMm).toBeLessThan(before.spreadMm * 0.6);
    expect(at(cut(0.3), 20).heightMm).toBeGreaterThan(before.heightMm * 0.95);
  });
});

describe('shelter', () => {
  const last = (p: Planting) => at(p, grow(p).weeks.length - 1);
  test('a tender plant dies of the first frost, and it is told of what and since when', () => {
    const { frostWeek } = grow(one());
    expect(frostWeek).not.toBeNull();
    expect(at(one(), frostWeek ?? 0).alive).toBe(true);
    expect(at(one(), (frostWeek ?? 0) + 1)).toMatchObject({ alive: false, gone: 'frost', goneWeeks: 0, bloom: 0 });
  });
  test('brought in it lives; set out again before the frost it does not', () => {
    const brought = { what: 'bring-in' as const, on: inWeek(18) };
    expect(last(one([brought])).alive).toBe(true);
    expect(last(one([brought, { what: 'set-out', on: inWeek(20) }])).alive).toBe(false);
  });
  test('under fleece it lives through a light frost and not through a hard one', () => {
    const fleeced = one([{ what: 'fleece', on: inWeek(18) }]);
    expect(last(fleeced).alive).toBe(true);
    const cold = {
      name: 'Cold',
      highC: Array<number>(12).fill(9),
      lowC: Array<number>(12).fill(-6),
      rainMm: Array<number>(12).fill(40),
    };
    expect(last({ ...fleeced, spot: { ...fleeced.spot, climate: cold } }).alive).toBe(false);
  });
});

test('what is done for looks or the record changes no size', () => {
  const grows = ['pinch', 'cut-back', 'repot', 'fleece', 'bring-in', 'set-out'];
  const noted = DEED_KINDS.filter((what) => !grows.includes(what));
  for (const what of noted) expect(at(one([{ what, on: inWeek(4) }]), 12)).toEqual(at(one(), 12));
});

describe('coming and going', () => {
  const placements = (from: string | null, until: string | null) => {
    const [a, b] = one().placements;
    if (!a || !b) throw new Error('Two plants are wanted.');
    return [a, { ...b, from, until }];
  };
  const changed = (from: string | null, until: string | null) => one([], { placements: placements(from, until) });
  test('a plant is not there before its day, and starts small on it', () => {
    const p = changed(inWeek(6, 0), null);
    expect(at(p, 5, 1)).toMatchObject({ alive: false, gone: 'to come', heightMm: 0 });
    expect(at(p, 6, 1)).toMatchObject({ alive: true, gone: null });
    expect(at(p, 6, 1).heightMm).toBeCloseTo(at(changed(null, null), 0, 1).heightMm, 6);
  });
  test('one that is lifted is gone from its day on, and it is known how long', () => {
    const p = changed(null, inWeek(6, 0));
    expect(at(p, 5, 1).alive).toBe(true);
    expect(at(p, 6, 1)).toMatchObject({ alive: false, gone: 'lifted', spreadMm: 0 });
    expect(at(p, 9, 1).goneWeeks).toBe(at(p, 6, 1).goneWeeks + 3);
  });
  test('roots that never meet do not share their room', () => {
    const both = one([], {
      container: { ...pot().container, shape: { kind: 'round', topMm: 160, baseMm: 120, depthMm: 150 } },
    });
    const [a, b] = both.placements;
    if (!a || !b) throw new Error('Two plants are wanted.');
    const turns = {
      ...both,
      placements: [
        { ...a, until: inWeek(8, 0) },
        { ...b, from: inWeek(8, 0) },
      ],
    };
    expect(at(turns, 7).heightMm).toBeGreaterThan(at(both, 7).heightMm);
  });
});

describe('any span of weeks', () => {
  test('two years: hardy plants live on, tender ones die once, and each winter is frosty', () => {
    const season = grow(one(), 104);
    expect(season.weeks).toHaveLength(104);
    expect(season.weeks.at(-1)?.plants.map((g) => g.alive)).toEqual([false, true]);
    expect(season.weeks[103]?.plants[0]?.goneWeeks).toBe(103 - (season.frostWeek ?? 0) - 1);
  });
  test('what is planted after the last frost of the second spring lives', () => {
    const [a, b] = one().placements;
    if (!a || !b) throw new Error('Two plants are wanted.');
    const next = one([], { placements: [{ ...a, until: '2026-11-01' }, b, { ...a, id: 'c', from: '2027-05-20' }] });
    const season = grow(next, 70);
    const c = season.weeks.findIndex((w) => w.date >= '2027-06-20');
    expect(season.weeks[c]?.plants[2]).toMatchObject({ alive: true });
  });
  test('a longer span begins as a shorter one does', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 40 }), (weeks) => {
        const long = grow(warmPot(), 60).weeks.slice(0, weeks);
        expect(grow(warmPot(), weeks).weeks.map((w) => w.plants)).toEqual(long.map((w) => w.plants));
      }),
      { numRuns: 8 },
    );
  });
});

describe('kept by what it reads', () => {
  test('a name, a brief or a lock grows nothing again; a spot, a deed or a day does', () => {
    const p = one();
    const season = grow(p);
    expect(grow({ ...p, name: 'Other', brief: { ...p.brief, scheme: 'cool' } })).toBe(season);
    expect(grow({ ...p, spot: { ...p.spot } })).not.toBe(season);
    expect(grow({ ...p, startDate: '2026-06-01' })).not.toBe(season);
    expect(grow(p, 40)).not.toBe(season);
    expect(grow(p, 40)).toBe(grow(p, 40));
    expect(grow(p)).toBe(season);
  });
});

describe('old wood', () => {
  const of = (plant: string) =>
    grow({
      ...one([{ what: 'cut-back', on: inWeek(6), leave: 0.4 }]),
      placements: [placed('a', plant, 'filler', 0, 0)],
    }).weeks.map((w) => w.plants[0]?.heightMm ?? 0);
  test('a plant that comes again is back at its height, one that does not stays as it was cut', () => {
    const [comes, stays] = [of('petunia-white'), of('lavender')];
    expect(comes[18]).toBeGreaterThan(comes[5] ?? Infinity);
    expect(stays[18]).toBeLessThan((stays[5] ?? 0) * 0.75);
  });
});
