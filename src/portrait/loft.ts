import { BufferAttribute, BufferGeometry, ShapeGeometry, Shape as Outline, Vector2 } from 'three';
import type { PlanPoint } from '@/core/containers/shapes/shape';

/** One turn of the wall: its outline on the plan and its height, mm. */
export interface Level {
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

/** A skin over a pile of outlines with the same number of points; closed at the foot when asked. */
export function loft(levels: readonly Level[], sharp: boolean): BufferGeometry {
  const n = levels[0]?.ring.length ?? 0;
  const points = new Float32Array(levels.length * n * 3);
  levels.forEach(({ ring, y }, l) => ring.forEach((p, i) => points.set([p.x, y, p.y], (l * n + i) * 3)));
  const faces: number[] = [];
  for (let l = 0; l + 1 < levels.length; l += 1) {
    for (let i = 0; i < n; i += 1) {
      const [a, b] = [l * n + i, l * n + ((i + 1) % n)];
      faces.push(a, a + n, b, b, a + n, b + n);
    }
  }
  const g = new BufferGeometry();
  g.setAttribute('position', new BufferAttribute(points, 3));
  g.setIndex(faces);
  const out = sharp ? g.toNonIndexed() : g;
  out.computeVertexNormals();
  return out;
}

/** A level face with an outline: the soil, or a foot. */
export function face(ring: readonly PlanPoint[], y: number): BufferGeometry {
  const g = new ShapeGeometry(new Outline(ring.map((p) => new Vector2(p.x, -p.y))));
  g.rotateX(-Math.PI / 2);
  g.translate(0, y, 0);
  return g;
}
