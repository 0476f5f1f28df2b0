import type { BufferGeometry } from 'three';
import { surface } from './surface';

/** How a coordinate of a surface runs over its tile, as nearly as a plane can: c + a·u + b·v, by least squares. */
function planeOf(
  uv: readonly (readonly [number, number])[],
  at: (i: number) => number,
): (u: number, v: number) => number {
  const n = uv.length;
  const [mu, mv] = [0, 1].map((k) => uv.reduce((s, p) => s + (p[k] ?? 0), 0) / n) as [number, number];
  const m = uv.reduce((s, _, i) => s + at(i), 0) / n;
  let [uu, uvs, vv, uc, vc] = [0, 0, 0, 0, 0];
  uv.forEach(([u, v], i) => {
    const [du, dv, dc] = [u - mu, v - mv, at(i) - m];
    uu += du * du;
    uvs += du * dv;
    vv += dv * dv;
    uc += du * dc;
    vc += dv * dc;
  });
  const whole = uu * vv - uvs * uvs || 1;
  const [a, b] = [(uc * vv - vc * uvs) / whole, (vc * uu - uc * uvs) / whole];
  return (u, v) => m + a * (u - mu) + b * (v - mv);
}

/**
 * The flat card that lies nearest to a surface with a tile painted on it: four points, cut along the painted
 * outline.
 */
export function cardOf(g: BufferGeometry): BufferGeometry {
  const [position, tile] = [g.getAttribute('position'), g.getAttribute('uv')];
  const uv = Array.from({ length: tile.count }, (_, i) => [tile.getX(i), tile.getY(i)] as const);
  const [x, y, z] = [0, 1, 2].map((k) => planeOf(uv, (i) => position.getComponent(i, k)));
  const across = uv.map(([u]) => u);
  const along = uv.map(([, v]) => v);
  const [left, right, low, high] = [Math.min(...across), Math.max(...across), Math.min(...along), Math.max(...along)];
  const s = surface();
  const corner = (u: number, v: number) => s.point(x?.(u, v) ?? 0, y?.(u, v) ?? 0, z?.(u, v) ?? 0, 0, 0, u, v);
  s.quad(corner(left, low), corner(right, low), corner(right, high), corner(left, high));
  return s.done();
}
