import { surface, type Detail } from './surface';
import { line, noise, NOTHING, smooth, within, type Painter, type Texel } from './paint';
import type { PieceShape } from './piece';

const TAU = Math.PI * 2;
const SOFT = 0.035;

/** How far forward a flower stands at so much of the way out from its middle, in widths of it. */
type Dish = (out: number) => number;

/** A flower seen in the face: a disc turned to the viewer, dished, its petals painted on it. */
function disc(paint: Painter, dish: Dish, { ruffle = 0, often = 5, points = [12, 7], pixels = 96 } = {}): PieceShape {
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

/** A petal: which way it points, how far its tip lies, half its width there where it is broadest, and how far out that is; notched or pointed at its tip. */
interface Petal {
  way: number;
  tip: number;
  half: number;
  broad: number;
  notch?: number;
  light: number;
}

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

/** What is to be seen where: petals one over another, the last on top, each shaded where the next lies over it; `throat` is how much of the second colour lies at a way out, on a petal. */
function petals(
  list: readonly Petal[],
  throat: (out: number, off: number, which: number) => number,
  eye: { wide: number; second: number; light: number } | null = null,
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
          p.light + 0.06 * (out - 0.5) + streak - 0.05 * line(off, p.half * 0.12) - 0.2 * smooth(0.09, 0, over);
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
const even = (many: number, p: Omit<Petal, 'way' | 'light'>, start = Math.PI / 2): Petal[] =>
  Array.from({ length: many }, (_, i) => ({ ...p, way: start + (i / many) * TAU, light: i % 2 ? 0.48 : 0.53 }));

/** Petals in rows from the rim in, each row over the one before it. */
function rows(list: readonly (readonly [number, number, number])[], notch = 0): Petal[] {
  return list.flatMap(([many, tip, half], k) =>
    Array.from({ length: many }, (_, i) => ({
      way: ((i + (k % 2) / 2) / many) * TAU + k,
      tip,
      half,
      broad: 0.7,
      notch,
      light: 0.4 + 0.16 * (k / list.length) + 0.07 * noise(i * 5.1, k * 3.3),
    })),
  );
}

/** Joined lobes of a funnel, five, with lines to the throat. */
const funnel: Painter = (x, y) => {
  const [r, a] = [Math.hypot(x, y), Math.atan2(y, x)];
  const lobe = Math.abs(Math.cos(a * 2.5));
  const hem = 0.99 - 0.13 * (1 - lobe) ** 2 - 0.02 * Math.sin(a * 17);
  const rays = 0.5 + 0.5 * Math.cos(a * 5);
  const fine = noise(a * 9, r * 2);
  const throat =
    smooth(0.3, 0.12, r) + 0.6 * smooth(0.72, 0.2, r) * (0.25 * rays ** 6 + 0.35 * smooth(0.55, 0.9, fine));
  const second = Math.min(1, throat);
  return {
    edge: second,
    vein: second,
    light:
      0.5 - 0.1 * line(lobe, 0.12) * smooth(0.3, 0.9, r) + 0.05 * (r - 0.5) + 0.04 * rays - 0.16 * smooth(0.34, 0.1, r),
    cover: within(hem - r, SOFT),
  };
};

const upward = Math.PI / 2;
const flatDish: Dish = (out) => 0.05 - 0.05 * out;

export const faces = {
  /** Petunias, million bells: a funnel of five joined lobes. */
  trumpet: disc(funnel, (out) => -0.26 * (1 - out) ** 1.6 + 0.02 * out, { ruffle: 0.025, often: 5, points: [15, 9] }),
  /** Five round petals that overlap, with an eye: phloxes, vincas, single geraniums. */
  face: disc(
    petals(even(5, { tip: 0.98, half: 0.44, broad: 0.62 }), (out) => smooth(0.3, 0.14, out), {
      wide: 0.06,
      second: 1,
      light: 0.56,
    }),
    (out) => 0.03 + 0.06 * out,
  ),
  /** Busy lizzies: flat, five hearts. */
  flat: disc(
    petals(
      [
        { way: upward, tip: 0.86, half: 0.46, broad: 0.62, notch: 0.1, light: 0.46 },
        { way: upward + 1.26, tip: 0.94, half: 0.42, broad: 0.62, notch: 0.08, light: 0.53 },
        { way: upward - 1.26, tip: 0.94, half: 0.42, broad: 0.62, notch: 0.08, light: 0.53 },
        { way: upward + 2.5, tip: 0.98, half: 0.46, broad: 0.64, notch: 0.1, light: 0.5 },
        { way: upward - 2.5, tip: 0.98, half: 0.46, broad: 0.64, notch: 0.1, light: 0.51 },
      ],
      (out) => smooth(0.17, 0.06, out) * 0.9,
    ),
    flatDish,
  ),
  /** Wax begonias: two round petals, two narrow ones, a knot of stamens. */
  wax: disc(
    petals(
      [
        { way: 0, tip: 0.66, half: 0.27, broad: 0.6, light: 0.52 },
        { way: Math.PI, tip: 0.66, half: 0.27, broad: 0.6, light: 0.52 },
        { way: upward, tip: 0.98, half: 0.62, broad: 0.58, light: 0.5 },
        { way: -upward, tip: 0.96, half: 0.62, broad: 0.58, light: 0.53 },
      ],
      () => 0,
      { wide: 0.17, second: 1, light: 0.56 },
    ),
    (out) => 0.1 * out,
    { pixels: 64 },
  ),
  /** Pansies and violas: two petals above, two at the sides, one below, whiskers and a blotch. */
  pansy: disc(
    petals(
      [
        { way: upward + 0.5, tip: 0.96, half: 0.5, broad: 0.6, light: 0.42 },
        { way: upward - 0.5, tip: 0.96, half: 0.5, broad: 0.6, light: 0.45 },
        { way: upward + 1.65, tip: 0.86, half: 0.44, broad: 0.6, light: 0.52 },
        { way: upward - 1.65, tip: 0.86, half: 0.44, broad: 0.6, light: 0.53 },
        { way: -upward, tip: 0.92, half: 0.6, broad: 0.62, notch: 0.06, light: 0.55 },
      ],
      (out, off, which) => (which < 2 ? 0 : smooth(0.62, 0.4, out + 0.12 * Math.abs(Math.sin(off * 9)))),
    ),
    flatDish,
  ),
  /** Lobelias: two small lips above, three broad ones below, a white eye. */
  lip: disc(
    petals(
      [
        { way: upward + 0.42, tip: 0.72, half: 0.13, broad: 0.5, light: 0.48 },
        { way: upward - 0.42, tip: 0.72, half: 0.13, broad: 0.5, light: 0.48 },
        { way: -upward + 1.0, tip: 0.94, half: 0.36, broad: 0.66, light: 0.5 },
        { way: -upward - 1.0, tip: 0.94, half: 0.36, broad: 0.66, light: 0.51 },
        { way: -upward, tip: 1, half: 0.38, broad: 0.66, light: 0.54 },
      ],
      (out, _, which) => (which < 2 ? 0 : smooth(0.36, 0.26, out)),
    ),
    (out) => -0.04 + 0.05 * out,
    { points: [8, 6], pixels: 48 },
  ),
  /** Fan flowers: all five petals on one side. */
  fan: disc(
    petals(
      [-1.25, 1.25, -0.62, 0.62, 0].map((off, i) => ({
        way: -upward + off,
        tip: 0.98,
        half: 0.2,
        broad: 0.6,
        light: 0.48 + 0.015 * i,
      })),
      (out) => smooth(0.34, 0.22, out),
      { wide: 0.09, second: 1, light: 0.5 },
    ),
    (out) => -0.06 + 0.12 * out,
    { points: [10, 7], pixels: 64 },
  ),
  /** Angelonias and their like: an open mask of five lobes. */
  mask: disc(
    petals(
      [
        { way: upward + 0.5, tip: 0.84, half: 0.36, broad: 0.6, light: 0.46 },
        { way: upward - 0.5, tip: 0.84, half: 0.36, broad: 0.6, light: 0.47 },
        { way: -upward + 1.15, tip: 0.92, half: 0.4, broad: 0.6, light: 0.51 },
        { way: -upward - 1.15, tip: 0.92, half: 0.4, broad: 0.6, light: 0.52 },
        { way: -upward, tip: 0.98, half: 0.42, broad: 0.64, light: 0.55 },
      ],
      (out) => 0.9 * smooth(0.4, 0.2, out),
    ),
    (out) => -0.1 + 0.12 * out,
    { points: [8, 6], pixels: 48 },
  ),
  /** Snapdragons: two lobes up, three down, and a puffed, yellow mouth. */
  dragon: disc(
    petals(
      [
        { way: upward + 0.4, tip: 0.98, half: 0.44, broad: 0.66, notch: 0.08, light: 0.5 },
        { way: upward - 0.4, tip: 0.98, half: 0.44, broad: 0.66, notch: 0.08, light: 0.52 },
        { way: -upward + 0.95, tip: 0.88, half: 0.36, broad: 0.66, light: 0.48 },
        { way: -upward - 0.95, tip: 0.88, half: 0.36, broad: 0.66, light: 0.49 },
        { way: -upward, tip: 0.92, half: 0.36, broad: 0.66, light: 0.52 },
      ],
      (out, off, which) => (which < 2 ? 0 : smooth(0.46, 0.3, out + 0.1 * Math.abs(off))),
    ),
    (out) => 0.34 * (1 - out) - 0.06,
    { points: [10, 7], pixels: 64 },
  ),
  /** Pinks: five wedges with a fringed edge and a dark eye. */
  fringed: disc(
    (() => {
      const body = petals(even(5, { tip: 1, half: 0.52, broad: 0.8 }), (out) => smooth(0.46, 0.34, out) * 0.9);
      return (x, y): Texel => {
        const a = Math.atan2(y, x);
        const hem = 0.96 - 0.13 * Math.abs(((a * 46) / TAU) % 1) - 0.05 * (1 - Math.abs(Math.cos(a * 2.5)));
        const t = body(x, y);
        return { ...t, cover: Math.min(t.cover, within(hem - Math.hypot(x, y), SOFT)) };
      };
    })(),
    (out) => -0.05 + 0.1 * out,
  ),
  /** Rays round a disc. */
  daisy: disc(
    petals(even(17, { tip: 0.99, half: 0.125, broad: 0.6, notch: 0.05 }), (out) => smooth(0.44, 0.34, out) * 0.55, {
      wide: 0.27,
      second: 1,
      light: 0.52,
    }),
    (out) => (out < 0.3 ? 0.12 - 0.2 * out : 0.05 - 0.06 * out),
    { pixels: 112 },
  ),
  /** Verbenas, phloxes, pentas, one floret of many: five notched petals and an eye. */
  floret: disc(
    petals(even(5, { tip: 0.98, half: 0.36, broad: 0.68, notch: 0.16 }), (out) => smooth(0.28, 0.18, out), null),
    (out) => 0.02 + 0.04 * out,
    { points: [6, 5], pixels: 48 },
  ),
  /** One of a pelargonium’s umbel: five petals, the upper two narrower and veined. */
  geranium: disc(
    petals(
      [
        { way: -upward, tip: 0.98, half: 0.4, broad: 0.66, light: 0.52 },
        { way: -upward + 1.2, tip: 0.96, half: 0.4, broad: 0.66, light: 0.5 },
        { way: -upward - 1.2, tip: 0.96, half: 0.4, broad: 0.66, light: 0.49 },
        { way: upward + 0.42, tip: 0.98, half: 0.31, broad: 0.66, light: 0.47 },
        { way: upward - 0.42, tip: 0.98, half: 0.31, broad: 0.66, light: 0.53 },
      ],
      (out, off, which) =>
        which > 2 ? 0.25 * smooth(0.6, 0.2, out) * line(Math.sin(off * 5), 0.5) : 0.15 * smooth(0.3, 0.1, out),
    ),
    (out) => 0.02 + 0.06 * out,
    { points: [6, 5], pixels: 48 },
  ),
  /** French marigolds, carnations, chrysanthemums: a dome of ruffled petals, row on row. */
  pompon: disc(
    petals(
      rows(
        [
          [13, 1, 0.27],
          [12, 0.86, 0.25],
          [11, 0.7, 0.22],
          [9, 0.54, 0.19],
          [7, 0.38, 0.16],
          [5, 0.22, 0.12],
        ],
        0.12,
      ),
      (out, _, which) => smooth(0.7, 0.4, out) * 0.45 + (which > 44 ? 0.2 : 0),
    ),
    (out) => 0.3 * Math.sqrt(Math.max(0, 1 - out * out)) - 0.12,
    { points: [12, 8], pixels: 96 },
  ),
  /** Ball and decorative dahlias: rolled petals, close, in spirals. */
  dahlia: disc(
    petals(
      rows([
        [14, 1, 0.2],
        [14, 0.86, 0.18],
        [13, 0.71, 0.16],
        [12, 0.56, 0.14],
        [10, 0.41, 0.115],
        [8, 0.27, 0.09],
        [5, 0.14, 0.06],
      ]),
      (out, off) => smooth(0.75, 0.5, out) * 0.2 * (1 - Math.abs(off)),
    ),
    (out) => 0.32 * Math.sqrt(Math.max(0, 1 - out * out)) - 0.12,
    { points: [12, 8], pixels: 96 },
  ),
  /** Tuberous begonias, roses, double petunias: broad petals round a tight heart. */
  rose: disc(
    petals(
      rows([
        [5, 1, 0.62],
        [5, 0.84, 0.52],
        [5, 0.66, 0.42],
        [4, 0.48, 0.34],
        [4, 0.32, 0.24],
        [3, 0.18, 0.14],
      ]),
      (out) => 0.3 * smooth(0.4, 0.1, out),
    ),
    (out) => 0.2 * Math.sqrt(Math.max(0, 1 - out * out)) - 0.06,
    { ruffle: 0.03, points: [12, 8], pixels: 96 },
  ),
  /** Cannas, irises, hibiscus at their loosest: few broad petals that flop. */
  floppy: disc(
    petals(
      [
        { way: upward + 0.6, tip: 0.98, half: 0.36, broad: 0.66, light: 0.48 },
        { way: upward - 0.75, tip: 0.94, half: 0.38, broad: 0.66, light: 0.5 },
        { way: -upward + 0.85, tip: 0.96, half: 0.34, broad: 0.66, light: 0.46 },
        { way: -upward - 0.6, tip: 0.84, half: 0.3, broad: 0.62, light: 0.54 },
      ],
      (out, off) => 0.55 * smooth(0.5, 0.1, out) + 0.35 * smooth(0.7, 0.9, noise(out * 12, off * 9)),
    ),
    (out) => -0.2 + 0.3 * out - 0.26 * out ** 3,
    { ruffle: 0.1, often: 4, points: [14, 8] },
  ),
  /** Lilies, day lilies, clematis: six pointed petals. */
  lily: disc(
    petals(
      even(6, { tip: 1, half: 0.27, broad: 0.48 }),
      (out, off) => Math.max(smooth(0.34, 0.1, out), 0.4 * line(off, 0.3) * smooth(0.8, 0.2, out)),
      { wide: 0.07, second: 1, light: 0.5 },
    ),
    (out) => -0.22 + 0.34 * out - 0.16 * out ** 3,
  ),
  /** Daffodils: six petals behind a trumpet. */
  daffodil: disc(
    petals(even(6, { tip: 0.99, half: 0.3, broad: 0.55 }), () => 0, { wide: 0.36, second: 1, light: 0.54 }),
    (out) => (out < 0.36 ? 0.34 : 0),
    { points: [12, 8] },
  ),
} satisfies Record<string, PieceShape>;
