import type { Clear, PlanPoint } from './shape';

/** Points round a circle or an ellipse. */
const ROUND_POINTS = 72;

/** Straight between rim and base at a share of the depth. */
export const taper = (top: number, base: number, below: number, depth: number): number =>
  top + (base - top) * Math.min(1, Math.max(0, below / depth));

/** Half-axis of a half-ellipsoid at a depth, as a share of its half-axis at the rim: √(1 − z²/h²). */
export const bulge = (below: number, depth: number): number =>
  Math.sqrt(Math.max(0, 1 - (Math.min(depth, Math.max(0, below)) / depth) ** 2));

/** Volume of an elliptical half-ellipsoid between two depths, litres: πab(z − z³/3h²). */
export const bulgeL = (a: number, b: number, depth: number, from: number, to: number): number => {
  const upTo = (z: number) => z - z ** 3 / (3 * depth * depth);
  return (Math.PI * a * b * (upTo(Math.min(depth, to)) - upTo(Math.min(depth, from)))) / 1e6;
};

/** Simpson’s rule (the prismoid rule): exact for walls that slope straight. Area in mm², depth in mm, litres out. */
export const prismoidL = (area: (below: number) => number, from: number, to: number): number =>
  (((to - from) / 6) * (area(from) + 4 * area((from + to) / 2) + area(to))) / 1e6;

export function clearOfCircle(r: number, x: number, y: number): Clear {
  const d = Math.hypot(x, y);
  return d < 1e-6 ? { mm: r, nx: 0, ny: 1 } : { mm: r - d, nx: x / d, ny: y / d };
}

export function clearOfBox(halfWide: number, halfDeep: number, x: number, y: number): Clear {
  const side = halfWide - Math.abs(x);
  const end = halfDeep - Math.abs(y);
  // A point dead on the middle line leans to the front, where trailers are wanted.
  if (side < end) return { mm: side, nx: x < 0 ? -1 : 1, ny: 0 };
  return { mm: end, nx: 0, ny: y < 0 ? -1 : 1 };
}

/**
 * Distance to the nearest point of an ellipse: four steps of the evolute iteration, within a tenth of a
 * millimetre for tubs.
 */
export function clearOfEllipse(a: number, b: number, x: number, y: number): Clear {
  const [px, py] = [Math.abs(x), Math.abs(y)];
  let [tx, ty] = [Math.SQRT1_2, Math.SQRT1_2];
  for (let i = 0; i < 4; i += 1) {
    const [ex, ey] = [((a * a - b * b) * tx ** 3) / a, ((b * b - a * a) * ty ** 3) / b];
    const [rx, ry] = [a * tx - ex, b * ty - ey];
    const [qx, qy] = [px - ex, py - ey];
    const [r, q] = [Math.hypot(rx, ry), Math.hypot(qx, qy) || 1];
    tx = Math.min(1, Math.max(0, ((qx * r) / q + ex) / a));
    ty = Math.min(1, Math.max(0, ((qy * r) / q + ey) / b));
    const t = Math.hypot(tx, ty) || 1;
    [tx, ty] = [tx / t, ty / t];
  }
  const [nx, ny] = [(b * tx) / Math.hypot(b * tx, a * ty), (a * ty) / Math.hypot(b * tx, a * ty)];
  const far = Math.hypot(a * tx - px, b * ty - py);
  const inside = (px / a) ** 2 + (py / b) ** 2 <= 1;
  return { mm: inside ? far : -far, nx: x < 0 ? -nx : nx, ny: y < 0 ? -ny : ny };
}

/** Distance to the nearest edge of a polygon, signed by whether the point lies inside (even–odd rule). */
export function clearOfPolygon(ring: readonly PlanPoint[], x: number, y: number): Clear {
  let inside = false;
  let best: Clear = { mm: Infinity, nx: 0, ny: 1 };
  for (let i = 0; i < ring.length; i += 1) {
    const a = ring[i] as PlanPoint;
    const b = ring[(i + 1) % ring.length] as PlanPoint;
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside;
    const [ex, ey] = [b.x - a.x, b.y - a.y];
    const long = ex * ex + ey * ey;
    const t = long > 0 ? Math.min(1, Math.max(0, ((x - a.x) * ex + (y - a.y) * ey) / long)) : 0;
    const [dx, dy] = [a.x + ex * t - x, a.y + ey * t - y];
    const d = Math.hypot(dx, dy);
    if (d < best.mm)
      best =
        d > 1e-6
          ? { mm: d, nx: dx / d, ny: dy / d }
          : { mm: 0, nx: ey / Math.sqrt(long || 1), ny: -ex / Math.sqrt(long || 1) };
  }
  return inside ? best : { mm: -best.mm, nx: -best.nx, ny: -best.ny };
}

export const ellipseRing = (a: number, b: number): PlanPoint[] =>
  Array.from({ length: ROUND_POINTS }, (_, i) => ({
    x: a * Math.cos((i / ROUND_POINTS) * 2 * Math.PI),
    y: b * Math.sin((i / ROUND_POINTS) * 2 * Math.PI),
  }));

export const boxRing = (halfWide: number, halfDeep: number): PlanPoint[] => [
  { x: halfWide, y: -halfDeep },
  { x: halfWide, y: halfDeep },
  { x: -halfWide, y: halfDeep },
  { x: -halfWide, y: -halfDeep },
];

/** A half disc, flat at the back, standing from −depth/2 to +depth/2. */
export const halfRing = (a: number, deep: number): PlanPoint[] =>
  Array.from({ length: ROUND_POINTS / 2 + 1 }, (_, i) => ({
    x: a * Math.cos((i / (ROUND_POINTS / 2)) * Math.PI),
    y: -deep / 2 + deep * Math.sin((i / (ROUND_POINTS / 2)) * Math.PI),
  }));

/** Area of a polygon, mm² (shoelace). */
export const areaOf = (ring: readonly PlanPoint[]): number =>
  Math.abs(
    ring.reduce((sum, a, i) => {
      const b = ring[(i + 1) % ring.length] as PlanPoint;
      return sum + a.x * b.y - b.x * a.y;
    }, 0),
  ) / 2;

export const perimeterOf = (ring: readonly PlanPoint[]): number =>
  ring.reduce((sum, a, i) => {
    const b = ring[(i + 1) % ring.length] as PlanPoint;
    return sum + Math.hypot(b.x - a.x, b.y - a.y);
  }, 0);
