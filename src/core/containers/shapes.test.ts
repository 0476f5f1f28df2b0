import { some } from '../testing/some';
import fc from '../testing/fc';
import { misfits, reachMm, roomAt } from '../layout/packing';
import { pot } from '../testing/pots';
import { containerSums, loadOf, mixToBuyL, plantedMass } from '.';
import { describe as said } from './describe';
import { clearOf, heartOf, rimOf, rimPoints } from './outline';
import { fieldOf, reshaped } from './resize';
import { ContainerSchema, type Container, type Shape } from './schema';
import { shapeOf } from './shapes';
import { SOLD, takeShape } from './sold';

const of = (shape: Shape, change: Partial<Container> = {}): Container => ({ ...pot().container, shape, ...change });
const brim = (shape: Shape): number => containerSums(of(shape)).brimL;

describe('volumes against hand-worked examples, litres', () => {
  test('square, tapered: 40 cm over 30 cm, 36 deep: 36/6·(1600 + 4·1225 + 900) = 44.4', () =>
    expect(brim({ kind: 'square', topMm: 400, baseMm: 300, depthMm: 360 })).toBeCloseTo(44.4, 6));
  test('square, straight: 30·30·30 = 27', () =>
    expect(brim({ kind: 'square', topMm: 300, baseMm: 300, depthMm: 300 })).toBeCloseTo(27, 6));
  test('box, tapered: 90×20 over 86×16, 18 deep: 18/6·(1800 + 4·88·18 + 1376) = 28.536', () =>
    expect(
      brim({ kind: 'box', lengthMm: 900, widthMm: 200, baseLengthMm: 860, baseWidthMm: 160, depthMm: 180 }),
    ).toBeCloseTo(28.536, 6));
  test('bowl: ⅔·π·20²·16 = 13.404', () =>
    expect(brim({ kind: 'bowl', topMm: 400, depthMm: 160 })).toBeCloseTo(((2 / 3) * Math.PI * 400 * 16) / 1000, 6));
  test('basket of 35 cm, 19 deep: ⅔·π·17.5²·19 = 12.187', () =>
    expect(brim({ kind: 'basket', topMm: 350, depthMm: 190 })).toBeCloseTo(12.187, 2));
  test('wall basket: half of a half-ellipsoid, ⅓·π·25·25·21 = 13.744', () =>
    expect(brim({ kind: 'wall-basket', widthMm: 500, projectionMm: 250, depthMm: 210 })).toBeCloseTo(13.744, 2));
  test('oval, straight: π/4·60·40·30 = 56.549', () =>
    expect(brim({ kind: 'oval', lengthMm: 600, widthMm: 400, baseShare: 1, depthMm: 300 })).toBeCloseTo(56.549, 2));
  test('own outline, an L of 60×40 less 30×20, 15 deep: 1800·15 = 27', () =>
    expect(
      brim({
        kind: 'free',
        depthMm: 150,
        corners: [
          [0, 0],
          [600, 0],
          [600, 200],
          [300, 200],
          [300, 400],
          [0, 400],
        ],
      }),
    ).toBeCloseTo(27, 6));
});

const every: Shape[] = Object.values(SOLD).flatMap((list) => [...list]);

