import fc from '../testing/fc';
import { roundPot } from '../testing/pots';
import { containerSums, headspaceMm, mixToBuyL, plantedMass } from '.';
import { ContainerSchema } from './schema';
import { shapeOf } from './shapes';

describe('a round tapered pot', () => {
  const c = roundPot(400, 290, 360);

  test('holds a frustum: π·36/12·(40² + 40·29 + 29²) = 33.94 L to the brim', () =>
    expect(containerSums(c).brimL).toBeCloseTo(33.938, 2));

  test('holds 30.84 L to the soil line, 25 mm down', () => {
    // Diameter there: 400 − 110·25/360 = 392.36; π·33.5/12·(39.236² + 39.236·29 + 29²)
    expect(containerSums(c).fillL).toBeCloseTo(
      (Math.PI * 33.5 * (39.2361 ** 2 + 39.2361 * 29 + 29 ** 2)) / 12 / 1000,
      2,
    );
  });

  test('plants 368 mm across: 392.4 less 12 mm of buffer either side', () =>
    expect(containerSums(c).plantingWidthMm).toBeCloseTo(368.36, 1));

  test('wants fill less root balls, and 12 % for settling', () =>
    expect(mixToBuyL(c, 3)).toBeCloseTo((containerSums(c).fillL - 3) * 1.12, 6));

  test('root balls larger than the pot want no mix, not less than none', () => expect(mixToBuyL(c, 999)).toBe(0));

  test('weighs wall, wet mix and tops: parts add up and soaked is heavier than dry', () => {
    const soaked = plantedMass(c, 3, 'soaked');
    expect(soaked.mixKg).toBeCloseTo(containerSums(c).fillL * 0.9, 6);
    expect(soaked.totalKg).toBeCloseTo(soaked.potKg + soaked.mixKg + soaked.topKg, 9);
    expect(plantedMass(c, 3, 'dry').totalKg).toBeLessThan(soaked.totalKg);
  });

  test('a straight cylinder of 20 cm by 20 cm holds π·10²·20 cm³', () =>
    expect(containerSums(roundPot(200, 200, 200)).brimL).toBeCloseTo(6.2832, 3));

  test('clay outweighs plastic of the same size at least fivefold', () => {
    const kg = (material: 'terracotta' | 'plastic') => containerSums(roundPot(400, 290, 360, { material })).potKg;
    expect(kg('terracotta') / kg('plastic')).toBeGreaterThan(5);
  });
});

test('headspace grows with the pot', () => {
  expect(headspaceMm(roundPot(150, 110, 140))).toBe(12);
  expect(headspaceMm(roundPot(400, 290, 360))).toBe(25);
});

test('volume is additive in depth, and width runs from rim to base, for any pot', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 100, max: 900 }),
      fc.integer({ min: 60, max: 100 }),
      fc.integer({ min: 80, max: 900 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (top, taper, depth, cut) => {
        const { shape } = roundPot(top, Math.max(60, (top * taper) / 100), depth);
        const s = shapeOf(shape);
        const at = depth * cut;
        expect(s.volumeL(shape, 0, at) + s.volumeL(shape, at, depth)).toBeCloseTo(s.volumeL(shape, 0, depth), 6);
        expect(s.extentsMm(shape, at).wide).toBeLessThanOrEqual(top + 1e-9);
      },
    ),
  );
});

test.each([[{ topMm: -400 }], [{ topMm: 20 }], [{ depthMm: 99999 }], [{ baseMm: 700 }], [{ kind: 'cube' }]])(
  'refuses the measures %p',
  (change) => {
    const c = roundPot(400, 290, 360);
    expect(ContainerSchema.safeParse({ ...c, shape: { ...c.shape, ...change } }).success).toBe(false);
  },
);
