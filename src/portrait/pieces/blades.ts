import { surface, type Detail } from './surface';
import { nearLine, noise, smooth, within, type Painted, type Texel } from './paint';
import type { PieceShape } from './piece';

/**
 * A leaf along a midrib: how wide it is on its way from stalk to tip (1 at its widest), how its margin, veins
 * and blade are.
 */
interface Blade {
  half: (t: number) => number;
  /** Teeth or scallops to a side, and how deep they go, as a share of the half-width. */
  margin?: { many: number; deep: number; round: boolean };
  /** Side veins to a side, and how steeply they run to the margin; along the blade where it is not said. */
  veins?: { many: number; rise: number };
  /** Width of the coloured edge, as a share of the half-width; how unevenly it runs. */
  rim?: number;
  ragged?: number;
  /** How far the blade is folded up at its sides, and waved along them. */
  fold?: number;
  wave?: number;
  /** Rows of faces near by and from far. */
  rows?: readonly [number, number];
  pixels?: readonly [number, number];
}

/** Teeth are cut out of the outline; scallops bulge. */
function toothed({ half, margin }: Blade, t: number): number {
  const w = half(t);
  if (!margin) return w;
  const phase = (t * margin.many) % 1;
  const cut = margin.round ? 1 - Math.sin(Math.PI * phase) : phase < 0.75 ? 1 - phase / 0.75 : (phase - 0.75) / 0.25;
  return w * (1 - margin.deep * cut);
}

const SOFT = 0.022;

function paintBlade(b: Blade): Painted['paint'] {
  const rim = b.rim ?? 0.2;
  return (across, t): Texel => {
    const u = Math.abs(across);
    const w = Math.max(1e-3, toothed(b, t));
    const inside = w - u;
    const uneven = 1 + (b.ragged ?? 0.35) * (noise(t * 9 + 3, across * 4) - 0.5) * 2;
    // Side veins leave the midrib and rise to the margin; between them the blade is puffed a little.
    const phase = b.veins ? (t - u * b.veins.rise) * b.veins.many : u * 6;
    const off = Math.abs(phase - Math.round(phase));
    const side = b.veins ? nearLine(off, 0.2) * smooth(-0.05, 0.15, inside) * (1 - 0.5 * u) : nearLine(off, 0.3) * 0.45;
    const mid = nearLine(u, 0.07 * (1.2 - t));
    const puff = b.veins ? 0.06 * Math.cos(phase * 2 * Math.PI + Math.PI) : 0.04 * Math.cos(phase * 2 * Math.PI);
    return {
      edge: within(rim * w * uneven - inside, 0.06),
      vein: Math.min(1, Math.max(mid, side * 0.85, 0.4 * within(0.2 * uneven - u, 0.14))),
      light:
        0.5 + puff + 0.1 * mid - 0.07 * side + 0.05 * (noise(across * 14, t * 26) - 0.5) - 0.06 * (1 - t) * (1 - u),
      cover: within(inside, SOFT),
    };
  };
}

/** A hull a little wider than the outline, so that nothing of it is cut; falls by y², as every leaf does. */
function hull(b: Blade, rows: number) {
  const s = surface();
  const [fold, wave] = [b.fold ?? 0.3, b.wave ?? 0];
  const grid = Array.from({ length: rows + 1 }, (_, r) => {
    const t = r / rows;
    const near = Math.max(b.half(t), b.half(Math.max(0, t - 0.4 / rows)), b.half(Math.min(1, t + 0.4 / rows)));
    const env = Math.min(1, near * 1.04 + 0.03);
    const ripple = wave * (r % 2 ? 1 : -1);
    return [-1, 0, 1].map((u) =>
      s.point(u * env * 0.5, t, (u === 0 ? 0 : fold * env * 0.5 + ripple) - t * t, 0, 0, 0.5 + (u * env) / 2, t),
    );
  });
  for (let r = 0; r < rows; r += 1)
    for (const c of [0, 1])
      s.quad(grid[r]?.[c] ?? 0, grid[r]?.[c + 1] ?? 0, grid[r + 1]?.[c + 1] ?? 0, grid[r + 1]?.[c] ?? 0);
  return s.done();
}

function blade(b: Blade): PieceShape {
  const [near, far] = b.rows ?? [5, 3];
  const [wide, high] = b.pixels ?? [96, 192];
  return {
    build: (d: Detail) => hull(b, d === 'near' ? near : far),
    painted: { paint: paintBlade(b), wide, high, round: false },
  };
}

const oval = (t: number): number => Math.sin(Math.PI * Math.min(1, 0.05 + 0.95 * t ** 0.82)) ** 0.9;
/** Broadest near the stalk, drawn to a point. */
const egg = (t: number): number =>
  Math.min(1, (t / 0.12) ** 0.6) * Math.cos((Math.PI / 2) * Math.max(0, (t - 0.2) / 0.8)) ** 0.85;

export const blades = {
  /** Plain and oval: petunias, laurels, mints. */
  ovate: blade({ half: oval, veins: { many: 7, rise: 0.2 } }),
  /** With teeth: fuchsias, salvias, lantanas, verbenas. */
  toothed: blade({ half: egg, margin: { many: 11, deep: 0.2, round: false }, veins: { many: 8, rise: 0.22 } }),
  /** With scallops and a puckered blade: coleus. */
  scalloped: blade({
    half: egg,
    margin: { many: 9, deep: 0.16, round: true },
    veins: { many: 7, rise: 0.26 },
    rim: 0.26,
    wave: 0.05,
    rows: [6, 3],
  }),
  /** Broad, with a strong midrib and close side veins: cannas, gingers. */
  paddle: blade({
    half: (t) => Math.sin(Math.PI * Math.min(1, 0.06 + 0.94 * t ** 0.9)) ** 0.75,
    veins: { many: 22, rise: 0.34 },
    rim: 0.1,
    fold: 0.22,
    rows: [7, 4],
  }),
  /** Long and tapering, lines along it. */
  strap: blade({
    half: (t) => (t < 0.08 ? 0.7 + t * 3 : 1 - ((t - 0.08) / 0.92) ** 2.2),
    rim: 0.3,
    fold: 0.18,
    rows: [7, 4],
    pixels: [32, 128],
  }),
  /** Fleshy, broadest near the tip, with a point. */
  spoon: blade({
    half: (t) => (t < 0.72 ? 0.4 + 0.6 * Math.sin((t / 0.72) * 1.57) : Math.cos(((t - 0.72) / 0.28) * 1.5) ** 0.8),
    rim: 0.16,
    ragged: 0.15,
    fold: 0.5,
    veins: { many: 0.5, rise: 0 },
    rows: [6, 4],
  }),
} satisfies Record<string, PieceShape>;