describe.each(every.map((s) => [`${s.kind} ${Math.round(rimOf(s).wide)}`, s] as const))('%s as sold', (_, shape) => {
  const s = shapeOf(shape);
  const depth = s.depthMm(shape);

  test('volumes of two halves make the whole, and less is held lower down', () => {
    expect(s.volumeL(shape, 0, depth / 3) + s.volumeL(shape, depth / 3, depth)).toBeCloseTo(
      s.volumeL(shape, 0, depth),
      6,
    );
    expect(s.volumeL(shape, depth / 2, depth)).toBeLessThanOrEqual(s.volumeL(shape, 0, depth / 2) + 1e-9);
  });

  test('its outline lies on its wall, and has as many points at every depth', () => {
    for (const below of [0, depth * 0.3, depth * 0.7]) {
      const ring = s.ring(shape, below);
      expect(ring.length).toBe(s.ring(shape, 0).length);
      for (const p of some(ring)) expect(Math.abs(s.clear(shape, below, p.x, p.y).mm)).toBeLessThan(1);
    }
  });

  test('a step toward the nearest wall comes a step nearer, and out of it outside', () => {
    const heart = heartOf(shape);
    const c = clearOf(shape, 0, heart.x + 8, heart.y + 5);
    const wall = { x: heart.x + 8 + c.nx * c.mm, y: heart.y + 5 + c.ny * c.mm };
    expect(Math.abs(clearOf(shape, 0, wall.x, wall.y).mm)).toBeLessThan(1.5);
    expect(clearOf(shape, 0, wall.x + c.nx * 20, wall.y + c.ny * 20).mm).toBeLessThan(0);
  });

  test('rim points look outward', () => {
    for (const p of some(rimPoints(shape))) {
      expect(clearOf(shape, 0, p.x + p.nx * 6, p.y + p.ny * 6).mm).toBeLessThan(0.5);
      expect(Math.hypot(p.nx, p.ny)).toBeCloseTo(1, 6);
    }
  });

  test('it is read back from a file, and its measures can be dragged but never below sense', () => {
    expect(ContainerSchema.safeParse(of(shape)).success).toBe(true);
    const field = fieldOf(shape, 'depth') ?? '';
    expect(depth + 20).toBe(
      shapeOf(reshaped(shape, { [field]: depth + 20 })).depthMm(reshaped(shape, { [field]: depth + 20 })),
    );
    expect(reshaped(shape, { [field]: -5 })).toBe(shape);
  });
});

test('distance to an ellipse is right along its axes and for a circle', () => {
  const oval: Shape = { kind: 'oval', lengthMm: 600, widthMm: 400, baseShare: 1, depthMm: 300 };
  expect(clearOf(oval, 0, 250, 0).mm).toBeCloseTo(50, 0);
  expect(clearOf(oval, 0, 0, 150).mm).toBeCloseTo(50, 0);
  expect(clearOf(oval, 0, 0, 260).mm).toBeCloseTo(-60, 0);
  fc.assert(
    fc.property(fc.integer({ min: -190, max: 190 }), fc.integer({ min: -190, max: 190 }), (x, y) => {
      fc.pre(Math.hypot(x, y) > 5);
      const round: Shape = { ...oval, lengthMm: 400 };
      expect(clearOf(round, 0, x, y).mm).toBeCloseTo(200 - Math.hypot(x, y), 1);
    }),
  );
});

describe('root balls where they sit', () => {
  test('a deep ball fits the middle of a basket and not its edge, where the bowl is shallow', () => {
    const basket = of({ kind: 'basket', topMm: 350, depthMm: 190 });
    // At 12 + 105 mm down the basket is 350·√(1 − (117/190)²) = 275.8 mm across: 137.9 − 44.8 = 93.1 mm.
    expect(reachMm(basket, 'l1')).toBeCloseTo(93.1, 0);
    expect(misfits(basket, [{ id: 'a', start: 'l1', xMm: 0, yMm: 110 }])[0]?.kind).toBe('outside');
  });
  test('in a box the way out is over the nearest side', () => {
    const box = of({ kind: 'box', lengthMm: 900, widthMm: 200, baseLengthMm: 900, baseWidthMm: 200, depthMm: 200 });
    expect(roomAt(box, 'p9', 300, 70)).toMatchObject({ nx: 0, ny: 1 });
    expect(roomAt(box, 'p9', 300, 0).mm).toBeCloseTo(100 - 12 - 40, 6);
  });
});

