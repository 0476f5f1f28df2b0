import type { KnownDay } from '../climate/days';
import { grow } from '../growth/season';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot, warmPot } from '../testing/pots';
import { jobsOf } from '.';

const TODAY = '2026-07-20';
const day = (date: string, gustMs?: number): KnownDay => ({
  date,
  highC: 22,
  lowC: 13,
  rainMm: 0,
  known: 'forecast',
  ...(gustMs === undefined ? {} : { gustMs }),
});
const week = (...gusts: (number | undefined)[]) => gusts.map((g, i) => day(`2026-07-2${i + 1}`, g));
const told = (p: Planting, weather: readonly KnownDay[]) =>
  jobsOf(p, { today: TODAY }, { weather })
    .filter((j) => j.kind === 'gale')
    .map((j) => `${j.due} ${j.text}`);
const inWind = (p: Planting, wind: Planting['spot']['wind']): Planting => ({ ...p, spot: { ...p.spot, wind } });

/** Light and narrow under a tall soft leaf: what a gust throws. */
const tall = pot({
  startDate: '2026-05-16',
  container: { ...roundPot(300, 200, 280), material: 'plastic' },
  placements: [placed('c', 'canna-bronze-orange', 'thriller', 0, 0, 'l2')],
});
const basket = { ...warmPot(), container: { ...warmPot().container, mount: 'hook' as const, rimHeightMm: 2100 } };

test('what a gale would throw is moved into the lee the day before it comes, once', () => {
  expect(told(inWind(tall, 'open'), week(9, 21, 22))).toEqual([
    '2026-07-21 before the gale on 22 July, move it into the lee',
  ]);
});
test('no gale, or nobody knows of one, and nothing is asked', () => {
  expect(told(inWind(tall, 'open'), week(9, 14, undefined))).toEqual([]);
  expect(told(inWind(tall, 'open'), [{ ...day('2026-07-21', 30), known: 'ordinary' }])).toEqual([]);
  expect(told(inWind(tall, 'open'), [{ ...day('2026-07-21', 30), known: 'like another year' }])).toEqual([]);
});
test('a yard takes the edge off it, a roof feels it sooner', () => {
  expect(told(inWind(tall, 'sheltered'), week(20))).toEqual([]);
  expect(told(inWind(tall, 'windy'), week(14))).toHaveLength(1);
});
test('what hangs is taken down, what is fixed is looked at', () => {
  expect(told(inWind(basket, 'open'), week(20))).toEqual(['2026-07-20 before the gale on 21 July, take it down']);
  const sill = { ...basket, container: { ...basket.container, mount: 'sill' as const } };
  expect(told(inWind(sill, 'open'), week(20))).toEqual(['2026-07-20 before the gale on 21 July, check its fixings']);
});
test('a broad heavy pot stands; its soft tall stems are tied', () => {
  const heavy = { ...tall, container: { ...roundPot(600, 520, 560), material: 'concrete' as const } };
  expect(grow(heavy).weeks[9]?.plants[0]?.heightMm).toBeGreaterThan(400);
  expect(told(inWind(heavy, 'open'), week(18))).toEqual(['2026-07-20 before the gale on 21 July, tie canna']);
});
