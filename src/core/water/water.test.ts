import type { Day } from '../climate/days';
import { grow } from '../growth/season';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot } from '../testing/pots';
import { some } from '../testing/some';
import { addDays } from '../units/date';
import { sum } from '../units/number';
import { balanceOf, wateringOn } from './balance';
import { drinkingOn, storeOn, usedL } from './demand';
import { extraterrestrial, referenceMm } from './evaporation';
import { rainL } from './rain';

const JULY = '2026-07-15';
const WARM: Day = { date: JULY, highC: 24, lowC: 13, rainMm: 0 };
const HOT: Day = { date: JULY, highC: 33, lowC: 20, rainMm: 0 };

/** At 43° north, where the practice figures were noted. */
const spot: Planting['spot'] = {
  ...pot().spot,
  light: {
    kind: 'clock',
    latitude: 43,
    facing: 180,
    wall: false,
    skyline: Array<number>(36).fill(0),
    roofDeg: null,
    trees: [],
    dappled: false,
  },
};
const at43 = (change: Partial<Planting>): Planting => pot({ startDate: '2026-05-10', spot, ...change });

const basket = at43({
  container: {
    ...roundPot(300, 200, 170),
    shape: { kind: 'basket', topMm: 300, depthMm: 170 },
    mount: 'hook',
    material: 'coir',
  },
  placements: [
    placed('a', 'petunia-white', 'filler', 0, 0),
    placed('b', 'lobelia-blue', 'spiller', 90, 0),
    placed('c', 'calibrachoa-violet', 'spiller', -90, 0),
    placed('d', 'bacopa-lilac', 'spiller', 0, 90),
    placed('e', 'petunia-magenta', 'filler', 0, -80),
  ],
});
const patio = at43({
  container: roundPot(400, 290, 360),
  placements: [
    placed('t', 'canna-dwarf-red', 'thriller', 0, 0, 'l1'),
    placed('a', 'petunia-white', 'filler', -118, -40),
    placed('b', 'lantana-sunset', 'filler', 118, -40),
    placed('e', 'petunia-magenta', 'filler', 0, -120),
    placed('f', 'petunia-white', 'filler', 0, 120),
    placed('c', 'calibrachoa-yellow', 'spiller', -90, 110),
    placed('d', 'carex-bronze', 'spiller', 90, 110),
  ],
});
const succulents = at43({
  container: { ...roundPot(300, 200, 140), shape: { kind: 'bowl', topMm: 300, depthMm: 140 } },
  placements: [
    placed('a', 'echeveria-dark', 'filler', 0, 0),
    placed('b', 'stonecrop-bronze', 'filler', 70, 0),
    placed('c', 'stonecrop-trailing-gold', 'spiller', -70, 0),
    placed('d', 'echeveria-green-red', 'filler', 0, 70),
  ],
});

describe('evaporation', () => {
  test('sunlight above the air, by hand: 40.7 MJ at 43° on 15 July, and FAO-56’s own 32.2 at 20° south on 3 September', () => {
    expect(extraterrestrial(43, JULY)).toBeCloseTo(40.7, 1);
    expect(extraterrestrial(-20, '2026-09-03')).toBeCloseTo(32.2, 1);
  });
  test('by Hargreaves and Samani: 4.6 mm on a warm day, more on a hot one, none under nought', () => {
    expect(referenceMm(43, JULY, 24, 13)).toBeCloseTo(0.0023 * 40.7 * 0.408 * (18.5 + 17.8) * Math.sqrt(11), 1);
    expect(referenceMm(43, JULY, 33, 20)).toBeGreaterThan(referenceMm(43, JULY, 24, 13));
    expect(referenceMm(60, '2026-01-10', -20, -30)).toBe(0);
  });
});

