import { seated } from '@/core/canopy/sitter';
import { libraryPlant } from '@/core/plants';
import { placed, pot, warmPot } from '@/core/testing/pots';
import { levelFor, pieceTile } from './tile';
import { type Brush, CORNERS_BOTH, paintLine, paintTriangle, sheetOf } from './sheet';
import { lightOn, SUN, THROUGH, WAY } from './light';
import { paintStill } from './paint';
import { PIECES } from '../pieces';

const RED: Brush = { a: [1, 0, 0], b: [0, 0, 1], c: [0, 1, 0], veined: 0, tile: undefined, glint: SUN };
/** Corners at pixels and depths, lit fully on one side and by a half on the other. */
const cornersOf = (...points: [number, number, number][]): Float32Array => {
  const c = new Float32Array(points.length * CORNERS_BOTH);
  points.forEach(([x, y, z], i) => c.set([x, y, z, 0, 0, 0, 1, 1, 1, 0, 0.5, 0.5, 0.5, 0], i * CORNERS_BOTH));
  return c;
};
const triangle = (z: number) => cornersOf([0, 0, z], [10, 0, z], [0, 10, z]);
const paint = (sheet: ReturnType<typeof sheetOf>, c: Float32Array, brush = RED, other = false) =>
  paintTriangle(sheet, c, 0, CORNERS_BOTH, 2 * CORNERS_BOTH, brush, other);
const at = ({ w, rgba }: ReturnType<typeof sheetOf>, x: number, y: number) => [
  ...rgba.slice((y * w + x) * 4).slice(0, 4),
];

describe('a triangle', () => {
  test('covers what lies within it and nothing beside it', () => {
    const sheet = sheetOf(12, 12);
    paint(sheet, triangle(0.5));
    expect(at(sheet, 2, 2)).toEqual([255, 0, 0, 255]);
    expect(at(sheet, 9, 9)).toEqual([0, 0, 0, 0]);
    const covered = sheet.rgba.filter((_, i) => i % 4 === 3 && sheet.rgba[i] !== 0).length;
    expect(covered).toBeGreaterThanOrEqual(45);
    expect(covered).toBeLessThanOrEqual(55);
  });
  test('shows an edge in the second colour and veins in the third, where they differ', () => {
    const tile = (edge: number, vein: number) => ({
      wide: 1,
      high: 1,
      cut: 128,
      data: new Uint8Array([edge, vein, 128, 255]),
    });
    const seen = (veined: number, edge: number, vein: number) => {
      const sheet = sheetOf(12, 12);
      paint(sheet, triangle(0.5), { ...RED, veined, tile: tile(edge, vein) });
      return at(sheet, 2, 2).map((v) => v > 128);
    };
    expect(seen(3, 0, 0)).toEqual([true, false, false, true]);
    expect(seen(3, 255, 0)).toEqual([false, false, true, true]);
    expect(seen(3, 0, 255)).toEqual([false, true, false, true]);
    expect(seen(2, 0, 255)).toEqual([false, false, true, true]);
    expect(seen(0, 0, 255)).toEqual([true, false, false, true]);
  });
  test('two that share a side leave no gap between them', () => {
    const sheet = sheetOf(10, 10);
    paint(sheet, triangle(0.5));
    paint(sheet, cornersOf([10, 0, 0.5], [10, 10, 0.5], [0, 10, 0.5]));
    expect(sheet.rgba.every((v, i) => i % 4 !== 3 || v === 255)).toBe(true);
  });
  test('the nearer one is seen, in whatever order they are painted', () => {
    const blue = { ...RED, a: [0, 0, 1] as const };
    for (const [first, second] of [
      [RED, blue],
      [blue, RED],
    ] as const) {
      const sheet = sheetOf(12, 12);
      paint(sheet, triangle(first === RED ? 0.2 : 0.8), first);
      paint(sheet, triangle(second === RED ? 0.2 : 0.8), second);
      expect(at(sheet, 2, 2)).toEqual([255, 0, 0, 255]);
    }
  });
  test('its other side is lit by its own light', () => {
    const sheet = sheetOf(12, 12);
    paint(sheet, triangle(0.5), RED, true);
    expect(at(sheet, 2, 2)[0]).toBeCloseTo(188, -1);
  });
  test('off the sheet, or without any width, it paints nothing', () => {
    const sheet = sheetOf(8, 8);
    paint(sheet, cornersOf([-9, -9, 0], [-2, -9, 0], [-9, -2, 0]));
    paint(sheet, cornersOf([1, 1, 0], [4, 4, 0], [6, 6, 0]));
    paint(sheet, cornersOf([NaN, 1, 0], [4, 1, 0], [1, 6, 0]));
    expect(sheet.rgba.every((v) => v === 0)).toBe(true);
  });
});

