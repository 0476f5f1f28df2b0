import { LIBRARY } from '../plants';
import type { Deed } from '../plantings/deeds';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot } from '../testing/pots';
import { addDays } from '../units/date';
import { coverings, unhindered } from './covering';
import { lanesOf } from './lanes';
import { grow } from './season';
import { coverByWeek, flowerByMonth, heightsByWeek, lightKept } from './series';
import { bestWeeks, dryStretches } from './stretches';
import { faresIn } from './fares';
import { YEAR_IDS } from './years';

const START = '2026-05-16';
const bed = (placements: Planting['placements'], change: Partial<Planting> = {}): Planting =>
  pot({ startDate: START, placements, ...change });
const deed = (what: Deed['what'], week: number, to: string | null = null): Deed => ({
  id: `${what}-${week}`,
  what,
  to,
  on: addDays(START, week * 7),
  done: null,
});

describe('who covers whom', () => {
  const low = placed('low', 'petunia-violet', 'filler', 60, 0);
  test('an abelia covers the petunia beside it, with the week and what is lost', () => {
    const [first] = coverings(bed([placed('tall', 'abelia', 'thriller', 0, 0, 'l2'), low]));
    expect(first).toMatchObject({ under: 'low', by: 'tall' });
    expect(first?.week).toBeGreaterThanOrEqual(0);
    expect(first?.lost).toBeGreaterThan(0.04);
    expect(first?.date).toBe(addDays(START, (first?.week ?? 0) * 7));
  });
  test('without the one over it, it would be broader by what it lost', () => {
    const p = bed([placed('tall', 'abelia', 'thriller', 0, 0, 'l2'), low]);
    const [c] = coverings(p);
    if (!c) throw new Error('nothing is covered');
    const is = grow(p).weeks[c.worstWeek]?.plants[1]?.spreadMm ?? 0;
    const would = unhindered(p, c, c.worstWeek)?.spreadMm ?? 0;
    expect(1 - is / would).toBeCloseTo(c.lost, 6);
    expect(unhindered(p, c, grow(p).weeks.length - 1)).toBeNull();
  });
  test('alone, or across the pot, nobody is covered', () => {
    expect(coverings(bed([low]))).toEqual([]);
    const apart = roundPot(900, 700, 500);
    const far = [placed('a', 'calibrachoa-violet', 'spiller', 380, 0), placed('b', 'salvia-blue', 'filler', -380, 0)];
    expect(coverings(bed(far, { container: apart }))).toEqual([]);
  });
  test('the worst comes first', () => {
    const all = coverings(
      bed([placed('tall', 'abelia', 'thriller', 0, 0, 'l2'), low, placed('far', 'lobelia-blue', 'spiller', -130, 0)]),
    );
    expect(all.map((c) => c.lost)).toEqual([...all.map((c) => c.lost)].sort((a, b) => b - a));
  });
});

describe('stretches', () => {
  test('the best weeks hold the peak, and end before the frost', () => {
    const season = grow(bed([placed('a', 'petunia-white', 'filler', 0, 0)]));
    const best = bestWeeks(season);
    expect(best?.from).toBeLessThanOrEqual(season.peak);
    expect(best?.to).toBeGreaterThanOrEqual(season.peak);
    expect(best?.to).toBeLessThanOrEqual(season.frostWeek ?? Infinity);
    expect(bestWeeks(grow(bed([])))).toBeNull();
  });
  test('hyacinths over, nothing flowers; where petunias stand by, something does', () => {
    const bulbs = placed('b', 'hyacinth-blue', 'filler', 40, 0);
    const from = { startDate: '2026-03-01' };
    expect(dryStretches(grow(bed([bulbs], from))).length).toBeGreaterThan(0);
    expect(dryStretches(grow(bed([placed('p', 'petunia-white', 'filler', -40, 0)])))).toEqual([]);
  });
  test('a pot of leaves is never called dry', () =>
    expect(dryStretches(grow(bed([placed('h', 'heuchera-lime', 'filler', 0, 0)])))).toEqual([]));
});

