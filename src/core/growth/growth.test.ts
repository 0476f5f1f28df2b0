import { some } from '../testing/some';
import fc from '../testing/fc';
import { LIBRARY } from '../plants';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot, sun, warmPot } from '../testing/pots';
import { monthPosition } from '../units/date';
import { sunReading } from '../spots/light';
import { fadingTo } from './fading';
import { lightLeft } from './light';
import { skyOf } from './sky';
import { lightFit } from './model';
import { grow } from './season';
import { dying, leastLight, smothered } from './smother';

describe('light', () => {
  test('hours are counted morning and afternoon apart, at 13:00', () => {
    expect(sunReading(sun([9, 10, 11, 12, 13, 14]))).toMatchObject({
      hours: 6,
      morning: 4,
      afternoon: 2,
      label: 'full sun',
    });
  });
  test.each([
    [[], 'shade'],
    [[9], 'shade'],
    [[9, 10], 'part shade'],
    [[9, 10, 11, 12], 'part sun'],
    [[8, 9, 10, 11, 12, 13], 'full sun'],
  ])('%p is %s', (hours, label) => expect(sunReading(sun(hours as number[])).label).toBe(label));

  test('dappled shade is worth two to four hours and scorches nothing', () => {
    const r = sunReading({
      ...sun([12, 13, 14, 15, 16, 17]),
      light: { kind: 'noted', hours: [12, 13, 14, 15, 16, 17], dappled: true },
    });
    expect(r).toMatchObject({ hours: 4, afternoon: 0, label: 'dappled shade' });
  });

  test('the light window is 1 in its ideal, falls straight to little at its ends, and is nothing beyond', () => {
    const window: [number, number, number, number] = [4, 6, 10, 12];
    expect([2, 4, 5, 6, 9, 10, 11, 12, 13].map((h) => lightFit(window, h))).toEqual([
      0, 0.25, 0.625, 1, 1, 1, 0.625, 0.25, 0,
    ]);
  });

  test('a plant of full sun takes as many hours as the day has', () => {
    expect([10, 12, 14, 15.5, 17].map((h) => lightFit([4, 6, 12, 14], h))).toEqual([1, 1, 1, 1, 1]);
  });

  test('a plant alone keeps all its light; one under another loses some, never the taller', () => {
    const two = pot({
      placements: [
        placed('low', 'petunia-white', 'filler', 0, 0),
        placed('tall', 'colocasia-black', 'thriller', 30, 0, 'l1'),
      ],
    });
    const s = grow(two);
    const sizes = s.weeks[s.peak]?.plants ?? [];
    const [low, tall] = lightLeft(s.placed, sizes, skyOf(two.spot, 6));
    expect(tall).toBe(1);
    expect(low).toBeLessThan(0.85);
    expect(leastLight(grow(pot({ placements: [placed('p', 'petunia-white', 'filler', 0, 0)] })), 0)).toBe(1);
  });

  test('a trailer leans out over the rim, out of the shade that a filler of its size would stand in', () => {
    const under = (role: 'filler' | 'spiller') => {
      const { placed: at } = grow(
        pot({
          placements: [placed('low', 'petunia-violet', role, 0, 100), placed('tall', 'abelia', 'thriller', 0, 0, 'l1')],
        }),
      );
      const size = { alive: true, spreadMm: 300 };
      const sizes = [
        { ...size, heightMm: 120, trailMm: 250 },
        { ...size, heightMm: 500, trailMm: 0 },
      ];
      return lightLeft(at, sizes, skyOf(pot().spot, 6))[0] ?? 0;
    };
    expect(under('spiller')).toBeGreaterThan(under('filler') + 0.02);
  });
});

