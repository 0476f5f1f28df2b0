import type { KnownDay } from '../climate/days';
import { grow } from '../growth/season';
import { apply } from '../plantings/commands';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot, sun, warmPot } from '../testing/pots';
import { some } from '../testing/some';
import { addDays } from '../units/date';
import { doneOn, takenBack } from './doing';
import { type Job, type JobId, jobsOf } from './index';

const p = warmPot();
const day = (n: number): string => addDays(p.startDate, n);
const days = (from: string, lows: readonly number[]): KnownDay[] =>
  lows.map((lowC, i) => ({ date: addDays(from, i), highC: 18, lowC, rainMm: 0, known: 'forecast' }));
const of = (kind: JobId, today: string, planting: Planting = p, around: Parameters<typeof jobsOf>[2] = {}): Job[] =>
  jobsOf(planting, { today, days: 21, all: true }, around).filter((j) => j.kind === kind);
const doneBy = (planting: Planting, job: Job | undefined, on: string): Planting =>
  doneOn(planting, job ?? {}, on).reduce(apply, planting);

describe('a cold night in the forecast', () => {
  const today = day(60);
  const cold = days(today, [12, 12, 1, 12, 12, 12, 12, 12, 12, 3, 12]);
  const warnings = (planting: Planting, on = today) => of('fleece', on, planting, { weather: cold });
  test('two nights off makes its job once, by its night, and the next spell another', () => {
    const jobs = warnings(p);
    expect(jobs.map((j) => j.due)).toEqual([addDays(today, 2), addDays(today, 9)]);
    expect(jobs[0]).toMatchObject({ nightC: 1, text: expect.stringMatching(/^fleece .*(canna|lantana)/) });
    expect(warnings(p)).toEqual(jobs);
  });
  test('moves with the forecast under the same name', () => {
    const later = of('fleece', today, p, { weather: days(today, [12, 12, 12, 1, 12]) });
    expect(later.map((j) => [j.due, j.key])).toEqual([[addDays(today, 3), warnings(p)[0]?.key]]);
  });
  test('once it is covered it asks for the fleece off on the first mild day, and not to be covered again', () => {
    const covered = doneBy(p, warnings(p)[0], addDays(today, 2));
    expect(of('fleece', addDays(today, 2), covered, { weather: cold })).toEqual([]);
    expect(of('setOut', addDays(today, 2), covered, { weather: cold })).toMatchObject([
      { due: addDays(today, 3), text: 'take the fleece off' },
    ]);
    const open = doneBy(covered, of('setOut', addDays(today, 2), covered, { weather: cold })[0], addDays(today, 3));
    expect(of('setOut', addDays(today, 4), open, { weather: cold })).toEqual([]);
    expect(of('fleece', addDays(today, 4), open, { weather: cold }).map((j) => j.due)).toEqual([addDays(today, 9)]);
  });
  test('what is only ordinary is no forecast, and what bears it is not named', () => {
    const ordinary = cold.map((d) => ({ ...d, known: 'ordinary' as const }));
    expect(of('fleece', today, p, { weather: ordinary })).toEqual([]);
    const lastYear = cold.map((d) => ({ ...d, known: 'like another year' as const, asIn: 2025 }));
    expect(of('fleece', today, p, { weather: lastYear })).toEqual([]);
    expect(
      of('fleece', today, p, { weather: cold.map((d) => ({ ...d, known: 'written down' as const })) }),
    ).not.toEqual([]);
    const hardy = pot({ placements: [placed('a', 'hosta-blue', 'filler', 0, 0)] });
    expect(of('fleece', today, hardy, { weather: cold })).toEqual([]);
  });
});

