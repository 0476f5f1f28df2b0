import { roundPot } from '../testing/pots';
import { containerSums } from '.';
import { describe as told } from './describe';
import { MATERIALS } from './materials';
import { rimOf } from './outline';
import { fieldOf, reshaped } from './resize';
import { ContainerSchema, ShapeSchema, type Shape } from './schema';
import { FREE_NAMES, SOLD, takeShape } from './sold';

const KINDS = Object.keys(SOLD) as Shape['kind'][];
const start = roundPot(400, 290, 360);

describe.each(KINDS)('%s as sold', (kind) => {
  test('every size is a container that can be kept, and holds more the larger it is', () => {
    expect(SOLD[kind].length).toBeGreaterThanOrEqual(3);
    for (const shape of SOLD[kind]) expect(ShapeSchema.safeParse(shape).success).toBe(true);
    if (kind === 'free') return;
    const own = SOLD[kind].filter((s) => s.kind !== 'round' || s.baseMm < s.topMm);
    const litres = own.map((shape) => containerSums({ ...start, shape }).brimL);
    expect(litres).toEqual([...litres].sort((a, b) => a - b));
  });
  test('a pot that takes this shape stands or hangs as such a thing does, and can be taken back', () => {
    const taken = takeShape(start, kind);
    expect(ContainerSchema.safeParse(taken).success).toBe(true);
    expect(taken.shape.kind).toBe(kind);
    expect(takeShape(taken, 'round').shape).toEqual(SOLD.round[4]);
  });
});

test('baskets hang from a hook in coir with a liner; boxes stand on a sill; what was measured for a hook is forgotten on the ground', () => {
  const basket = takeShape(start, 'basket');
  expect(basket).toMatchObject({ mount: 'hook', material: 'coir', liner: true, rimHeightMm: 1700 });
  expect(takeShape(start, 'box').mount).toBe('sill');
  expect(takeShape(basket, 'round')).toMatchObject({
    mount: 'ground',
    material: 'terracotta',
    rimHeightMm: null,
    liner: false,
  });
});

test('a colour somebody chose stays; a material’s own colour gives way to the next one’s', () => {
  expect(takeShape({ ...start, colour: '#123456' }, 'basket').colour).toBe('#123456');
  expect(takeShape({ ...start, colour: MATERIALS.glazed.colour }, 'basket').colour).toBe(MATERIALS.coir.colour);
});

test('each own outline that is sold has its name', () => expect(FREE_NAMES).toHaveLength(SOLD.free.length));

test.each<[Shape['kind'], string, string]>([
  ['round', '40 cm pot', '15.5 in pot'],
  ['square', '45 cm square pot', '17.5 in square pot'],
  ['box', '90 cm window box', '35.5 in window box'],
  ['bowl', '40 cm bowl', '15.5 in bowl'],
  ['basket', '35 cm hanging basket', '14 in hanging basket'],
  ['wall-basket', '40 cm wall basket', '15.5 in wall basket'],
  ['oval', '60 cm oval tub', '23.5 in oval tub'],
  ['free', '84 cm container', '33 in container'],
])('%s in a few words', (kind, metric, imperial) => {
  expect(told(takeShape(start, kind))).toBe(metric);
  expect(told(takeShape(start, kind), 'imperial')).toBe(imperial);
});

describe('dragging a section', () => {
  test.each<[Shape['kind'], string | null, string | null]>([
    ['round', 'topMm', 'baseMm'],
    ['box', 'lengthMm', 'baseLengthMm'],
    ['bowl', 'topMm', null],
    ['free', null, null],
  ])('%s has a field for what is dragged', (kind, top, base) => {
    const shape = SOLD[kind][0] as Shape;
    expect([fieldOf(shape, 'top'), fieldOf(shape, 'base'), fieldOf(shape, 'depth')]).toEqual([top, base, 'depthMm']);
  });
  test('changes what is dragged and nothing else', () => {
    expect(reshaped(start.shape, { depthMm: 250 })).toEqual({ ...start.shape, depthMm: 250 });
    expect(rimOf(reshaped(start.shape, { topMm: 500 })).wide).toBe(500);
  });
  test('to something that is no container changes nothing', () => {
    expect(reshaped(start.shape, { depthMm: -3 })).toBe(start.shape);
    expect(reshaped(start.shape, { baseMm: 900 })).toBe(start.shape);
  });
});