describe('the season', () => {
  test('a petunia from a 9 cm pot fills out within its own range by week ten', () => {
    const s = grow(pot({ placements: [placed('p', 'petunia-violet', 'filler', 0, 0)] }));
    const at = s.weeks[10]?.plants[0];
    expect(at?.heightMm).toBeGreaterThan(200);
    expect(at?.heightMm).toBeLessThanOrEqual(300);
    expect(s.weeks[0]?.plants[0]?.heightMm).toBeLessThan(110);
  });

  test('the peak comes after seven to thirteen weeks for summer plants', () => {
    const { peak } = grow(warmPot());
    expect(peak).toBeGreaterThanOrEqual(7);
    expect(peak).toBeLessThanOrEqual(13);
  });

  test('first frost kills what is tender and spares what is hardy', () => {
    const s = grow(
      pot({
        placements: [placed('a', 'coleus-lime', 'filler', -100, 0), placed('b', 'heuchera-caramel', 'filler', 100, 0)],
      }),
    );
    const last = s.weeks[s.weeks.length - 1]?.plants;
    expect(last?.map((g) => g.alive)).toEqual([false, true]);
    expect(s.frostWeek).toBe(22);
  });

  test('frost takes the top of a hardy bulb, which comes again in spring; under a harder winter it is dead', () => {
    const fates = (coldestWinterC: number) =>
      grow(
        pot({
          spot: { ...pot().spot, coldestWinterC },
          placements: [placed('a', 'eucomis', 'thriller', 0, 0, 'l1')],
          startDate: '2026-05-10',
        }),
        60,
      ).weeks.map((w) => w.plants[0]?.gone);
    const mild = fates(-6);
    expect(mild).toContain('asleep');
    expect(mild).not.toContain('frost');
    expect(mild[mild.length - 1]).toBeNull();
    expect(fates(-14).slice(-1)).toEqual(['frost']);
  });

  test('a hot summer stops a cool-season plant flowering', () => {
    const july = (summer: 'cool' | 'hot') =>
      grow(pot({ spot: sun([8, 9, 10, 11], { summer }), placements: [placed('a', 'lobelia-blue', 'spiller', 0, 100)] }))
        .weeks[8]?.plants[0]?.bloom ?? 0;
    expect(july('hot')).toBeLessThan(july('cool') * 0.6);
  });

  test('months of bloom are turned half a year in the south', () => {
    const at = (latitude: number): Planting['spot'] => ({
      ...pot().spot,
      light: {
        kind: 'clock',
        latitude,
        facing: latitude > 0 ? 180 : 0,
        wall: false,
        skyline: Array.from({ length: 36 }, () => 0),
        roofDeg: null,
        trees: [],
        dappled: false,
      },
    });
    const first = (latitude: number, startDate: string) =>
      grow(pot({ spot: at(latitude), startDate, placements: [placed('a', 'tulip-red', 'filler', 0, 0)] })).weeks[0]
        ?.plants[0]?.bloom ?? 0;
    expect(first(52, '2026-04-20')).toBeGreaterThan(0);
    expect(first(-35, '2026-10-20')).toBeCloseTo(first(52, '2026-04-20'), 1);
    expect(first(-35, '2026-04-20')).toBe(0);
  });

  test('less root room makes smaller plants', () => {
    const tall = (top: number) =>
      grow(
        pot({
          container: roundPot(top, top * 0.7, top * 0.9),
          placements: [
            placed('a', 'canna-dwarf-red', 'thriller', 0, 0, 'l1'),
            placed('b', 'bidens-yellow', 'spiller', 80, 0),
          ],
        }),
      ).weeks[12]?.plants[0]?.heightMm ?? 0;
    expect(tall(180)).toBeLessThan(tall(450) * 0.95);
  });

  test('lime sweet-potato vines either side of lobelia smother it by midsummer', () => {
    const p = pot({
      placements: [
        placed('v', 'sweet-potato-vine-lime', 'spiller', -85, 95),
        placed('l', 'lobelia-blue', 'spiller', 0, 130),
        placed('w', 'sweet-potato-vine-lime', 'spiller', 85, 95),
      ],
    });
    const s = grow(p);
    expect(smothered(s).map((x) => x.index)).toContain(1);
  });

  test('what is tall carries leaf from low down: cannas close round alyssum keep it dark after they have outgrown it', () => {
    const cannas = [0, 1, 2, 3].map((i) =>
      placed(`c${i}`, 'canna-dwarf-red', 'thriller', 60 + 70 * Math.cos(i * 1.57), 70 * Math.sin(i * 1.57), 'l2'),
    );
    const { weeks } = grow(pot({ placements: [placed('a', 'alyssum-white', 'filler', 60, 0), ...cannas] }));
    for (const week of [6, 10, 14]) expect(weeks[week]?.plants[0]?.light).toBeLessThan(0.5);
  });

  test('what is dead for want of light is told as dying, whatever light lies on it then', () => {
    const { weeks, ...season } = grow(pot({ placements: [placed('p', 'petunia-violet', 'filler', 0, 0)] }));
    const ends = (gone: 'dark' | 'frost') =>
      dying({
        ...season,
        weeks: weeks.map((w, k) => ({
          ...w,
          plants: w.plants.map((g) => ({ ...g, light: 0.1, ...(k < 12 ? {} : { alive: false, gone }) })),
        })),
      });
    expect(ends('dark')).toMatchObject([{ index: 0, week: 0 }]);
    expect(ends('frost')).toEqual([]);
  });

  test('smothered takes three weeks running in which it stands still', () => {
    const { weeks, ...season } = grow(pot({ placements: [placed('p', 'petunia-violet', 'filler', 0, 0)] }));
    const lit = (lights: number[]) =>
      smothered({
        ...season,
        weeks: lights.map((light, week) => {
          const w = weeks[week];
          if (!w) throw new Error('the season is too short');
          return { ...w, plants: w.plants.map((g) => ({ ...g, light })) };
        }),
      });
    expect(lit([1, 0.2, 0.2, 0.5, 0.2, 0.2, 1])).toEqual([]);
    expect(lit([1, 0.2, 0.25, 0.29, 1])).toEqual([{ index: 0, week: 1, least: 0.2 }]);
    expect(lit([1, 0.35, 0.35, 0.35, 1])).toEqual([]);
  });

  test('every plant in the library grows: nothing shrinks but what dies down, nothing passes its range, shares stay shares', () => {
    fc.assert(
      fc.property(fc.constantFrom(...LIBRARY), fc.integer({ min: 0, max: 10 }), (plant, h) => {
        const s = grow(
          pot({
            spot: sun([7, 8, 9, 10, 11, 12, 13, 14, 15, 16].slice(0, h)),
            placements: [placed('a', plant.id, plant.roles[0] ?? 'filler', 0, 60, plant.starts[0]?.size)],
          }),
        );
        let before = 0;
        for (const w of some(s.weeks)) {
          const g = w.plants[0];
          if (!g) throw new Error('no plant');
          // What dies down thins before it is gone, and begins again.
          const thins = fadingTo(plant, monthPosition(w.date)) < 1;
          expect(g.heightMm).toBeGreaterThanOrEqual(thins ? 0 : before - 1e-6);
          before = g.alive ? g.heightMm : 0;
          expect(g.heightMm).toBeLessThanOrEqual(plant.heightMm[1]);
          expect(g.trailMm).toBeLessThanOrEqual(plant.trailMm[1]);
          expect(g.bloom).toBeGreaterThanOrEqual(0);
          expect(g.bloom).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 80 },
    );
  });

  test('the same planting grows the same way', () => expect(grow(warmPot())).toEqual(grow(warmPot())));
});
