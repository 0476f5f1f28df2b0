import type { Season } from '@/core/growth/grown';
import { bloomBands } from '@/core/growth/stream';
import { acrossAt } from '@/ui/weeks';

/** The stream at its full size, and folded to its float, px: height, middle, most from bank to bank. */
export const FULL = { high: 136, mid: 66, widest: 76, wander: 1 };
export const FOLDED = { high: 44, mid: 22, widest: 26, wander: 0.5 };
export type StreamBed = typeof FULL;

type Point = readonly [number, number];
const written = ([x, y]: Point): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

/** A smooth line through points (Catmull–Rom as cubic Béziers). */
function smooth(points: readonly Point[]): string {
  return points
    .map(([x, y], i) => {
      if (i === 0) return written([x, y]);
      const near = (j: number): Point => points[Math.max(0, Math.min(points.length - 1, j))] ?? [x, y];
      const [p0, p1, p2, p3] = [near(i - 2), near(i - 1), near(i), near(i + 1)];
      /** The handle at a point, a sixth of the way between its neighbours off from it. */
      const handle = (from: Point, to: Point, at: Point): Point => [
        (to[0] - from[0]) / 6 + at[0],
        (to[1] - from[1]) / 6 + at[1],
      ];
      const bend: Point[] = [handle(p0, p2, p1), handle(p3, p1, [x, y]), [x, y]];
      return `C${bend.map(written).join(' ')}`;
    })
    .join(' ');
}

/** The stream wanders a little, as water does. */
export const courseIn =
  ({ mid, wander }: StreamBed) =>
  (week: number): number =>
    mid + wander * (5 * Math.sin(week / 3.1 + 0.6) + 2.5 * Math.sin(week / 1.3));
/** Share of the canopy that shows as banks. */
const GREEN = 0.1;

/** The bands and banks as paths, for a width in pixels. */
export function streamOf(season: Season, width: number, bed: StreamBed) {
  const course = courseIn(bed);
  const { bands, leaf: banks } = bloomBands(season);
  const last = season.weeks.length - 1;
  const weeks = season.weeks.map((_, k) => k);
  const total = weeks.map((k) => bands.reduce((s, b) => s + (b.width[k] ?? 0), 0));
  const carried = weeks.map((k) => (total[k] ?? 0) + (banks[k] ?? 0) * GREEN);
  const scale = bed.widest / Math.max(1, ...carried);
  const line = (ys: readonly number[]) => ys.map((y, k) => [acrossAt(k, last, width), y] as const);
  const area = (upper: readonly number[], lower: readonly number[]) =>
    `M${smooth(line(upper))} L${smooth(line(lower).reverse())}Z`;
  const half = carried.map((c) => Math.max(7, c * scale) / 2);
  const top = weeks.map((k) => course(k) - ((total[k] ?? 0) * scale) / 2);
  const paths = bands.map((b, n) => {
    const over = weeks.map((k) => (top[k] ?? 0) + bands.slice(0, n).reduce((s, o) => s + (o.width[k] ?? 0), 0) * scale);
    return {
      ...b,
      d: area(
        over,
        over.map((y, k) => y + (b.width[k] ?? 0) * scale),
      ),
    };
  });
  return {
    paths,
    banks: area(
      weeks.map((k) => course(k) - (half[k] ?? 0)),
      weeks.map((k) => course(k) + (half[k] ?? 0)),
    ),
    surface: `M${smooth(line(weeks.map((k) => course(k) - 1)))}`,
  };
}
