import type { Deed } from '../plantings/deeds';
import { type ClimateId, CLIMATES, spotIn } from '../testing/growers/places';
import { placed, pot } from '../testing/pots';
import { addDays } from '../units/date';
import { type Flowering, floweringOf } from './flowering';
import { grow } from './season';
import type { YearId } from './years';
import { plantOf } from '../testing/plant-of';

interface Asked {
  place?: ClimateId;
  start?: 'pack6' | 'plug' | 'p9' | 'l1';
  from?: string;
  hours?: number;
  weeks?: number;
  year?: YearId;
  done?: readonly (readonly [Deed['what'], number, number?])[];
}
function bloomOf(plant: string, asked: Asked = {}): number[] {
  const { place = 'temperate', start = 'p9', hours = 6, weeks = 22, year = null, done = [] } = asked;
  const from = asked.from ?? CLIMATES[place].plantOut;
  const deeds = done.map(([what, week, leave], i): Deed => ({
    id: `d${i}`,
    what,
    to: 'a',
    on: addDays(from, week * 7),
    done: null,
    ...(leave === undefined ? {} : { leave }),
  }));
  const planting = pot({
    startDate: from,
    spot: spotIn(place, hours),
    placements: [placed('a', plant, 'filler', 0, 0, start)],
    deeds,
  });
  return grow(planting, weeks, year).weeks.map((w) => w.plants[0]?.bloom ?? 0);
}
const at = (list: readonly number[], week: number): number => list[week] ?? 0;

describe('bedding opens as it grows', () => {
  const petunia = bloomOf('petunia-violet');
  test('a fifth on the day, half after four weeks, the best in weeks six to ten', () => {
    expect(at(petunia, 0)).toBeGreaterThan(0.1);
    expect(at(petunia, 0)).toBeLessThan(0.32);
    expect(at(petunia, 4)).toBeGreaterThan(0.38);
    expect(at(petunia, 4)).toBeLessThan(0.66);
    expect(petunia.indexOf(Math.max(...petunia))).toBeGreaterThanOrEqual(6);
    expect(petunia.indexOf(Math.max(...petunia))).toBeLessThanOrEqual(10);
  });
  test('good bedding is no show plant: 0.85 to 0.95 at its best', () => {
    expect(Math.max(...petunia)).toBeGreaterThan(0.84);
    expect(Math.max(...petunia)).toBeLessThan(0.96);
  });
  test('a plug is weeks later, a late kind later still', () => {
    const half = (list: readonly number[]) => list.findIndex((b) => b >= 0.45);
    expect(half(bloomOf('petunia-violet', { start: 'plug' }))).toBeGreaterThanOrEqual(half(petunia) + 2);
    expect(half(bloomOf('canna-bronze-orange', { start: 'l1' }))).toBeGreaterThan(half(petunia) + 5);
  });
  test('what lasts flowers by the calendar: a lavender in July and not in September', () => {
    const lavender = bloomOf('lavender');
    expect(at(lavender, 8)).toBeGreaterThan(0.65);
    expect(at(lavender, 16)).toBeLessThan(0.25);
    expect(at(lavender, 1)).toBeLessThan(0.1);
  });
});

describe('first flowers', () => {
  test('what is bought with its first flowers on takes six weeks and more to full flower, however large', () => {
    const mandevilla = bloomOf('mandevilla-red', { start: 'l1' });
    expect(at(mandevilla, 0)).toBeGreaterThan(0.06);
    expect(at(mandevilla, 4)).toBeLessThan(0.5);
    expect(at(mandevilla, 12)).toBeGreaterThan(0.7);
  });
  test('a tomato is sold before it flowers', () => {
    expect(at(bloomOf('tomato-bush'), 0)).toBe(0);
    expect(at(bloomOf('tomato-bush'), 2)).toBeLessThan(0.3);
    expect(at(bloomOf('begonia-red'), 2)).toBeGreaterThan(0.3);
  });
  test('a young hosta has none in its first summer, one from a litre has', () => {
    expect(Math.max(...bloomOf('hosta-gold', { hours: 2 }))).toBeLessThan(0.06);
    expect(Math.max(...bloomOf('hosta-white-edge', { hours: 2, start: 'l1', from: '2026-03-28' }))).toBeGreaterThan(
      0.15,
    );
  });
});

describe('the seasons', () => {
  test('violas flower at a fifth in deep winter, and at their best in April', () => {
    const viola = bloomOf('viola-blue', { from: '2026-09-19', start: 'pack6', hours: 4, weeks: 30 });
    expect(at(viola, 14)).toBeGreaterThan(0.1);
    expect(at(viola, 14)).toBeLessThan(0.3);
    expect(at(viola, 28)).toBeGreaterThan(0.75);
  });
  test('a petunia tires from August, and is at half by October', () => {
    const petunia = bloomOf('petunia-violet');
    expect(at(petunia, 16)).toBeGreaterThan(0.48);
    expect(at(petunia, 16)).toBeLessThan(0.76);
    expect(at(petunia, 20)).toBeLessThan(0.54);
  });
  test('in a cool October the children of heat fade before begonias do', () => {
    const left = (id: string, hours: number) => at(bloomOf(id, { hours }), 20) / Math.max(...bloomOf(id, { hours }));
    expect(left('lantana-sunset', 6)).toBeLessThan(left('begonia-red', 6));
    expect(left('lantana-sunset', 6)).toBeLessThan(0.7);
  });
});

