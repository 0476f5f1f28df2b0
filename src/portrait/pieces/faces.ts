import { nearLine, noise, smooth, within, type Painter, type Texel } from './paint';
import { disc, DOUBLE_SHADE, even, petals, rows, SOFT, type Dish } from './petals';
import type { PieceShape } from './piece';

const TAU = Math.PI * 2;

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
      0.5 -
      0.1 * nearLine(lobe, 0.12) * smooth(0.3, 0.9, r) +
      0.05 * (r - 0.5) +
      0.04 * rays -
      0.16 * smooth(0.34, 0.1, r),
    cover: within(hem - r, SOFT),
  };
};

/** Small flowers of four petals, close together in a dome. */
const knotted: Painter = (() => {
  const many = 16;
  const florets = Array.from({ length: many }, (_, i) => {
    const [far, way] = [0.8 * Math.sqrt((i + 0.4) / many), i * 2.39996];
    return { x: Math.cos(way) * far, y: Math.sin(way) * far, turned: i * 1.3, light: 0.55 - 0.1 * far };
  });
  const half = 0.25;
  return (x, y): Texel => {
    let best: Texel = { edge: 0, vein: 0, light: 0.5, cover: 0 };
    for (const f of florets) {
      const [dx, dy] = [x - f.x, y - f.y];
      const r = Math.hypot(dx, dy) / half;
      if (r > 1.05) continue;
      const petal = 1 - 0.34 * (1 - Math.abs(Math.cos(2 * (Math.atan2(dy, dx) + f.turned))));
      const cover = within((petal - r) * half, SOFT * 0.6);
      if (cover <= best.cover) continue;
      const eye = 0.45 * smooth(0.3, 0.12, r);
      best = { edge: eye, vein: eye, light: f.light - 0.1 * r - 0.12 * smooth(petal * 0.8, petal, r), cover };
    }
    return best;
  };
})();

const upward = Math.PI / 2;
const flatDish: Dish = (out) => 0.02 + 0.09 * out ** 2;

export const faces = {
  /** Petunias, million bells: a funnel of five joined lobes. */
  trumpet: disc(funnel, (out) => -0.26 * (1 - out) ** 1.6 + 0.02 * out, { ruffle: 0.025, often: 5, points: [12, 8] }),
  /** Five round petals that overlap, with an eye: phloxes, vincas, single geraniums. */
  face: disc(
    petals(even(5, { tip: 0.98, half: 0.44, broad: 0.62 }), (out) => smooth(0.3, 0.14, out), {
      wide: 0.06,
      second: 1,
      light: 0.56,
    }),
    (out) => 0.03 + 0.12 * out,
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
  /** Sages, lavenders, mints: a short hood over a broad lip of two lobes. */
  sage: disc(
    petals(
      [
        { way: upward, tip: 0.62, half: 0.24, broad: 0.5, light: 0.42 },
        { way: -upward + 1.35, tip: 0.5, half: 0.2, broad: 0.6, light: 0.48 },
        { way: -upward - 1.35, tip: 0.5, half: 0.2, broad: 0.6, light: 0.48 },
        { way: -upward + 0.4, tip: 0.98, half: 0.42, broad: 0.68, light: 0.54 },
        { way: -upward - 0.4, tip: 0.98, half: 0.42, broad: 0.68, light: 0.56 },
      ],
      (out, _, which) => (which < 3 ? 0 : 0.4 * smooth(0.5, 0.3, out)),
    ),
    (out) => 0.12 - 0.1 * out,
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
    // Its rays stand forward a little: seen from the side it is a bowl and not a line.
    (out) => (out < 0.3 ? 0.11 - 0.2 * out : 0.05 + 0.18 * (out - 0.3)),
    { pixels: 112 },
  ),
  /** Verbenas, phloxes, pentas, one floret of many: five notched petals and an eye. */
  floret: disc(
    petals(even(5, { tip: 0.98, half: 0.36, broad: 0.68, notch: 0.16 }), (out) => smooth(0.28, 0.18, out), null),
    (out) => 0.02 + 0.04 * out,
    { points: [6, 5], pixels: 48 },
  ),
  /** Sweet alyssums: a dozen tiny flowers in one dome. */
  knot: disc(knotted, (out) => 0.3 * Math.sqrt(Math.max(0, 1 - out * out)) - 0.1, { points: [8, 6], pixels: 64 }),
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
        which > 2 ? 0.25 * smooth(0.6, 0.2, out) * nearLine(Math.sin(off * 5), 0.5) : 0.15 * smooth(0.3, 0.1, out),
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
      null,
      DOUBLE_SHADE,
    ),
    (out) => 0.4 * Math.sqrt(Math.max(0, 1 - out * out)) - 0.16,
    { ruffle: 0.05, often: 6, points: [12, 8], pixels: 96 },
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
      null,
      DOUBLE_SHADE,
    ),
    (out) => 0.36 * Math.sqrt(Math.max(0, 1 - out * out)) - 0.14,
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
      null,
      DOUBLE_SHADE,
    ),
    (out) => 0.24 * Math.sqrt(Math.max(0, 1 - out * out)) - 0.08,
    { ruffle: 0.06, points: [12, 8], pixels: 96 },
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
      (out, off) => Math.max(smooth(0.34, 0.1, out), 0.4 * nearLine(off, 0.3) * smooth(0.8, 0.2, out)),
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
