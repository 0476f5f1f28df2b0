import { grow } from '../../growth/season';
import { apartMm, misfits } from '../../layout/packing';
import { boughtOn, toBuy, turnCost } from '../../materials/turn';
import { startPrice } from '../../materials/list';
import { libraryPlant } from '../../plants';
import { apply } from '../../plantings/commands';
import { STARTS } from '../../plants/starts';
import { resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { placed, pot, warmPot } from '../../testing/pots';
import { SMALL_LIBRARY } from '../../testing/small';
import { some } from '../../testing/some';
import { daysBetween } from '../../units/date';
import { compose } from '../compose';
import { groundFor, takeOver, withoutTurn } from './change-over';
import { rebuildOf } from './rebuild';
import { sortOut } from './sort-out';
import { turnDays, yearCommands, composeYear } from './year';

const AUTUMN = '2026-10-24';
const fate = (planting: Planting, on: string) => Object.fromEntries(sortOut(planting, on).map((s) => [s.id, s.goes]));
const mixed = pot({
  placements: [
    placed('t', 'canna-dwarf-red', 'thriller', 0, 0, 'l1'),
    placed('h', 'heuchera-silver', 'filler', -110, 0),
    placed('s', 'carex-bronze', 'filler', 110, 0),
    placed('l', 'lobelia-blue', 'spiller', 0, 120),
    placed('p', 'pelargonium-scarlet', 'filler', 0, -115),
  ],
});

describe('who stays and who goes', () => {
  test('in autumn evergreens stay, tubers are dried off, annuals go to the compost, what roots gives cuttings', () => {
    expect(fate(mixed, AUTUMN)).toEqual({ t: 'lifted dry', h: null, s: null, l: 'compost', p: 'compost' });
    expect(sortOut(mixed, '2026-10-12').find((s) => s.id === 'p')?.why).toMatch(/cuttings/);
  });
  test('in high summer what is in full flower stays', () => {
    expect(Object.values(fate(warmPot(), '2026-07-12'))).toEqual([null, null, null, null, null]);
  });
  test('after spring its flowers go and its leaf stays', () => {
    const spring = pot({
      startDate: '2026-03-10',
      placements: [
        placed('f', 'forget-me-not', 'filler', 0, 0),
        placed('h', 'heuchera-silver', 'filler', 110, 0),
        placed('t', 'tulip-red', 'filler', -110, 0, 'bulb'),
      ].filter((p) => libraryPlant(String(p.plant))),
    });
    expect(fate(spring, '2026-06-20')).toMatchObject({ f: 'compost', h: null });
  });
  test('who was seen to have died is lifted, with why', () => {
    expect(sortOut(mixed, '2026-07-12', new Map([['h', 'vine weevil']])).find((s) => s.id === 'h')).toMatchObject({
      goes: 'compost',
      why: 'vine weevil',
    });
  });
  test('whoever is not there that day is not asked about', () => {
    const later = apply(mixed, { do: 'begin', id: 'l', on: '2026-11-01' });
    expect(fate(later, AUTUMN).l).toBeUndefined();
  });
});

describe('a change-over', () => {
  const sorted = sortOut(mixed, AUTUMN);
  const ground = groundFor(mixed, AUTUMN, sorted);
  const [best] = compose(ground, { library: SMALL_LIBRARY, want: 1 }).proposals;
  const commands = takeOver(mixed, AUTUMN, sorted, best?.planting.placements ?? []);
  const after = commands.reduce(apply, mixed);
  const stay = new Set(sorted.filter((s) => s.goes === null).map((s) => s.id));
  test('keeps what lasts where it is', () => {
    for (const id of some(stay))
      expect(after.placements.find((p) => p.id === id)).toEqual(mixed.placements.find((p) => p.id === id));
  });
  test('lifts what is over, sets out what is new on the day, and gives no id twice', () => {
    for (const s of sorted.filter((x) => x.goes !== null))
      expect(after.placements.find((p) => p.id === s.id)?.until).toBe(AUTUMN);
    const fresh = some(after.placements.filter((p) => p.from === AUTUMN));
    expect(new Set(after.placements.map((p) => p.id)).size).toBe(after.placements.length);
    for (const p of fresh) expect(p.locked).toBeUndefined();
  });
  test('never sets a start into roots that have grown', () => {
    const rooted = some(ground.placements);
    for (const p of rooted) expect(p.locked).toBe(true);
    for (const fresh of some(after.placements.filter((p) => p.from === AUTUMN)))
      for (const r of rooted)
        expect(Math.hypot(fresh.xMm - r.xMm, fresh.yMm - r.yMm)).toBeGreaterThanOrEqual(
          apartMm(fresh.start, r.start) - 0.6,
        );
    expect(misfits(after.container, after.placements).filter((m) => !m.teased)).toEqual([]);
  });
  test('roots of what stood for a summer take more room, where there is any', () => {
    expect(ground.placements.some((p) => p.start !== mixed.placements.find((o) => o.id === p.id)?.start)).toBe(true);
  });
  test('grows on: what is new is there after the day and not before', () => {
    const season = grow(after);
    const i = season.placed.findIndex((p) => p.from === AUTUMN);
    const week = Math.ceil(daysBetween(after.startDate, AUTUMN) / 7);
    expect([season.weeks[week - 1]?.plants[i]?.alive, season.weeks[week]?.plants[i]?.alive]).toEqual([false, true]);
  });
  test('is left out again as it was', () => {
    const back = withoutTurn(after, AUTUMN).reduce(apply, after);
    expect(back.placements).toEqual(mixed.placements);
  });
  test('costs its new plants, mix to top up and feed, and no more', () => {
    const bought = boughtOn(after, AUTUMN);
    expect(bought.placements.map((p) => p.id)).toEqual(
      after.placements.filter((p) => p.from === AUTUMN).map((p) => p.id),
    );
    expect(bought.container.refill).toBe('top up');
    // Packs are bought whole.
    const kinds = new Map<string, { pack: number; perPack: number; n: number }>();
    for (const { plant, start } of resolve(bought)) {
      const key = `${plant.id} ${start}`;
      const n = (kinds.get(key)?.n ?? 0) + 1;
      kinds.set(key, { pack: startPrice(plant, start).pack, perPack: STARTS[start].perPack, n });
    }
    const plants = [...kinds.values()].reduce((sum, k) => sum + Math.ceil(k.n / k.perPack) * k.pack, 0);
    expect(turnCost(after, AUTUMN)).toBeGreaterThan(plants);
    expect(turnCost(after, AUTUMN)).toBeLessThan(plants + 8);
    expect(toBuy(after, '2026-10-01')).toEqual(bought);
  });
});

describe('a year of turns', () => {
  const days = turnDays(mixed, '2026-07-10');
  test('has up to three, each six weeks or more from the next, within the year', () => {
    expect(days.map((d) => d.name)).toEqual(['autumn', 'spring', 'summer']);
    for (let i = 1; i < days.length; i += 1)
      expect(daysBetween(days[i - 1]?.on ?? '', days[i]?.on ?? '')).toBeGreaterThanOrEqual(42);
  });
  test('each begins with what the one before left, and all cost what each costs', () => {
    const year = composeYear(mixed, days, SMALL_LIBRARY);
    const fresh = some(year.turns.filter((t) => t.fresh.length > 0));
    for (const t of fresh) expect(turnCost(year.planting, t.on)).toBeGreaterThan(0);
    expect(year.cost).toBeCloseTo(
      year.turns.reduce((s, t) => s + t.cost, 0),
      9,
    );
    expect(yearCommands(mixed, year).reduce(apply, mixed).placements).toEqual(year.planting.placements);
  });
});

test('four turns of four starts each, costed by hand to the penny', () => {
  const at = [
    [-100, 0],
    [100, 0],
    [0, 100],
    [0, -100],
  ] as const;
  const set = (letter: string, plant: string, from: string | null) =>
    at.map(([x, y], i) => ({ ...placed(`${letter}${i + 1}`, plant, 'filler', x, y), from }));
  const turn = (now: Planting, on: string, letter: string, plant: string): Planting =>
    [
      ...now.placements.filter((p) => p.until === null).map((p) => ({ do: 'lift' as const, id: p.id, on })),
      ...set(letter, plant, on).map((placement) => ({ do: 'add' as const, placement })),
    ].reduce(apply, now);
  const year = (
    [
      ['2026-09-12', 'h', 'heather-winter-white'],
      ['2026-11-01', 'v', 'viola-white'],
      ['2027-03-20', 's', 'primrose-blue'],
      ['2027-05-20', 'u', 'petunia-white'],
    ] as const
  ).reduce(
    (now, [on, letter, plant]) => turn(now, on, letter, plant),
    pot({ placements: set('a', 'petunia-white', null) }),
  );
  // The pot holds 30.9 L; less four balls of 0.35 L, a tenth of it renewed and an eighth more for settling is
  // 3.3 L: one 10 L bag at £3.50, and 13 g of feed at 0.9 p.
  const mixAndFeed = 3.5 + 0.12;
  const costs = ['2026-09-12', '2026-11-01', '2027-03-20', '2027-05-20'].map((on) => turnCost(year, on));
  const byHand = [4 * 2.6, 4 * 1.8, 4 * 2, 4 * 2].map((plants) => plants + mixAndFeed);
  costs.forEach((cost, i) => expect(cost).toBeCloseTo(byHand[i] ?? 0, 9));
  expect(costs.reduce((a, b) => a + b, 0)).toBeCloseTo(48.08, 9);
});

describe('a rebuild', () => {
  test('says what is used again by colour, what to root, and how much of the mix to renew', () => {
    const { again, cuttings, refill, mixL } = rebuildOf(mixed, AUTUMN);
    expect(again.flatMap((g) => g.kinds.map((k) => k.plant)).sort()).toEqual([
      'canna-dwarf-red',
      'carex-bronze',
      'heuchera-silver',
    ]);
    expect(cuttings.map((c) => c.name)).toEqual([expect.stringMatching(/pelargonium/i)]);
    expect(refill).toBe('top up');
    const old = rebuildOf({ ...mixed, brief: { ...mixed.brief, lasting: true } }, '2027-05-20');
    expect(old.refill).toBe('top third');
    expect(old.mixL).toBeGreaterThan(mixL * 3);
  });
});
