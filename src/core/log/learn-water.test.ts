import { ordinaryDay } from '../climate/days';
import { warmPot } from '../testing/pots';
import { addDays } from '../units/date';
import { grow } from '../growth/season';
import { balanceOf, NEVER } from '../water/balance';
import { storeOn } from '../water/demand';
import { drinksOf } from './learn-water';
import type { LogEntry } from './schema';

const p = warmPot();
const from = addDays(p.startDate, 10 * 7);
const days = Array.from({ length: 20 }, (_, i) => ({ ...ordinaryDay(p.spot, addDays(from, i)), rainMm: 0 }));
const on = (day: number): string => addDays(from, day);
const { usableL } = storeOn(p, grow(p), from);

/** What is left two days after a can in a pot that drinks `use` times the forecast, litres. */
const leftL = (use: number): number =>
  balanceOf(p, days.slice(0, 2), { fromL: usableL, by: NEVER, use }).at(-1)?.toL ?? NaN;
const can = (day: number, litres: number | null = null): LogEntry => ({
  id: `can-${day}`,
  of: p.id,
  on: on(day),
  kind: 'water',
  litres,
});
const probe = (day: number, share: number): LogEntry => ({
  id: `p-${day}`,
  of: p.id,
  on: on(day),
  kind: 'probe',
  share,
});

describe('a container’s thirst is learned', () => {
  test('a probe two days after a can: a pot that drinks a quarter more is believed half of it', () => {
    const lesson = drinksOf(p, [can(0), probe(2, leftL(1.25) / usableL)], days);
    expect(lesson.readings).toBe(1);
    expect(lesson.by).toBeCloseTo(Math.sqrt(1.25), 1);
  });
  test('litres to the brim say the same, and more of them more', () => {
    const took = usableL - leftL(1.25);
    const one = drinksOf(p, [can(0), can(2, took)], days);
    expect(one.by).toBeCloseTo(Math.sqrt(1.25), 1);
    const more = drinksOf(p, [can(0), can(2, took), can(4, took), can(6, took), can(8, took)], days);
    expect(more.readings).toBe(4);
    expect(more.by).toBeGreaterThan(one.by);
    expect(more.by).toBeLessThan(1.3);
  });
  test('as forecast it stays as it is, whatever was learned before', () => {
    const log = [can(0), probe(2, leftL(1) / usableL)];
    expect(drinksOf(p, log, days).by).toBeCloseTo(1, 2);
    expect(drinksOf({ ...p, drinksBy: 1.4 }, log, days).by).toBeCloseTo(1, 2);
  });
  test('cans that nobody counted, findings of another pot, and those weeks apart say nothing', () => {
    const nothing = { by: 1, readings: 0 };
    expect(drinksOf(p, [can(0), can(2)], days)).toEqual(nothing);
    expect(drinksOf(p, [], days)).toEqual(nothing);
    expect(drinksOf(p, [can(0), { ...probe(2, 0.1), of: 'elsewhere' }], days)).toEqual(nothing);
    expect(drinksOf(p, [can(0), probe(18, 0.1)], days)).toEqual(nothing);
  });
  test('what it learned, it drinks', () => {
    const drinks = (by: number) => balanceOf({ ...p, drinksBy: by }, days)[0]?.usedL ?? NaN;
    expect(drinks(1.5) / drinks(1)).toBeCloseTo(1.5, 9);
  });
});
