import { surface, type Detail } from './surface';
import { nearLine, noise, NOTHING, smooth, within, type Painter, type Texel } from './paint';
import type { PieceShape } from './piece';

const TAU = Math.PI * 2;
export const SOFT = 0.035;

/** How far forward a flower stands at so much of the way out from its middle, in widths of it. */
export type Dish = (out: number) => number;

/** A flower seen in the face: a disc turned to the viewer, dished, its petals painted on it. */
export function disc(
  paint: Painter,
  dish: Dish,
  { ruffle = 0, often = 5, points = [12, 7], pixels = 96 } = {},
): PieceShape {
  const build = (d: Detail) => {
    const s = surface();
    const near = d === 'near';
    const n = points[near ? 0 : 1] ?? 8;
    const at = (a: number, out: number) => {
      const r = out * 0.5;
      const z = dish(out) + ruffle * out * Math.sin(a * often);
      return s.point(Math.cos(a) * r, Math.sin(a) * r, z, 0, 0, 0.5 + Math.cos(a) * r, 0.5 + Math.sin(a) * r);
    };
    const ring = (out: number) => Array.from({ length: n }, (_, i) => at((i / n) * TAU, out));
    const rings = (near ? [0.3, 0.66, 1] : [0.4, 1]).map(ring);
    const centre = at(0, 0);
    rings[0]?.forEach((a, i, all) => s.face(centre, a, all[(i + 1) % n] ?? 0));
    rings.slice(1).forEach((outer, k) => {
      const inner = rings[k] ?? outer;
      for (let i = 0; i < n; i += 1) {
        const j = (i + 1) % n;
        s.quad(inner[i] ?? 0, outer[i] ?? 0, outer[j] ?? 0, inner[j] ?? 0);
      }
    });
    return s.done();
  };
  return { build, painted: { paint, wide: pixels, high: pixels, round: true } };
}

/**
 * A petal: which way it points, how far its tip lies, half its width there where it is broadest, and how far
 * out that is; notched or pointed at its tip.
 */
export interface Petal {
  way: number;
  tip: number;
  half: number;
  broad: number;
  notch?: number;
  light: number;
  /** How much lighter its rim is. */
  rim?: number;
}

/** How much darker a petal is at the edge of one over it; deeper between the many of a double flower. By eye. */
const SHADE = 0.2;
export const DOUBLE_SHADE = 0.4;
/** A petal throws no shade further than this. */
const FAR = 0.1;

function onPetal(
  p: Petal,
  [c, s]: readonly [number, number],
  x: number,
  y: number,
): { inside: number; out: number; off: number } {
  const [along, off] = [x * c + y * s, -x * s + y * c];
  const t = along / p.tip;
  if (t < 0 || t > 1) return { inside: -1, out: t, off };
  const body =
    t < p.broad
      ? Math.sin((Math.PI / 2) * (t / p.broad)) ** 0.8
      : Math.sqrt(Math.max(0, 1 - ((t - p.broad) / (1 - p.broad)) ** 2));
  const cut = p.notch ? p.notch * smooth(p.half * 0.5, 0, Math.abs(off)) : 0;
  return { inside: Math.min(body * p.half - Math.abs(off), (1 - cut - t) * p.tip * 2), out: t, off };
}

/**
 * What is to be seen where: petals one over another, the last on top, each shaded where the next lies over
 * it; `throat` is how much of the second colour lies at a way out, on a petal.
 */
export function petals(
  list: readonly Petal[],
  throat: (out: number, off: number, which: number) => number,
  eye: { wide: number; second: number; light: number } | null = null,
  shade = SHADE,
): Painter {
  const ways = list.map((p) => [Math.cos(p.way), Math.sin(p.way)] as const);
  return (x, y): Texel => {
    const r = Math.hypot(x, y);
    if (eye && r < eye.wide)
      return {
        edge: eye.second,
        vein: eye.second,
        light: eye.light + 0.1 * (noise(x * 40, y * 40) - 0.5) - 0.2 * (r / eye.wide) ** 4,
        cover: 1,
      };
    let seen: Texel | null = null;
    let over = 1;
    for (let i = list.length - 1; i >= 0; i -= 1) {
      const p = list[i] as Petal;
      // Nothing of it comes near.
      if (r > p.tip + FAR) continue;
      const { inside, out, off } = onPetal(p, ways[i] as (typeof ways)[number], x, y);
      if (inside > 0) {
        const second = throat(out, off / p.half, i);
        const streak = 0.035 * Math.cos((off / p.half) * 14) * smooth(0.9, 0.3, out);
        const light =
          p.light +
          0.06 * (out - 0.5) +
          streak -
          0.05 * nearLine(off, p.half * 0.12) -
          shade * smooth(0.09, 0, over) +
          (p.rim ?? 0) * smooth(0.12, 0, inside);
        seen = { edge: second, vein: second, light, cover: within(inside, SOFT) };
        break;
      }
      // A petal on top throws a little shade beside it.
      over = Math.min(over, -inside);
    }
    return seen ?? NOTHING;
  };
}

/** Petals evenly round, alternately a little higher and lower. */
export const even = (many: number, p: Omit<Petal, 'way' | 'light'>, start = Math.PI / 2): Petal[] =>
  Array.from({ length: many }, (_, i) => ({ ...p, way: start + (i / many) * TAU, light: i % 2 ? 0.48 : 0.53 }));

/** Petals in rows from the rim in, each row over the one before it. */
export function rows(list: readonly (readonly [number, number, number])[], notch = 0): Petal[] {
  return list.flatMap(([many, tip, half], k) =>
    Array.from({ length: many }, (_, i) => ({
      way: ((i + (k % 2) / 2) / many) * TAU + k,
      tip,
      half,
      broad: 0.7,
      notch,
      light: 0.38 + 0.14 * (k / list.length) + 0.15 * noise(i * 5.1, k * 3.3),
      rim: 0.13,
    })),
  );
}
