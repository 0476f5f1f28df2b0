import { surface, type Detail } from './surface';
import { nearLine, noise, NOTHING, smooth, within, type Painter, type Texel } from './paint';
import type { PieceShape } from './piece';

/** A card that carries several leaves or leaflets on a stem: a strip folded a little along it, falling by y². */
function card(
  paint: Painter,
  { rows = [5, 2], fold = 0.24, pixels = [128, 192] as readonly [number, number] } = {},
): PieceShape {
  const build = (d: Detail) => {
    const n = rows[d === 'near' ? 0 : 1] ?? 2;
    const s = surface();
    const grid = Array.from({ length: n + 1 }, (_, r) => {
      const t = r / n;
      return [-1, 0, 1].map((u) => s.point(u * 0.5, t, (u === 0 ? 0 : fold * 0.5) - t * t, 0, 0, 0.5 + u / 2, t));
    });
    for (let r = 0; r < n; r += 1)
      for (const c of [0, 1])
        s.quad(grid[r]?.[c] ?? 0, grid[r]?.[c + 1] ?? 0, grid[r + 1]?.[c + 1] ?? 0, grid[r + 1]?.[c] ?? 0);
    return s.done();
  };
  return { build, painted: { paint, wide: pixels[0], high: pixels[1], round: false } };
}

/**
 * One leaflet on a card: its foot and tip, and half its width; all in units of the card’s length, across as
 * wide as `aspect` says.
 */
interface Leaflet {
  from: readonly [number, number];
  to: readonly [number, number];
  half: number;
  /** Broadest at this share of the way along. */
  broad: number;
  /** Lobes or teeth to a side, and how deep they go, as a share of the half-width. */
  cut?: number;
  deep?: number;
  light: number;
}

function onLeaflet(l: Leaflet, x: number, y: number, soft: number): Texel | null {
  const [dx, dy] = [l.to[0] - l.from[0], l.to[1] - l.from[1]];
  const long = Math.hypot(dx, dy);
  if (Math.abs(x - l.from[0] - dx / 2) + Math.abs(y - l.from[1] - dy / 2) > long + l.half) return null;
  const [px, py] = [x - l.from[0], y - l.from[1]];
  const t = (px * dx + py * dy) / (long * long);
  if (t < -0.05 || t > 1.05) return null;
  const off = Math.abs(px * dy - py * dx) / long;
  const shape =
    t < l.broad
      ? Math.sin((Math.PI / 2) * (Math.max(0, t) / l.broad)) ** 0.7
      : Math.cos((Math.PI / 2) * ((t - l.broad) / (1 - l.broad)));
  const lobe = l.cut ? 1 - (l.deep ?? 0.55) * Math.abs(Math.cos(t * Math.PI * l.cut)) : 1;
  const inside = Math.max(0, shape) * l.half * lobe - off;
  if (inside < -soft) return null;
  return {
    edge: within(0.3 * l.half - inside, 0.3 * l.half),
    vein: nearLine(off, l.half * 0.35),
    // Each leaf is a little darker at its edge, so that it is told from the next.
    light: l.light + 0.07 * nearLine(off, l.half * 0.3) + 0.1 * (t - 0.5) - 0.17 * smooth(0.45 * l.half, 0, inside),
    cover: within(inside, soft),
  };
}

/** Leaflets one over another, and the stem between them. */
function leaflets(list: readonly Leaflet[], aspect: number, stem: number): Painter {
  const soft = 0.008;
  return (across, along) => {
    const x = across * 0.5 * aspect;
    for (let i = list.length - 1; i >= 0; i -= 1) {
      const t = onLeaflet(list[i] as Leaflet, x, along, soft);
      if (t && t.cover > 0.3) return t;
    }
    const bare = within(stem * (1.1 - along) - Math.abs(x), soft);
    return bare > 0 && along < 0.92 ? { edge: 0, vein: 1, light: 0.42, cover: bare } : NOTHING;
  };
}

/** Pairs of leaflets up a stem, each pair from so low to so high, with one at the tip. */
function pairs(many: number, make: (t: number, side: -1 | 1, i: number) => Leaflet, tip: Leaflet): Leaflet[] {
  const list: Leaflet[] = [];
  for (let i = 0; i < many; i += 1) for (const side of [-1, 1] as const) list.push(make(i / many, side, i));
  return [...list, tip];
}

/**
 * A shoot of small leaves, each so long and half so wide as the card is long; in pairs, each square to the
 * last, so that every other pair points to the viewer and away and is seen short; or by turns, each a little
 * larger or smaller.
 */