describe('heat', () => {
  const week = (highC: number): Flowering => ({
    at: 6,
    grown: 1,
    ofAge: 1,
    rootedWeeks: 8,
    meanC: highC - 6,
    highC,
    age: 8,
    sinceCut: null,
    sincePinch: null,
    unpicked: false,
  });
  test.each([
    ['viola-blue', 24, 28],
    ['lobelia-blue', 27, 32],
    ['petunia-violet', 31, 35],
  ])('%s flowers as ever at %i °C and hardly at %i', (id, fine, hot) => {
    const of = (c: number) => floweringOf({ ...plantOf(id), bloom: Array<number>(12).fill(1) }, week(c));
    expect(of(fine)).toBeCloseTo(of(20), 6);
    expect(of(hot)).toBeLessThan(of(fine) * 0.65);
  });
  test('lantana and vinca never tire of it', () => {
    for (const id of ['lantana-sunset', 'catharanthus-pink'])
      expect(floweringOf(plantOf(id), week(36))).toBeCloseTo(floweringOf(plantOf(id), week(28)), 6);
  });
});

describe('the hand', () => {
  test('a pinch costs three weeks of flower: a tenth, a third, six tenths, whole', () => {
    const [as, pinched] = [bloomOf('petunia-violet'), bloomOf('petunia-violet', { done: [['pinch', 3]] })];
    const shares = [3, 4, 5].map((w) => at(pinched, w) / at(as, w));
    expect(shares[0]).toBeCloseTo(0.1, 1);
    expect(shares[1]).toBeCloseTo(0.35, 1);
    expect(shares[2]).toBeCloseTo(0.6, 1);
    expect(at(pinched, 7) / at(as, 7)).toBeGreaterThan(0.93);
  });
  test('cut back by half in July a petunia is bare for a fortnight, at half after three weeks, then better to the frost', () => {
    const [as, cut] = [bloomOf('petunia-violet'), bloomOf('petunia-violet', { done: [['cut-back', 9, 0.55]] })];
    expect(at(cut, 10)).toBeLessThan(0.16);
    expect(at(cut, 12)).toBeGreaterThan(0.2);
    expect(at(cut, 12)).toBeLessThan(at(as, 12));
    expect(at(cut, 16)).toBeGreaterThan(at(as, 16) + 0.1);
    expect(at(cut, 20)).toBeGreaterThan(at(as, 20) + 0.1);
  });
  test('lobelia cut in June is in flower in September, uncut hardly', () => {
    const of = (done: Asked['done']) => at(bloomOf('lobelia-blue', { start: 'pack6', hours: 4, done }), 16);
    expect(of([['cut-back', 7, 0.5]])).toBeGreaterThan(of([]) + 0.12);
  });
  test('meadow sage cut to its leaves flowers a second time, uncut it stays brown', () => {
    const of = (done: Asked['done']) => at(bloomOf('salvia-nemorosa', { done }), 12);
    expect(of([])).toBeLessThan(0.25);
    expect(of([['cut-back', 7, 0.3]])).toBeGreaterThan(0.4);
  });
  test('the shears of one summer say nothing of the next: in January what was cut in July is bare', () => {
    const weeks = bloomOf('erigeron', { done: [['cut-back', 9, 0.5]], weeks: 60 });
    expect(at(weeks, 14)).toBeGreaterThan(0.4);
    expect(at(weeks, 34)).toBeLessThan(0.1);
  });
  test('a begonia is no better for shears', () => {
    const of = (done: Asked['done']) => at(bloomOf('begonia-red', { done }), 16);
    expect(of([['cut-back', 9, 0.5]])).toBeLessThanOrEqual(of([]));
  });
});

describe('spent flowers', () => {
  const without = (id: string, week: number) => at(bloomOf(id, { year: 'unpicked' }), week) / at(bloomOf(id), week);
  test('left on, a pelargonium is at six tenths by August', () => {
    expect(without('pelargonium-scarlet', 12)).toBeGreaterThan(0.48);
    expect(without('pelargonium-scarlet', 12)).toBeLessThan(0.72);
    expect(without('pelargonium-scarlet', 3)).toBe(1);
  });
  test('what drops its own loses nothing', () => expect(without('calibrachoa-pink', 12)).toBe(1));
});

describe('food', () => {
  const unfed = (id: string, week: number) => at(bloomOf(id, { year: 'unfed' }), week) / at(bloomOf(id), week);
  test('unfed, a petunia is at three quarters in week eight and under half in week twelve', () => {
    expect(unfed('petunia-violet', 8)).toBeGreaterThan(0.6);
    expect(unfed('petunia-violet', 8)).toBeLessThan(0.86);
    expect(unfed('petunia-violet', 12)).toBeLessThan(0.55);
  });
  test('light feeders lose a tenth', () => {
    expect(unfed('nasturtium-trailing', 14)).toBeGreaterThan(0.86);
    expect(unfed('nasturtium-trailing', 14)).toBeLessThan(0.95);
  });
});
