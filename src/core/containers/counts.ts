import { rimOf } from './outline';
import type { Container, Shape } from './schema';
import { shapeOf } from './shapes';
import { areaOf } from './shapes/outlines';
import { clamp, lerp } from '../units/number';

/** Ordinary counts of 9–12 cm starts by rim width, from room to grow to full now. Practice; between sizes, straight. */
const COUNTS: readonly [number, number, number][] = [
  [150, 1, 2],
  [200, 2, 3],
  [250, 3, 4],
  [300, 3, 5],
  [350, 4, 7],
  [400, 6, 9],
  [500, 8, 13],
  [600, 11, 17],
  [800, 16, 26],
];

/** Ordinary counts for a width of round pot: room to grow, full now. */
export function usualCount(widthMm: number): [number, number] {
  const last = COUNTS[COUNTS.length - 1] ?? [800, 16, 26];
  const first = COUNTS[0] ?? [150, 1, 2];
  const w = clamp(widthMm, first[0], last[0]);
  const i = Math.max(
    1,
    COUNTS.findIndex((c) => c[0] >= w),
  );
  const [a, b] = [COUNTS[i - 1] ?? first, COUNTS[i] ?? last];
  const t = (w - a[0]) / Math.max(1, b[0] - a[0]);
  return [Math.round(lerp(a[1], b[1], t)), Math.round(lerp(a[2], b[2], t))];
}

/** Longer than this times its width, a container is planted in rows. Working figure. */
const LONG = 1.8;

export const isLong = (shape: Shape): boolean => {
  const { wide, deep } = rimOf(shape);
  return shapeOf(shape).family !== 'basket' && wide > deep * LONG;
};

const widths = new WeakMap<Shape, number>();

/** Diameter of the round pot with as much room at the rim, mm. Kept by shape: every placing asks it. */
export function usualWidth({ shape }: Pick<Container, 'shape'>): number {
  const known = widths.get(shape);
  if (known !== undefined) return known;
  const width = Math.sqrt((4 * areaOf(shapeOf(shape).ring(shape, 0))) / Math.PI);
  widths.set(shape, width);
  return width;
}

/**
 * A box takes one start for each 100–120 mm of length in each of two staggered rows, or of one when it is
 * narrow; less at the ends. Practice: 90 cm takes 9 to 14.
 */
const PER_START_MM: readonly [number, number] = [170, 115];
const NARROW_MM = 150;
const DEEP_MM = 320;

/** Staggered rows that go into a long container. */
export const rowsIn = (shape: Shape): number =>
  rimOf(shape).deep < NARROW_MM ? 1 : rimOf(shape).deep < DEEP_MM ? 2 : 3;

/** A basket is planted a little fuller than a pot: 30 cm 4–7, 40 cm 7–11. */
const BASKET = [1.12, 1.25] as const;

/** Ordinary counts for a container: room to grow, full now. */
export function usualStarts(c: Container): [number, number] {
  const { wide } = rimOf(c.shape);
  if (isLong(c.shape)) {
    const rows = rowsIn(c.shape);
    const [few, many] = PER_START_MM.map((mm) => Math.max(2, Math.round((wide / mm - 0.5) * rows)));
    return [few ?? 2, Math.max(few ?? 2, (many ?? 3) - 1)];
  }
  const [few, many] = usualCount(usualWidth(c));
  if (shapeOf(c.shape).family !== 'basket') return [few, many];
  return [Math.max(3, Math.round(few * BASKET[0])), Math.max(4, Math.round(many * BASKET[1]))];
}

/** Most kinds that are usual: about one for each 8 cm of width, seldom over seven; a box takes one for each 15 cm. */
export const kindsFor = (c: Container): number =>
  clamp(Math.round(isLong(c.shape) ? rimOf(c.shape).wide / 150 : usualWidth(c) / 80), 3, 7);