describe('mass and load', () => {
  const basket = of(
    { kind: 'basket', topMm: 350, depthMm: 190 },
    { material: 'coir', mount: 'hook', liner: true, reservoirL: 1.5 },
  );
  test('a soaked 35 cm basket by its parts: 0.9 kg a litre of mix, its reservoir, wall, liner and tops', () => {
    const { potKg, mixKg, waterKg, topKg, totalKg } = plantedMass(basket, 2.4, 'soaked');
    // To the soil line, 12 mm down: π·17.5²·((19 − 19/3) − (1.2 − 1.2³/(3·19²))) = 11.03 L.
    expect(mixKg).toBeCloseTo(11.03 * 0.9, 1);
    expect([waterKg, topKg]).toEqual([1.5, 1.2]);
    expect(potKg).toBeGreaterThan(0.5);
    expect(potKg).toBeLessThan(2);
    expect(totalKg).toBeCloseTo(potKg + mixKg + waterKg + topKg, 9);
    expect(plantedMass(basket, 2.4, 'dry').waterKg).toBe(0);
  });
  test('the hook takes all of it; a rail what falls on a metre; the ground is not asked', () => {
    expect(loadOf(basket, 2.4)).toMatchObject({ on: 'hook', kg: plantedMass(basket, 2.4, 'soaked').totalKg });
    const rail = of(SOLD.box[2] as Shape, { mount: 'rail', material: 'metal' });
    expect(loadOf(rail, 4)?.kg).toBeCloseTo(plantedMass(rail, 4, 'soaked').totalKg / 0.8, 9);
    expect(loadOf(of(SOLD.round[0] as Shape), 1)).toBeNull();
    expect(loadOf(of(SOLD['wall-basket'][3] as Shape, { mount: 'wall' }), 2)?.on).toBe('each bracket');
    expect(loadOf(of(SOLD['wall-basket'][0] as Shape, { mount: 'wall' }), 2)).toMatchObject({ on: 'hook' });
  });
  test('brackets share a box: one each half metre, two for the shortest', () => {
    const onWall = (lengthMm: number) => {
      const shape: Shape = {
        kind: 'box',
        lengthMm,
        widthMm: 200,
        baseLengthMm: lengthMm,
        baseWidthMm: 180,
        depthMm: 180,
      };
      const box = of(shape, { mount: 'wall', material: 'metal' });
      return plantedMass(box, 3, 'soaked').totalKg / (loadOf(box, 3)?.kg ?? 0);
    };
    expect([400, 1000, 1200].map(onWall)).toEqual([2, 2, 3]);
  });
  test('a big old pot wants a third of the mix, a topped-up box a tenth', () => {
    const c = of(SOLD.round[6] as Shape);
    expect(mixToBuyL({ ...c, refill: 'top third' }, 3)).toBeCloseTo(mixToBuyL(c, 3) / 3, 9);
    expect(mixToBuyL({ ...c, refill: 'top up' }, 3)).toBeCloseTo(mixToBuyL(c, 3) / 10, 9);
  });
});

test('taking a shape brings what usually goes with it, and keeps what was chosen', () => {
  const c = takeShape(of(SOLD.round[4] as Shape, { count: 6 }), 'basket');
  expect(c).toMatchObject({ mount: 'hook', material: 'coir', liner: true, count: 6 });
  expect(takeShape(c, 'round')).toMatchObject({ mount: 'ground', material: 'terracotta', rimHeightMm: null });
});

test.each([
  [
    { kind: 'box', lengthMm: 900, widthMm: 200, baseLengthMm: 870, baseWidthMm: 170, depthMm: 190 },
    'sill',
    'metric',
    '90 cm window box',
  ],
  [
    { kind: 'box', lengthMm: 762, widthMm: 200, baseLengthMm: 740, baseWidthMm: 170, depthMm: 190 },
    'rail',
    'imperial',
    '30 in rail box',
  ],
  [{ kind: 'basket', topMm: 300, depthMm: 160 }, 'hook', 'metric', '30 cm hanging basket'],
] as const)('%p on a %s is called right', (shape, mount, units, name) =>
  expect(said(of(shape, { mount }), units)).toBe(name),
);

test.each([
  [
    {
      kind: 'free',
      depthMm: 150,
      corners: [
        [0, 0],
        [100, 0],
      ],
    },
    'three corners',
  ],
  [{ kind: 'box', lengthMm: 20, widthMm: 200, baseLengthMm: 870, baseWidthMm: 170, depthMm: 190 }, '150 mm'],
  [{ kind: 'oval', lengthMm: 500, widthMm: 300, baseShare: 3, depthMm: 190 }, ''],
  [{ kind: 'basket', topMm: -3, depthMm: 160 }, '60 mm'],
])('refuses %p', (shape, why) => {
  const r = ContainerSchema.safeParse({ ...of(SOLD.round[0] as Shape), shape });
  expect(r.success).toBe(false);
  expect(r.error?.issues.map((i) => i.message).join()).toContain(why);
});

test('a container written before shapes had places is read with the plain ones', () => {
  const old = {
    shape: { kind: 'round', topMm: 400, baseMm: 290, depthMm: 360 },
    material: 'glazed',
    colour: '#1d5752',
    drains: true,
    count: 1,
  };
  expect(ContainerSchema.parse(old)).toMatchObject({
    mount: 'ground',
    liner: false,
    reservoirL: 0,
    base: 'mesh',
    refill: 'all',
  });
});