test('a line is seen before what is further, and hidden behind what is nearer', () => {
  const sheet = sheetOf(12, 12);
  paint(sheet, triangle(0.5));
  paintLine(sheet, [0, 2, 0.2], [11, 2, 0.2], [9, 9, 9]);
  paintLine(sheet, [0, 4, 0.8], [11, 4, 0.8], [7, 7, 7]);
  expect(at(sheet, 1, 2)).toEqual([9, 9, 9, 255]);
  expect(at(sheet, 1, 4)).toEqual([255, 0, 0, 255]);
  expect(at(sheet, 10, 4)).toEqual([7, 7, 7, 255]);
});

describe('light', () => {
  const eye = { x: 0, y: 0, z: 1 };
  const on = (
    n: readonly [number, number, number],
    through = THROUGH.none as (typeof THROUGH)[keyof typeof THROUGH],
    gloss = 0,
  ) => {
    const out = new Float32Array(4);
    lightOn(out, 0, ...n, through, gloss, eye);
    return [...out] as [number, number, number, number];
  };
  const away = WAY.map((v) => -v) as unknown as readonly [number, number, number];
  test('what faces the sun is lighter than what looks away, and that than nothing', () => {
    expect(on(WAY)[1]).toBeGreaterThan(on(away)[1] * 2);
    expect(on(away)[1]).toBeGreaterThan(0);
  });
  test('from behind a leaf glows green, a pot does not', () => {
    expect(on(away, THROUGH.leaf)[1]).toBeGreaterThan(on(away)[1] * 1.3);
    expect(on(away, THROUGH.leaf)[2]).toBeLessThan(on(away, THROUGH.petal)[2]);
  });
  test('only what shines or is felted has a glint', () => {
    const half = [WAY[0], WAY[1], WAY[2] + 1].map((v, _, a) => v / Math.hypot(...a)) as [number, number, number];
    expect(on(half)[3]).toBe(0);
    expect(on(half, THROUGH.leaf, 1)[3]).toBeGreaterThan(0.1);
    expect(on([-0.99, 0.1, 0], THROUGH.leaf, -1)[3]).toBeGreaterThan(0);
  });
});

test('a small piece takes a small tile, and no tile is smaller than the smallest', () => {
  const { painted } = PIECES.trumpet;
  if (!painted) throw new Error('not painted');
  const tile = pieceTile(painted);
  expect(levelFor(tile, 500).wide).toBe(painted.wide);
  expect(levelFor(tile, 12).high).toBeLessThan(20);
  expect(levelFor(tile, 0).high).toBeGreaterThanOrEqual(4);
});

describe('a still', () => {
  const frame = { top: 500, bottom: 360, reach: 350 };
  const still = (planting: ReturnType<typeof pot>, azimuth = 0) => {
    const { container, canopy } = seated({ planting, week: 'peak' });
    return paintStill(container, canopy, frame, 160, 180, azimuth);
  };
  const cover = ({ rgba }: ReturnType<typeof sheetOf>) => rgba.filter((_, i) => i % 4 === 3 && rgba[i] === 255).length;
  test('the same planting is the same picture, to the byte', () =>
    expect(Buffer.from(still(warmPot()).rgba).equals(Buffer.from(still(warmPot()).rgba))).toBe(true));
  test('what grows in it covers more than the pot alone, and all of it lies within the picture', () => {
    const [full, bare] = [still(warmPot()), still(pot())];
    expect(cover(full)).toBeGreaterThan(cover(bare) * 1.4);
    const edge = (x: number, y: number) => at(full, x, y)[3];
    for (let x = 0; x < 160; x += 1) expect([edge(x, 0), edge(x, 179)]).toEqual([0, 0]);
  });
  test('it shows the colours of its plants', () => {
    const red = pot({ placements: [placed('a', 'pelargonium-scarlet', 'filler', 0, 0)] });
    const { rgba } = still(red);
    const reds = rgba.filter((v, i) => i % 4 === 0 && v > 150 && (rgba[i + 1] ?? 0) < 80 && rgba[i + 3] === 255).length;
    expect(reds).toBeGreaterThan(60);
  });
  test('gone round, it is seen from elsewhere', () =>
    expect(Buffer.from(still(warmPot(), Math.PI / 2).rgba).equals(Buffer.from(still(warmPot()).rgba))).toBe(false));
  test('on the ground it throws a soft shade, hung it throws none', () => {
    const soft = ({ rgba }: ReturnType<typeof sheetOf>) =>
      rgba.filter((_, i) => i % 4 === 3 && (rgba[i] ?? 0) > 0 && (rgba[i] ?? 0) < 255).length;
    const p = warmPot();
    expect(soft(still(p))).toBeGreaterThan(200);
    expect(soft(still({ ...p, container: { ...p.container, mount: 'wall' } }))).toBe(0);
  });
  test('a plant by itself sits in the pot it is sold in', () => {
    const plant = libraryPlant('lavender');
    if (!plant) throw new Error('no lavender');
    const { container, canopy } = seated({ plant });
    expect(cover(paintStill(container, canopy, frame, 120, 140))).toBeGreaterThan(200);
  });
});
