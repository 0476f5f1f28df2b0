import { surface, type Detail } from './surface';
import { noise, NOTHING, smooth, within, type Painter, type Texel } from './paint';
import type { PieceShape } from './piece';

/** What is soft and full of hairs: crossed strips along it, bending over by y². */
function brush(paint: Painter, pixels: readonly [number, number]): PieceShape {
  const build = (d: Detail) => {
    const s = surface();
    const [planes, rows] = d === 'near' ? [3, 5] : [2, 2];
    for (let k = 0; k < planes; k += 1) {
      const a = (k / planes) * Math.PI;
      const edge = (side: number, t: number) =>
        s.point(Math.cos(a) * side * 0.5, t, Math.sin(a) * side * 0.5 - t * t, 0, 0, 0.5 + side / 2, t);
      const grid = Array.from({ length: rows + 1 }, (_, r) => [edge(-1, r / rows), edge(1, r / rows)] as const);
      for (let r = 0; r < rows; r += 1) {
        const [p, q] = [grid[r] ?? [0, 0], grid[r + 1] ?? [0, 0]];
        s.quad(p[0], p[1], q[1], q[0]);
      }
    }
    return s.done();
  };
  return { build, painted: { paint, wide: pixels[0], high: pixels[1], round: false } };
}

/** Bristles that stand off a spine, forward. */
function bristles(half: (t: number) => number, many: number, lean: number, core: number): Painter {
  return (across, t): Texel => {
    const u = Math.abs(across);
    const w = half(t);
    const phase = (t - u * lean) * many + noise(Math.floor((t - u * lean) * many) * 7.3, across > 0 ? 1 : 5);
    const hair = 1 - Math.abs((phase % 1) - 0.5) * 2;
    const dense = core * w - u;
    const cover = Math.max(within(dense, 0.06), u < w ? within(hair - 0.35 - 0.5 * (u / Math.max(0.01, w)), 0.2) : 0);
    if (cover <= 0) return NOTHING;
    return {
      edge: smooth(0.4, 1, u / Math.max(0.01, w)),
      vein: 0.2,
      light: 0.46 + 0.1 * hair - 0.08 * smooth(0, core, core - u),
      cover,
    };
  };
}

export const brushes = {
  /** The nodding tail of a fountain grass. */
  foxtail: brush(
    bristles((t) => Math.min(1, 0.35 + t * 4) * Math.sqrt(Math.max(0, 1 - t ** 5)), 46, 0.1, 0.42),
    [64, 192],
  ),
  /** A loose plume: astilbes, celosias, feather reeds. */
  plume: brush(
    bristles((t) => Math.min(1, 0.3 + t * 5) * (1 - t) ** 0.8 * (0.8 + 0.2 * Math.sin(t * 40)), 22, 0.22, 0.3),
    [64, 160],
  ),
} satisfies Record<string, PieceShape>;