describe('deadheading', () => {
  const needs = LIBRARY.find((p) => p.deadhead === 'needed' && p.season === 'warm' && p.roles.includes('filler'));
  const never = LIBRARY.find((p) => p.deadhead === 'no' && p.season === 'warm' && p.roles.includes('filler'));
  const flower = (plant: string, deeds: Deed[]) =>
    grow(bed([placed('a', plant, 'filler', 0, 0)], { deeds })).weeks.map((w) => w.plants[0]?.bloom ?? 0);
  const all = [8, 10, 12, 14, 16, 18].map((w) => deed('deadhead', w));
  test('what asks for it flowers on, and never less', () => {
    const [without, withIt] = [flower(needs?.id ?? '', []), flower(needs?.id ?? '', all)];
    withIt.forEach((b, k) => expect(b).toBeGreaterThanOrEqual(without[k] ?? 0));
  });
  test('what drops its flowers itself is none the better for it', () =>
    expect(flower(never?.id ?? '', all)).toEqual(flower(never?.id ?? '', [])));
});

describe('a pinch', () => {
  test('delays the flower and makes it broader', () => {
    const of = (deeds: Deed[]) => grow(bed([placed('a', 'coleus-lime', 'filler', 0, 0)], { deeds })).weeks;
    const [as, pinched] = [of([]), of([deed('pinch', 4)])];
    expect(pinched[5]?.plants[0]?.heightMm).toBeLessThan(as[5]?.plants[0]?.heightMm ?? 0);
    expect(pinched[15]?.plants[0]?.spreadMm).toBeGreaterThan(as[15]?.plants[0]?.spreadMm ?? 0);
  });
});

describe('another year', () => {
  const two = bed([placed('w', 'lantana-sunset', 'filler', 60, 0), placed('c', 'pansy-blue', 'filler', -60, 0)]);
  test('a hot summer is carried by what likes heat', () => {
    const fares = faresIn(two, 'hot');
    expect(fares[0]?.id).toBe('pansy-blue');
    expect(fares[1]?.against).toBeGreaterThan(fares[0]?.against ?? 1);
  });
  test('an early frost ends the tender sooner', () => {
    const ends = (year: 'frost' | null) =>
      grow(two, undefined, year).weeks.findIndex((w) => w.plants[0]?.gone === 'frost');
    expect(ends('frost')).toBe(ends(null) - 3);
  });
  test('a late frost kills what is tender and out, spares what is hardy, and fleece keeps it off', () => {
    const last = (p: Planting) => grow(p, undefined, 'late').weeks[6]?.plants.map((g) => g.gone);
    expect(last(two)).toEqual(['frost', null]);
    expect(last({ ...two, deeds: [deed('fleece', 1, 'w')] })).toEqual([null, null]);
    expect(last({ ...two, startDate: addDays(START, 28) })).toEqual([null, null]);
  });
  test('a week without water: what drinks much loses most, what lives dry carries it', () => {
    const three = bed([
      placed('t', 'impatiens-coral', 'filler', 60, 0),
      placed('m', 'pelargonium-scarlet', 'filler', -60, 0),
      placed('d', 'stonecrop-trailing-gold', 'spiller', 0, 60),
    ]);
    const of = (id: string) => faresIn(three, 'dry').find((f) => f.id === id)?.against ?? 0;
    expect(of('impatiens-coral')).toBeLessThan(of('pelargonium-scarlet'));
    expect(of('pelargonium-scarlet')).toBeLessThan(of('stonecrop-trailing-gold'));
    expect(of('stonecrop-trailing-gold')).toBeGreaterThan(0.95);
  });
  test('never fed, the hungry fall behind the modest; a liquid feed brings flower back for two weeks', () => {
    const hungry = bed([placed('h', 'petunia-white', 'filler', 60, 0), placed('l', 'lavender', 'filler', -60, 0)]);
    const fares = faresIn(hungry, 'unfed');
    expect(fares[0]?.id).toBe('petunia-white');
    const bloom = (p: Planting, week: number) => grow(p, undefined, 'unfed').weeks[week]?.plants[0]?.bloom ?? 0;
    const fed = { ...hungry, deeds: [deed('feed', 12)] };
    expect(bloom(fed, 12)).toBeGreaterThan(bloom(hungry, 12) * 1.3);
    expect(bloom(fed, 20)).toBeCloseTo(bloom(hungry, 20), 6);
  });
  test('fed by its school, a feed more changes nothing; nor does a turn', () => {
    for (const what of ['feed', 'turn'] as const)
      expect(grow({ ...two, deeds: [deed(what, 6)] }).weeks).toEqual(grow(two).weeks);
  });
  test.each(YEAR_IDS)('%s begins as the ordinary year does and is told of every kind', (id) => {
    expect(grow(two, undefined, id).weeks[0]?.plants.map((g) => g.heightMm)).toEqual(
      grow(two).weeks[0]?.plants.map((g) => g.heightMm),
    );
    expect(
      faresIn(two, id)
        .map((f) => f.id)
        .sort(),
    ).toEqual(['lantana-sunset', 'pansy-blue']);
  });
});

