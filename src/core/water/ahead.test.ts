import type { KnownDay } from '../climate/days';
import { placed, pot, roundPot, warmPot } from '../testing/pots';
import { some } from '../testing/some';
import { addDays, daysBetween } from '../units/date';
import { sum } from '../units/number';
import type { Planting } from '../plantings/schema';
import { aheadOf } from './ahead';
import { awayOver } from './away';
import { balanceOf, NEVER } from './balance';
import { grow } from '../growth/season';
import { storeOn } from './demand';
import { HOSE_L_A_MINUTE, rotaOf } from './rota';
import { awayWords, dayWords, timesWords } from './words';

const TODAY = '2026-07-10';
const weather = (highC: number, lowC: number, days = 35): KnownDay[] =>
  Array.from({ length: days }, (_, i) => ({
    date: addDays(TODAY, i - 14),
    highC,
    lowC,
    rainMm: 0,
    known: 'forecast',
  }));
const warm = weather(25, 14);
const hot = weather(33, 20);
const p = { ...warmPot(), spot: { ...warmPot().spot, rain: 'none' as const } };
const coming = (days: readonly KnownDay[], n: number) => days.filter((d) => d.date >= TODAY).slice(0, n);

describe('water ahead', () => {
  const { usableL, reachL, spendL } = storeOn(p, grow(p), TODAY);
  test('filled today it holds all it can, and asks when half is gone', () => {
    const ahead = aheadOf(p, warm, TODAY, [{ on: TODAY, share: 1 }]);
    expect(ahead.heldL).toBe(usableL);
    expect(ahead.leastL).toBeCloseTo(usableL - spendL, 9);
    expect(ahead.next?.litres).toBeCloseTo(spendL, 9);
    const used = ahead.days[0]?.usedL ?? 0;
    const whole = Math.ceil(spendL / used) - 1;
    expect([whole - 1, whole]).toContain(daysBetween(TODAY, ahead.next?.on ?? TODAY));
    expect((ahead.graceHours ?? 0) / (((reachL - spendL) / used) * 24)).toBeCloseTo(1, 0);
  });
  test('a probe that finds it dry asks today, to the brim', () => {
    const { next, heldL } = aheadOf(p, warm, TODAY, [{ on: TODAY, share: 0.2 }]);
    expect(heldL).toBeCloseTo(usableL * 0.2, 9);
    expect(next).toMatchObject({ on: TODAY, litres: usableL - heldL });
  });
  test('the newest note counts, and one too long ago does not', () => {
    const found = [
      { on: '2026-07-09', share: 0.9 },
      { on: '2026-07-01', share: 0.1 },
    ];
    expect(aheadOf(p, warm, TODAY, found).from).toEqual(found[0]);
    expect(aheadOf(p, warm, TODAY, [{ on: '2026-06-01', share: 0 }]).from).toBeNull();
  });
  test('in heat it asks sooner and lasts less long', () => {
    const on = (days: KnownDay[]) => aheadOf(p, days, TODAY, [{ on: TODAY, share: 1 }]);
    const last = (days: KnownDay[]) => on(days).lastsUntil ?? '9999';
    expect((on(hot).next?.on ?? '') <= (on(warm).next?.on ?? '')).toBe(true);
    expect(last(hot) < last(warm)).toBe(true);
  });
  test('a drip of a day’s use keeps it from asking', () => {
    const used = aheadOf(p, warm, TODAY).days[0]?.usedL ?? 0;
    const { next, lastsUntil } = aheadOf(p, warm, TODAY, [{ on: TODAY, share: 1 }], used * 1.4);
    expect([next, lastsUntil]).toEqual([null, null]);
  });
  test('conserves water to the last drop, by need, by days and by drip', () => {
    for (const watered of [{}, { by: NEVER, dripL: 1 }, { by: new Set(['2026-07-12']), trayL: 3 }]) {
      const days = balanceOf(p, coming(hot, 20), watered);
      const held = (days[0]?.fromL ?? 0) + sum(days.map((d) => d.rainL + d.givenL + d.dripL - d.usedL - d.ranOutL));
      expect(held).toBeCloseTo(days.at(-1)?.toL ?? 0, 9);
      for (const d of some(days)) expect(d.toL).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('away', () => {
  const away = (n: number, planting: Planting = p, days = hot) => awayOver(planting, coming(days, n));
  test('two days do no harm; nine in a heat wave kill, the thirsty first, and each once', () => {
    expect(away(2).dying).toEqual([]);
    const { dying, dryOn } = away(9);
    expect(dryOn).not.toBeNull();
    expect(some(dying).every((d) => d.on > (dryOn ?? ''))).toBe(true);
    expect(new Set(dying.map((d) => d.id)).size).toBe(dying.length);
  });
  test('what would save them is tried: a neighbour and a drip bring all through, a tray some of the way', () => {
    const { savings, dying } = away(9);
    const of = (how: string) => savings.find((s) => s.how === how);
    expect(of('drip')?.dying).toEqual([]);
    expect(of('neighbour')?.dying).toEqual([]);
    for (const s of some(savings)) expect(s.dying.length).toBeLessThan(dying.length);
  });
  test('what only wilts is told of by its flower: for how long it is bare, and when it is whole again', () => {
    const { dying, fading, savings } = away(5);
    expect(some(fading).every((f) => f.bareWeeks > 0 && f.wholeWeeks > f.bareWeeks)).toBe(true);
    expect(fading.map((f) => f.id).filter((id) => dying.some((d) => d.id === id))).toEqual([]);
    const drip = savings.find((s) => s.how === 'drip');
    expect([drip?.dying, drip?.fading]).toEqual([[], []]);
    expect(away(1).fading).toEqual([]);
  });
  test('what hangs has no tray, and is taken down into the shade where it can be lifted', () => {
    const basket = pot({
      container: { ...roundPot(300, 200, 170), shape: { kind: 'basket', topMm: 300, depthMm: 170 }, mount: 'hook' },
      placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('b', 'petunia-white', 'filler', 90, 0)],
    });
    const hows = (n: number, kept = basket) => some(away(n, kept).savings).map((s) => s.how);
    expect(hows(9)).toEqual(['neighbour', 'drip']);
    expect(away(5, basket).savings.map((s) => s.how)).toContain('shade');
    const heavy = {
      ...basket,
      container: { ...basket.container, shape: { kind: 'basket' as const, topMm: 700, depthMm: 400 } },
    };
    expect(hows(21, heavy)).not.toContain('shade');
  });
  test('a bowl of succulents is left for nine days and none dies', () => {
    const bowl = pot({
      container: { ...roundPot(300, 200, 140), shape: { kind: 'bowl', topMm: 300, depthMm: 140 } },
      placements: [placed('a', 'echeveria-dark', 'filler', 0, 0), placed('b', 'stonecrop-bronze', 'filler', 70, 0)],
    });
    expect(away(9, bowl).dying).toEqual([]);
  });
});

describe('the rota', () => {
  const asking = [p, { ...p, id: 'b', name: 'Other', container: { ...p.container, count: 3 } }].map((planting) => ({
    planting,
    ahead: aheadOf(planting, warm, TODAY, [{ on: TODAY, share: 0.4 }]),
  }));
  test('people take the days that ask by turns; litres are for all of a kind, minutes of hose follow', () => {
    const turns = some(rotaOf(asking, ['Ada', 'Bo']));
    expect(turns.slice(0, 3).map((t) => t.who)).toEqual(['Ada', 'Bo', 'Ada'].slice(0, turns.length));
    const [first] = turns;
    const [round] = first?.rounds ?? [];
    expect(round?.pots[1]?.litres).toBeCloseTo((round?.pots[0]?.litres ?? 0) * 3, 9);
    expect(first?.minutes).toBeCloseTo((first?.litres ?? 0) / HOSE_L_A_MINUTE, 9);
    expect(round?.cans).toBe(Math.ceil((round?.litres ?? 0) / 9));
  });
  test('with nobody named it still says when', () => {
    expect(some(rotaOf(asking, []))[0]?.who).toBeNull();
  });
});

test('days as they are said on another', () => {
  expect([TODAY, '2026-07-11', '2026-07-14', '2026-07-30'].map((d) => dayWords(d, TODAY))).toEqual([
    'today',
    'tomorrow',
    'Tuesday',
    '30 July',
  ]);
  expect([1, 2, 3, 7].map(timesWords)).toEqual(['once', 'twice', 'three times', '7 times']);
  expect(awayWords({ lastsUntil: null }, TODAY)).toMatch(/beyond the forecast/);
  expect(awayWords({ lastsUntil: '2026-07-12' }, TODAY)).toMatch(/until Sunday night/);
  expect(awayWords({ lastsUntil: '2026-07-09' }, TODAY)).toMatch(/do not leave it today/);
});
