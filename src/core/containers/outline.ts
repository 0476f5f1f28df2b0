import { MATERIALS } from './materials';
import type { Container, Shape } from './schema';
import { shapeOf } from './shapes';
import type { Clear, PlanPoint } from './shapes/shape';

/** Inside width of the rim from left to right, and from front to back, mm. */
export const rimOf = (shape: Shape): { wide: number; deep: number } => shapeOf(shape).extentsMm(shape, 0);

export const depthOf = (shape: Shape): number => shapeOf(shape).depthMm(shape);

/** How far a point stands inside the wall at a depth, and where the nearest wall lies. */
export const clearOf = (shape: Shape, belowRimMm: number, x: number, y: number): Clear =>
  shapeOf(shape).clear(shape, belowRimMm, x, y);

export interface RimPoint extends PlanPoint {
  /** Outward, unit. */
  nx: number;
  ny: number;
}

const rims = new WeakMap<Shape, RimPoint[]>();
const RIM_POINTS = 96;

/** Points at equal steps round the inside of the rim, each with the way out. Kept by shape. */
export function rimPoints(shape: Shape): RimPoint[] {
  const known = rims.get(shape);
  if (known) return known;
  const ring = shapeOf(shape).ring(shape, 0);
  const edges = ring.map((a, i) => {
    const b = ring[(i + 1) % ring.length] as PlanPoint;
    return { a, b, long: Math.hypot(b.x - a.x, b.y - a.y) };
  });
  const round = edges.reduce((s, e) => s + e.long, 0);
  const out: RimPoint[] = [];
  let [edge, gone] = [0, 0];
  for (let i = 0; i < RIM_POINTS; i += 1) {
    const at = ((i + 0.5) / RIM_POINTS) * round;
    while (edge < edges.length - 1 && gone + (edges[edge]?.long ?? 0) < at) {
      gone += edges[edge]?.long ?? 0;
      edge += 1;
    }
    const e = edges[edge];
    if (!e) continue;
    const t = e.long > 0 ? (at - gone) / e.long : 0;
    const [tx, ty] = [(e.b.x - e.a.x) / (e.long || 1), (e.b.y - e.a.y) / (e.long || 1)];
    // The ring runs clockwise on the plan (y toward the viewer), so out lies to its left.
    out.push({ x: e.a.x + (e.b.x - e.a.x) * t, y: e.a.y + (e.b.y - e.a.y) * t, nx: ty, ny: -tx });
  }
  const outward = out.every((p) => shapeOf(shape).clear(shape, 0, p.x - p.nx * 2, p.y - p.ny * 2).mm > 0);
  const made = outward
    ? out
    : out.map((p) =>
        shapeOf(shape).clear(shape, 0, p.x + p.nx * 2, p.y + p.ny * 2).mm > 0 ? { ...p, nx: -p.nx, ny: -p.ny } : p,
      );
  rims.set(shape, made);
  return made;
}

const hearts = new WeakMap<Shape, PlanPoint>();

/** The point deepest inside the rim: where the largest root ball goes, and what “the middle” means. Kept by shape. */
export function heartOf(shape: Shape): PlanPoint {
  const known = hearts.get(shape);
  if (known) return known;
  const { wide, deep } = rimOf(shape);
  let best: PlanPoint = { x: 0, y: 0 };
  let most = clearOf(shape, 0, 0, 0).mm;
  for (let i = -12; i <= 12; i += 1) {
    for (let j = -12; j <= 12; j += 1) {
      const [x, y] = [(i / 25) * wide, (j / 25) * deep];
      const { mm } = clearOf(shape, 0, x, y);
      if (mm > most + 0.5) [best, most] = [{ x, y }, mm];
    }
  }
  hearts.set(shape, best);
  return best;
}

/** Half of the least extent: a plant further than this share of it from every wall hangs over none. */
export const halfLeastMm = (shape: Shape): number => clearOf(shape, 0, heartOf(shape).x, heartOf(shape).y).mm;

/** Height of a pot foot, mm. Working figure: sold feet are 25–40 mm. */
const FOOT_MM = 32;

/** How far feet lift the base off the ground, mm. */
export const feetMm = (c: Pick<Container, 'feet' | 'mount'>): number => (c.feet && c.mount === 'ground' ? FOOT_MM : 0);

/** Of the wall's thickness, what lies under the mix as the base. Working figure. */
const BASE_SHARE = 0.8;

/** The legs of a barrow hold its tray so high, mm. Working figure: measured on an ordinary one. */
const LEGS_MM = 260;

/** How far the legs of a barrow lift its tray off the ground, mm; 0 for what has no wheel. */
export const legsMm = (c: Pick<Container, 'wheels' | 'mount'>): number =>
  c.wheels && c.mount === 'ground' ? LEGS_MM : 0;

/** And its handles, or its wheel on the other side, reach so far past its tray, mm. Working figure. */
const HANDLE_MM = 370;

/** How far the handles of a barrow reach past its tray, mm; 0 for what has no wheel. */
export const handleMm = (c: Pick<Container, 'wheels' | 'mount'>): number => (legsMm(c) > 0 ? HANDLE_MM : 0);

/** How far what it stands on lies under the rim, mm: the base, and the feet or legs under it. */
export const footMm = (c: Container): number =>
  depthOf(c.shape) + MATERIALS[c.material].wallMm * BASE_SHARE + (legsMm(c) || feetMm(c));

/** Chains a little longer than half a basket's width, and no shorter than the second, mm. Working figures. */
const CHAINS = 1.15;
const SHORTEST_CHAINS_MM = 300;

/** Hook above the rim of a hanging basket, mm; 0 for what is kept up otherwise. */
export const hookMm = (c: Container): number =>
  c.mount === 'hook' ? Math.max(SHORTEST_CHAINS_MM, rimOf(c.shape).wide * CHAINS) : 0;
