import { BufferAttribute, BufferGeometry, ShapeGeometry, Shape as Outline, Vector2 } from 'three';
import type { PlanPoint } from '@/core/containers/shapes/shape';

/** One turn of the wall: its outline on the plan and its height, mm. */
export interface LoftLevel {
  ring: readonly PlanPoint[];
  y: number;
}

/** Corners sharper than this are kept sharp: straight-sided outlines have few points. */
const FEW = 26;

/** An outline with its long straight sides divided, so that colour can change along them. */
export function divided(ring: readonly PlanPoint[]): PlanPoint[] {
  if (ring.length >= FEW) return [...ring];
  return ring.flatMap((a, i) => {
    const b = ring[(i + 1) % ring.length] ?? a;
    return Array.from({ length: 10 }, (_, k) => ({ x: a.x + ((b.x - a.x) * k) / 10, y: a.y + ((b.y - a.y) * k) / 10 }));
  });
}

/** An outline moved outward by `by`, mitred at its corners. */
export function offset(ring: readonly PlanPoint[], by: number): PlanPoint[] {
  const n = ring.length;
  const area = ring.reduce((s, a, i) => s + a.x * (ring[(i + 1) % n]?.y ?? 0) - (ring[(i + 1) % n]?.x ?? 0) * a.y, 0);
  const way = area > 0 ? 1 : -1;
  const normal = (a: PlanPoint, b: PlanPoint): [number, number] => {
    const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    return [((b.y - a.y) / long) * way, (-(b.x - a.x) / long) * way];
  };
  return ring.map((p, i) => {
    const [ax, ay] = normal(ring[(i + n - 1) % n] ?? p, p);
    const [bx, by2] = normal(p, ring[(i + 1) % n] ?? p);
    const k = by / Math.max(0.4, 1 + ax * bx + ay * by2);
    return { x: p.x + (ax + bx) * k, y: p.y + (ay + by2) * k };
  });
}

/**
 * A skin over a pile of outlines with the same number of points, laid with a tile of so many mm a whole
 * number of times round it.
 */
export function loft(levels: readonly LoftLevel[], sharp: boolean, tile = { wide: 1000, high: 1000 }): BufferGeometry {
  const n = levels[0]?.ring.length ?? 0;
  // Where it closes there are two points: one ends the tile, one begins it.
  const row = n + 1;
  const round = Math.max(1, Math.round(Math.max(...levels.map((l) => girthOf(l.ring))) / tile.wide));
  const points = new Float32Array(levels.length * row * 3);
  const tiles = new Float32Array(levels.length * row * 2);
  let down = 0;
  levels.forEach(({ ring, y }, l) => {
    const girth = girthOf(ring) || 1;
    const before = levels[l - 1];
    down += before ? Math.hypot(y - before.y, (ring[0]?.x ?? 0) - (before.ring[0]?.x ?? 0)) : 0;
    let gone = 0;
    for (let i = 0; i <= n; i += 1) {
      const p = ring[i % n];
      const last = ring[(i + n - 1) % n];
      if (!p || !last) continue;
      if (i > 0) gone += Math.hypot(p.x - last.x, p.y - last.y);
      points.set([p.x, y, p.y], (l * row + i) * 3);
      tiles.set([(gone / girth) * round, down / tile.high], (l * row + i) * 2);
    }
  });
  const faces: number[] = [];
  for (let l = 0; l + 1 < levels.length; l += 1) {
    for (let i = 0; i < n; i += 1) {
      const [a, b] = [l * row + i, l * row + i + 1];
      faces.push(a, a + row, b, b, a + row, b + row);
    }
  }
  const g = new BufferGeometry();
  g.setAttribute('position', new BufferAttribute(points, 3));
  g.setAttribute('uv', new BufferAttribute(tiles, 2));
  g.setIndex(faces);
  const out = sharp ? g.toNonIndexed() : g;
  out.computeVertexNormals();
  if (!sharp) closeNormals(out, levels.length, row);
  return out;
}

const girthOf = (ring: readonly PlanPoint[]): number =>
  ring.reduce((sum, p, i) => {
    const q = ring[(i + 1) % ring.length] ?? p;
    return sum + Math.hypot(q.x - p.x, q.y - p.y);
  }, 0);

/** The two points at which each turn closes look the same way, so that no seam is seen. */
function closeNormals(g: BufferGeometry, turns: number, row: number): void {
  const normal = g.getAttribute('normal');
  for (let l = 0; l < turns; l += 1) {
    const [a, b] = [l * row, l * row + row - 1];
    const sum = [normal.getX(a) + normal.getX(b), normal.getY(a) + normal.getY(b), normal.getZ(a) + normal.getZ(b)];
    const long = Math.hypot(...sum) || 1;
    for (const i of [a, b]) normal.setXYZ(i, (sum[0] ?? 0) / long, (sum[1] ?? 0) / long, (sum[2] ?? 0) / long);
  }
}

/** A level face with an outline: the soil, or a foot. */
export function face(ring: readonly PlanPoint[], y: number): BufferGeometry {
  const g = new ShapeGeometry(new Outline(ring.map((p) => new Vector2(p.x, -p.y))));
  g.rotateX(-Math.PI / 2);
  g.translate(0, y, 0);
  return g;
}