describe('as practice says', () => {
  test('a full 30 cm basket in July: once to one and a half times a day, about twice in heat', () => {
    expect(wateringOn(basket, WARM).timesADay).toBeGreaterThanOrEqual(1);
    expect(wateringOn(basket, WARM).timesADay).toBeLessThanOrEqual(1.5);
    expect(wateringOn(basket, HOT).timesADay).toBeGreaterThan(1.7);
    expect(wateringOn(basket, HOT).timesADay).toBeLessThan(2.3);
  });
  test('a 40 cm pot every two to three days, in heat more than every other', () => {
    expect(wateringOn(patio, WARM).everyDays).toBeGreaterThan(1.7);
    expect(wateringOn(patio, WARM).everyDays).toBeLessThan(3.2);
    expect(wateringOn(patio, HOT).everyDays).toBeGreaterThan(1.2);
  });
  test('a bowl of succulents about once a week', () => {
    expect(wateringOn(succulents, WARM).everyDays).toBeGreaterThanOrEqual(5);
    expect(wateringOn(succulents, WARM).everyDays).toBeLessThanOrEqual(9.5);
  });
  test('a deep box lasts longer than a shallow one under the same top', () => {
    const box = (depthMm: number) =>
      at43({
        container: {
          ...roundPot(300, 200, 140),
          shape: { kind: 'box', lengthMm: 800, widthMm: 200, baseLengthMm: 760, baseWidthMm: 180, depthMm },
        },
        placements: [placed('a', 'petunia-white', 'filler', -100, 0), placed('b', 'petunia-white', 'filler', 100, 0)],
      });
    expect(wateringOn(box(260), WARM).everyDays).toBeGreaterThan((wateringOn(box(160), WARM).everyDays ?? 0) * 1.3);
  });
  test('wind and a breathing wall cost water, shelter saves it, a reservoir holds more', () => {
    const with_ = (change: Partial<Planting>) => wateringOn({ ...patio, ...change }, WARM).litresADay;
    const plain = with_({});
    expect(with_({ spot: { ...spot, wind: 'windy' } })).toBeCloseTo(plain * 1.4, 6);
    expect(with_({ spot: { ...spot, wind: 'sheltered' } })).toBeCloseTo(plain * 0.85, 6);
    const { container } = patio;
    expect(with_({ container: { ...container, material: 'plastic' } }) * 1.15).toBeCloseTo(
      with_({ container: { ...container, material: 'terracotta' } }),
      6,
    );
    const holds = (planting: Planting) => storeOn(planting, grow(planting), JULY).usableL;
    expect(holds({ ...patio, container: { ...container, reservoirL: 3 } })).toBeCloseTo(holds(patio) + 3, 9);
  });
});

describe('rain', () => {
  const on = (p: Planting, rainMm = 10) => rainL(p, drinkingOn(p, grow(p), JULY), { rainMm });
  test('counts nothing under an awning, and half of it under half of one', () => {
    const under = (rain: Planting['spot']['rain'], mm = 10) => on({ ...patio, spot: { ...spot, rain } }, mm);
    expect(under('none')).toBe(0);
    expect(under('part', 20)).toBeCloseTo(under('open', 10), 9);
  });
  test('of a shower the first stays on the leaf, and a bare pot takes all of it', () => {
    expect(on(patio, 2)).toBe(0);
    expect(on(patio, 3)).toBeGreaterThan(0);
    const bare = { ...patio, placements: [] };
    expect(on(bare, 2)).toBeCloseTo((Math.PI * 0.4 ** 2 * 2) / 4, 2);
  });
  test('a full dome sheds more of it than an upright planting', () => {
    const share = (p: Planting, topMm: number) => on(p, 20) / ((Math.PI * (topMm / 1000) ** 2 * 17.5) / 4);
    expect(share(patio, 400)).toBeCloseTo(0.55, 1);
    expect(share(basket, 300)).toBeCloseTo(0.25, 1);
  });
  test('is shed in part by the leaves over it', () => expect(on(patio)).toBeLessThan(on({ ...patio, placements: [] })));
});

describe('the balance', () => {
  const weather = Array.from({ length: 140 }, (_, i): Day => ({
    date: addDays('2026-05-10', i),
    highC: 18 + 9 * Math.sin(i / 30),
    lowC: 9 + 6 * Math.sin(i / 30),
    rainMm: i % 5 === 0 ? 7 : 0,
  }));
  test.each([
    ['basket', basket],
    ['pot', patio],
    ['bowl', succulents],
  ] as const)('of a %s keeps every drop over a season, to a thousand-millionth', (_, planting) => {
    const days = some(balanceOf(planting, weather));
    const into = sum(days.map((d) => d.rainL + d.givenL));
    const out = sum(days.map((d) => d.usedL + d.ranOutL));
    const kept = (days.at(-1)?.toL ?? 0) - (days[0]?.fromL ?? 0);
    expect(Math.abs(into - out - kept)).toBeLessThan(1e-9 * into);
    for (const d of days) {
      const { usableL, spendL } = storeOn(planting, grow(planting), d.date);
      expect(d.toL).toBeGreaterThanOrEqual(usableL - spendL - 1e-6);
    }
  });
  test('in rain enough for it nobody waters, and the rest runs out below', () => {
    const wet = balanceOf(
      patio,
      weather.slice(0, 20).map((d) => ({ ...d, rainMm: 40 })),
    );
    expect(sum(wet.map((d) => d.times))).toBe(0);
    expect(sum(wet.map((d) => d.ranOutL))).toBeGreaterThan(0);
  });
  test('an empty pot uses only what its mix gives off', () => {
    const empty = { ...patio, placements: [] };
    expect(usedL(empty, drinkingOn(empty, grow(empty), JULY), WARM)).toBeGreaterThan(0);
    expect(wateringOn(empty, WARM).litresADay).toBeLessThan(wateringOn(patio, WARM).litresADay);
  });
});