function shoot(many: number, long: number, half: number, rise: number, broad: number, turns = false): PieceShape {
  const aspect = 0.7;
  const shade = (i: number) => 0.44 + 0.14 * noise(i * 3.7, 1.5);
  return card(
    leaflets(
      pairs(
        many,
        (t, side, i) => {
          const facing = i % 2 === 1;
          const y = 0.04 + (t + (turns && side > 0 ? 0.5 / many : 0)) * 0.86;
          const size = (1 - 0.35 * t) * (0.84 + 0.32 * noise(t * 31, side * 2.1)) * (facing ? SEEN_SHORT : 1);
          const up = facing ? (side > 0 ? 1.25 : -1.1) : rise + (turns ? 0 : 0.3 * (noise(t * 17, side * 3.3) - 0.5));
          return {
            from: [side * 0.012, y],
            to: [side * long * size * Math.cos(up), y + long * size * Math.sin(up)],
            half: half * size * (facing ? 1.25 : 1),
            broad,
            light: shade(i * 2 + side) + (facing && side > 0 ? 0.05 : 0),
          };
        },
        { from: [0, 0.84], to: [0.01, 1], half: half * 0.7, broad, light: 0.54 },
      ),
      aspect,
      0.014,
    ),
    { pixels: [112, 160], rows: [3, 2], fold: 0.5 },
  );
}

/** A leaf that points to the viewer is seen so much shorter. By eye. */
const SEEN_SHORT = 0.66;

export const sprays = {
  /** Feathery and cut: marigolds, cosmos, dusty millers. */
  feather: card(
    leaflets(
      pairs(
        6,
        (t, side) => {
          const y = 0.1 + t * 0.74;
          const reach = (0.55 + 0.45 * Math.sin(Math.PI * (0.15 + 0.7 * t))) * 0.31;
          return { from: [0, y], to: [side * reach, y + reach * 0.62], half: 0.052, broad: 0.55, cut: 4, light: 0.5 };
        },
        { from: [0, 0.8], to: [0, 1], half: 0.05, broad: 0.5, cut: 3, light: 0.54 },
      ),
      0.62,
      0.012,
    ),
    { pixels: [112, 176], rows: [4, 2], fold: 0.16 },
  ),
  /** A few broad toothed leaflets: dahlias, roses, tomatoes. */
  pinnate: card(
    leaflets(
      pairs(
        2,
        (t, side, i) => {
          const y = 0.2 + t * 0.52;
          const reach = i === 0 ? 0.33 : 0.36;
          const light = 0.47 + 0.05 * i;
          return {
            from: [0, y],
            to: [side * reach, y + reach * 0.62],
            half: 0.105,
            broad: 0.36,
            cut: 5,
            deep: 0.22,
            light,
          };
        },
        { from: [0, 0.56], to: [0, 1], half: 0.15, broad: 0.38, cut: 6, deep: 0.2, light: 0.54 },
      ),
      0.82,
      0.016,
    ),
    { pixels: [128, 160], rows: [4, 2], fold: 0.2 },
  ),
  /** Fine pinnae, many, to a tip: ferns. */
  frond: card(
    (() => {
      const aspect = 0.3;
      const many = 26;
      return (across: number, along: number): Texel => {
        const u = Math.abs(across);
        const reach = Math.min(1, 0.4 + along * 3.4) * (1 - along ** 2.4);
        // Pinnae stand out a little forward, one beside the other.
        const phase = (along - u * 0.045) * many;
        const off = Math.abs(phase - Math.floor(phase) - 0.5);
        const long = u / Math.max(1e-3, reach * (0.94 + 0.06 * noise(Math.floor(phase), across > 0 ? 1 : 2)));
        const half = 0.33 * (1 - long ** 2.4) ** 0.6;
        const rib = within(0.05 - u, 0.02);
        const cover = long < 1 ? within(half - off, 0.08) : 0;
        return {
          edge: smooth(0.6, 1, long),
          vein: Math.max(rib, 0.25 * nearLine(off, 0.1)),
          light: 0.47 + 0.1 * nearLine(off, 0.12) + 0.06 * (0.5 - off) - 0.05 * u * aspect,
          cover: Math.max(cover, along < 0.97 ? rib : 0),
        };
      };
    })(),
    { rows: [9, 4], fold: 0.1, pixels: [96, 384] },
  ),
  /** A shoot of small oval leaves: box, thyme, lobelia, million bells. */
  shoot: shoot(6, 0.27, 0.075, 0.62, 0.5),
  /** A shoot of small round leaves: bacopas, silver nickel vines, liquorice plants. */
  coins: shoot(4, 0.32, 0.15, 0.4, 0.52, true),
  /** A shoot of needles: lavenders, rosemaries, heathers. */
  needles: shoot(11, 0.26, 0.02, 0.95, 0.4),
  /** Flat fans of scales: thujas and false cypresses. */
  scales: card(
    leaflets(
      pairs(
        7,
        (t, side) => {
          const y = 0.06 + t * 0.8;
          const reach = (0.32 - 0.22 * t) * 0.9;
          return { from: [0, y], to: [side * reach, y + reach * 0.9], half: 0.04, broad: 0.4, cut: 5, light: 0.48 };
        },
        { from: [0, 0.78], to: [0, 1], half: 0.035, broad: 0.3, cut: 4, light: 0.54 },
      ),
      0.6,
      0.02,
    ),
    { pixels: [96, 160], rows: [3, 2], fold: 0.1 },
  ),
} satisfies Record<string, PieceShape>;