describe('what the charts show', () => {
  const p = bed([
    placed('a', 'petunia-white', 'filler', 60, 0),
    placed('b', 'petunia-white', 'filler', -60, 0),
    placed('c', 'salvia-blue', 'thriller', 0, 0),
  ]);
  const season = grow(p);
  test('one line a kind, a step a week', () => {
    for (const chart of [heightsByWeek(season), lightKept(season)]) {
      expect(chart.series.map((s) => s.id)).toEqual(['petunia-white', 'salvia-blue']);
      expect(chart.steps).toHaveLength(season.weeks.length);
      chart.series.forEach((s) => expect(s.values).toHaveLength(chart.steps.length));
    }
    const [first] = heightsByWeek(season).series;
    const [a, b] = [season.weeks[6]?.plants[0]?.heightMm ?? 0, season.weeks[6]?.plants[1]?.heightMm ?? 0];
    expect(first?.values[6]).toBeCloseTo((a + b) / 2, 6);
  });
  test('a dead plant has no height', () => {
    const after = heightsByWeek(season).series[0]?.values[season.weeks.length - 1];
    expect(season.weeks[season.weeks.length - 1]?.plants[0]?.alive).toBe(false);
    expect(after).toBeNull();
  });
  test('flower by month is a share, most in summer', () => {
    const { steps, series } = flowerByMonth(season);
    expect(steps[0]).toBe('2026-05');
    const july = series.find((s) => s.id === 'petunia-white')?.values[steps.indexOf('2026-07')] ?? 0;
    expect(july).toBeGreaterThan(0.1);
    expect(july).toBeLessThanOrEqual(1);
  });
  test('cover rises to no more than all of it', () => {
    const values = coverByWeek(season, p.container).series[0]?.values ?? [];
    expect(values[8]).toBeGreaterThan(values[0] ?? 1);
    values.forEach((v) => expect(v).toBeLessThanOrEqual(1));
  });
});

describe('lanes', () => {
  const lanes = lanesOf(
    grow(
      bed([
        placed('a', 'petunia-white', 'filler', 60, 0),
        placed('b', 'petunia-white', 'filler', -60, 0),
        placed('c', 'heuchera-lime', 'filler', 0, 60),
        placed('d', 'fern-sword', 'thriller', 0, -60),
      ]),
    ),
  );
  const what = (id: string, week: number) => lanes.find((l) => l.id === id)?.cells[week]?.what;
  test('one a kind, with all of its plants', () => {
    expect(lanes.map((l) => l.ids)).toEqual([['a', 'b'], ['c'], ['d']]);
  });
  test('flower, coloured leaf, plain green, and nothing when it is dead', () => {
    expect([what('petunia-white', 8), what('heuchera-lime', 8), what('fern-sword', 8)]).toEqual([
      'flower',
      'leaf',
      'green',
    ]);
    expect(what('petunia-white', (lanes[0]?.cells.length ?? 1) - 1)).toBe('gone');
  });
});
