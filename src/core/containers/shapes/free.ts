import type { Free } from '../schema';
import { areaOf, clearOfPolygon } from './outlines';
import type { PlanPoint, ShapeFunctions } from './shape';

const kept = new WeakMap<Free, PlanPoint[]>();

/** The corners with the middle of their extents at the origin. */
function centred(s: Free): PlanPoint[] {
  const known = kept.get(s);
  if (known) return known;
  const xs = s.corners.map((c) => c[0]);
  const ys = s.corners.map((c) => c[1]);
  const [mx, my] = [(Math.max(...xs) + Math.min(...xs)) / 2, (Math.max(...ys) + Math.min(...ys)) / 2];
  const made = s.corners.map(([x, y]) => ({ x: x - mx, y: y - my }));
  kept.set(s, made);
  return made;
}

/** Any outline with straight walls: an old barrow, a sink, a drawer. Area of the polygon × depth. */
export const free: ShapeFunctions<Free> = {
  label: 'Custom outline',
  family: 'pot',
  depthMm: (s) => s.depthMm,
  extentsMm: (s) => {
    const ring = centred(s);
    return { wide: 2 * Math.max(...ring.map((p) => p.x)), deep: 2 * Math.max(...ring.map((p) => p.y)) };
  },
  volumeL: (s, from, to) => (areaOf(centred(s)) * (to - from)) / 1e6,
  clear: (s, _below, x, y) => clearOfPolygon(centred(s), x, y),
  ring: centred,
};
