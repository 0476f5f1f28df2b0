import { type Eye, HALF_DEG, type Point } from './lens';

const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const cross = (a: Point, b: Point): Point => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const dot = (a: Point, b: Point): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const unit = (a: Point): Point => {
  const long = Math.hypot(...a) || 1;
  return [a[0] / long, a[1] / long, a[2] / long];
};

/** Where a point is seen by an eye in a picture of so many pixels. */
export function seenBy({ at, to, fovDeg }: Eye, w: number, h: number): (point: Point) => { x: number; y: number } {
  const ahead = unit(minus(to, at));
  const right = unit(cross(ahead, [0, 1, 0]));
  const up = cross(right, ahead);
  const perPx = h / (2 * Math.tan(fovDeg * HALF_DEG));
  return (point) => {
    const from = minus(point, at);
    const k = perPx / dot(from, ahead);
    return { x: w / 2 + dot(from, right) * k, y: h / 2 - dot(from, up) * k };
  };
}
