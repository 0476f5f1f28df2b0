import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { createBuilder, type Piece } from './builder';
import { flowerCount, leafColours, type Sprig } from './sprig';

const plant = (id: string, change: Partial<Plant> = {}): Plant => ({
  ...(LIBRARY.find((p) => p.id === id) as Plant),
  ...change,
});
const sprig = (of: Plant, bloom = 1) => ({ plant: of, grown: { bloom }, random: () => 0.5 }) as unknown as Sprig;

describe('heads in flower', () => {
  const daisy = plant('petunia-violet', { flower: { form: 'daisy', sizeMm: 40, show: 0.5 } as Plant['flower'] });
  test('cover the share of the outside that is flower: each six tenths of its square', () => {
    // 1 dm² × 0.5 ÷ (40² × 0.6) × 1.05 = 54.7
    expect(flowerCount(sprig(daisy), 100_000, 999)).toBe(55);
  });
  test('go with the bloom of the week, and are never more than can be drawn', () => {
    expect(flowerCount(sprig(daisy, 0.5), 100_000, 999)).toBe(27);
    expect(flowerCount(sprig(daisy, 0), 100_000, 999)).toBe(0);
    expect(flowerCount(sprig(daisy), 100_000, 20)).toBe(20);
  });
  test('a plume is a fifth as wide as it is long', () => {
    const plume = plant('petunia-violet', { flower: { form: 'plume', sizeMm: 40, show: 0.5 } as Plant['flower'] });
    expect(flowerCount(sprig(plume), 100_000, 999)).toBe(164);
  });
});

test('a vein is drawn along the veins, an edge along the edge', () => {
  expect(leafColours(sprig(plant('primrose-yellow'))).veined).toBe(true);
  expect(leafColours(sprig(plant('ivy-column-gold'))).veined).toBe(false);
  expect(leafColours(sprig(plant('petunia-violet'))).veined).toBe(false);
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