describe('what comes again and again', () => {
  test('deadheading comes a week after it was done, names who is in flower, and stops with the season', () => {
    const [first] = of('deadhead', day(26));
    expect(first).toMatchObject({ due: day(28), text: expect.stringMatching(/^deadhead .*pelargonium/) });
    const done = doneBy(p, first, day(30));
    expect(of('deadhead', day(31), done)[0]?.due).toBe(day(37));
    expect(of('deadhead', '2026-12-20', p)).toEqual([]);
  });
  test('what was missed is due once, on its last day', () => {
    const jobs = of('tidy', day(60));
    expect(jobs.filter((j) => j.due <= day(60))).toHaveLength(1);
  });
  test('feed comes by its school and by who is hungry, and ends five weeks before the frost', () => {
    const fed = (feed: 'slow' | 'liquid' | 'pellets', today: string) =>
      of('feed', today, p, { feed }).map((j) => j.due);
    expect(fed('liquid', day(42)).slice(0, 2)).toEqual([day(42), day(49)]);
    expect(fed('pellets', day(27))).toEqual([day(28)]);
    // Slow-release carries all but the hungry until August.
    expect(fed('slow', day(42))[0]).toBe(day(42));
    const modest = pot({ placements: [placed('a', 'pelargonium-scarlet', 'filler', 0, 0)] });
    expect(of('feed', day(60), modest, { feed: 'slow' })[0]?.due).toBe(day(77));
    const frost = grow(p).frostWeek ?? 0;
    expect(fed('liquid', day(frost * 7 - 17))).toEqual([]);
  });
  test('each keeps its own name whatever day it is asked on', () => {
    const name = (today: string, due: string) =>
      of('feed', today, p, { feed: 'liquid' }).find((j) => j.due === due)?.key;
    expect(name(day(42), day(56))).toBe(name(day(50), day(56)));
  });
  test('light from one side asks for a turn, light from all round does not', () => {
    const wall = {
      ...p,
      spot: {
        ...p.spot,
        light: {
          kind: 'clock' as const,
          latitude: 52,
          facing: 180,
          wall: true,
          skyline: Array<number>(36).fill(0),
          roofDeg: null,
          trees: [],
          dappled: false,
        },
      },
    };
    const small = { ...wall, container: roundPot(300, 240, 280) };
    expect(of('turn', day(20), small).map((j) => j.due)).toEqual([day(21), day(28), day(35)]);
    // Nobody turns more than one person moves safely.
    expect(of('turn', day(20), { ...wall, container: roundPot(500, 400, 450) })).toEqual([]);
    expect(of('turn', day(20), { ...p, spot: sun([9, 10, 11]) })).toEqual([]);
  });
});

describe('what comes once', () => {
  test('mix is topped up, what flops is tied in, tender starts are hardened off in spring only', () => {
    expect(of('topUp', day(20))[0]?.due).toBe(day(28));
    const dahlia = pot({ placements: [placed('a', 'dahlia-pink', 'thriller', 0, 0)] });
    expect(of('stake', day(45), dahlia).map((j) => j.text)).toEqual(['tie in dahlia at 40 cm']);
    expect(of('hardenOff', day(-12))[0]?.due).toBe(day(-8));
    expect(of('hardenOff', '2026-07-20', { ...p, startDate: '2026-07-25' })).toEqual([]);
  });
  test('a day named for the change-over is told until it is done', () => {
    const named = { ...p, brief: { ...p.brief, changeOver: day(70) } };
    expect(of('over', day(60), named)).toMatchObject([{ due: day(70), text: 'replant it' }]);
    expect(of('over', day(90), named)).toHaveLength(1);
  });
});

describe('done with a tap', () => {
  test('is a deed that the season knows, once for each plant it is done to', () => {
    const [pinch] = of('pinch', day(19));
    const done = doneBy(p, pinch, day(20));
    expect(some(done.deeds).map((d) => d.to)).toEqual(['a', 'b', 'c']);
    expect(done.deeds[0]).toMatchObject({ what: 'pinch', to: 'a', on: day(20), done: day(20) });
    expect(of('pinch', day(21), done)).toEqual([]);
    const at = (planting: Planting) => grow(planting).weeks[4]?.plants[1]?.heightMm ?? 0;
    expect(at(done)).toBeLessThan(at(p));
  });
  test('what was planned for about then is the one that is done', () => {
    const planned = apply(p, { do: 'plan', deed: { id: 'd9', what: 'pinch', to: 'a', on: day(25), done: null } });
    const done = doneBy(planned, of('pinch', day(19), planned)[0], day(20));
    expect(done.deeds.filter((d) => d.to === 'a')).toMatchObject([{ id: 'd9', done: day(20) }]);
  });
  test('is taken back as it was', () => {
    const [pinch] = of('pinch', day(19));
    const commands = doneOn(p, pinch ?? {}, day(20));
    const back = takenBack(commands).reduce(apply, commands.reduce(apply, p));
    expect(back.deeds).toEqual([]);
  });
  test('water is kept in the log, not among the deeds', () => {
    const weather = days(addDays(day(60), -14), Array<number>(30).fill(12));
    const [water] = of('water', day(60), p, { weather, found: [{ on: day(60), share: 0.1 }] });
    expect(water).toMatchObject({ due: day(60), done: 'watered' });
    expect(doneOn(p, water ?? {}, day(60))).toEqual([]);
    expect(of('water', day(60), p, { weather, found: [{ on: day(60), share: 1 }] })[0]?.due).not.toBe(day(60));
  });
});
