import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { createBuilder } from './builder';
import { FRUIT, flowerLook, heads } from './flowers';
import { leafLook } from './leaves';
import type { Piece } from './piece';
import { FRESH } from './season-look';
import type { Sprig } from './sprig';
import { leafTints } from './tints';

const plant = (id: string, change: Partial<Plant> = {}): Plant => ({
  ...(LIBRARY.find((p) => p.id === id) as Plant),
  ...change,
});
const sprig = (of: Plant, bloom = 1, dose = 1) =>
  ({ plant: of, grown: { bloom }, look: flowerLook(of), season: FRESH, dose, random: () => 0.5 }) as unknown as Sprig;

describe('heads in flower', () => {
  const daisy = plant('marguerite-white', { flower: { form: 'daisy', sizeMm: 40, show: 0.5 } as Plant['flower'] });
  test('are as many as cover that share of an outside they are strewn over', () => {
    // −ln ½ × 1 dm² ÷ (40² × 0.7) = 61.9
    expect(heads(sprig(daisy), 100_000, 999)).toEqual({ many: 62, size: 1 });
    expect(heads(sprig(daisy, 1, 2), 100_000, 999).many).toBe(124);
  });
  test('go with the bloom of the week; where they are more than can be drawn each is larger, to a limit', () => {
    expect(heads(sprig(daisy, 0.5), 100_000, 999).many).toBe(26);
    expect(heads(sprig(daisy, 0), 100_000, 999).many).toBe(0);
    expect(heads(sprig(daisy), 100_000, 31)).toEqual({ many: 31, size: expect.closeTo(Math.SQRT2, 2) });
    expect(heads(sprig(daisy), 100_000, 2).size).toBe(2);
  });
  test('a plume covers a quarter of what a daisy of its length does', () => {
    const plume = plant('petunia-violet', { flower: { form: 'plume', sizeMm: 40, show: 0.5 } as Plant['flower'] });
    expect(heads(sprig(plume), 100_000, 999).many).toBe(241);
  });
});

test.each([
  ['petunia-violet', 'trumpet', 'ovate'],
  ['lobelia-blue', 'lip', 'shoot'],
  ['fuchsia-trailing-violet', 'fuchsia', 'toothed'],
  ['impatiens-coral', 'flat', 'toothed'],
  ['pelargonium-scarlet', 'geranium', 'zonal'],
  ['snapdragon-pink', 'dragon', 'toothed'],
  ['pennisetum-purple', 'foxtail', 'blade'],
  ['begonia-red', 'wax', 'cupped'],
  ['begonia-trailing-red', 'flare', 'toothed'],
  ['coleus-lime', undefined, 'scalloped'],
  ['ivy-green', undefined, 'ivy'],
  ['heuchera-plum', 'floret', 'ruffled'],
])('%s has its own flower and leaf', (id, flower, leaf) => {
  expect(flowerLook(plant(id))?.kind).toBe(flower);
  if (id !== 'snapdragon-pink') expect(leafLook(plant(id)).kind).toBe(leaf);
});

test('fruit hangs where the flowers were, whatever the genus bears', () =>
  expect(FRUIT.berries).toMatchObject({ as: 'hung', kind: 'berry' }));

test('a vein is drawn along the veins, an edge along the edge, and where there is neither its own veins are paler', () => {
  expect(leafTints(sprig(plant('primrose-yellow'))).seconds).toBe('veins');
  expect(leafTints(sprig(plant('ivy-column-gold'))).seconds).toBe('edge');
  const { a, b, seconds } = leafTints(sprig(plant('petunia-violet')));
  expect(seconds).toBe('veins');
  expect(leafTints(sprig(plant('caladium-white')))).toMatchObject({ seconds: 'both' });
  const coleus = leafTints(sprig(plant('coleus-plum-lime')));
  expect(coleus.seconds).toBe('each');
  // A lime edge, veins of cerise.
  expect(coleus.b[1]).toBeGreaterThan(coleus.b[0]);
  expect(coleus.c?.[0]).toBeGreaterThan(coleus.c?.[1] ?? 1);
  expect(b[1]).toBeGreaterThan(a[1]);
});

test('a leaf under leaves is darker than one in the open, and no darker than a quarter', () => {
  const leaf = (x: number, y: number, z = 0): Piece => ({
    kind: 'ovate',
    at: [x, y, z],
    along: [0, 0, 1],
    face: [0, 1, 0],
    length: 40,
    width: 30,
    droop: 5,
    a: [0.5, 0.5, 0.5],
    b: [0.5, 0.5, 0.5],
    owner: 0,
  });
  const builder = createBuilder();
  builder.put(leaf(0, 0));
  builder.put(leaf(2000, 0));
  const grid = Array.from({ length: 21 }, (_, i) => (i - 10) * 20);
  for (const x of grid) for (const z of grid) for (const y of [20, 60, 100]) builder.put(leaf(x, y, z));
  const [under = NaN, , , open = NaN] = builder.finish().batches[0]?.colourA ?? [];
  expect(under).toBeLessThan(open * 0.9);
  expect(under).toBeGreaterThanOrEqual(0.5 * 0.24);
});
