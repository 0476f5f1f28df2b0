import { isFlower, isOpen, OPEN_KINDS, type Kind } from './kinds';
import { clamp } from '../units/number';
import { pieceWays, type Piece } from './piece';
import type { Sprig } from './sprig';
import { add, dot, unit, type Vec } from './vector';

/**
 * A plant is as wide as the circle that this share of its tips lie in: one stray leaf does not make it wider.
 * Working figure.
 */
const WITHIN = 0.97;
/** And as tall as so much of them, so that one hair does not. */
const UNDER = 0.995;
/** Of its flowers so many stand no higher. Working figure. */
const FLOWERS_UNDER = 0.92;
/** Rounds come to within a hundredth: flowers keep their size, and an arching leaf stands highest on its way. */
const ROUNDS = 5;
const NEAR = 0.008;

/** What keeps its own size when the plant it is on is made to fit. */
const KEEPS: ReadonlySet<Kind> = new Set([
  ...OPEN_KINDS,
  'fuchsia',
  'bell',
  'flare',
  'goblet',
  'swept',
  'berry',
  'bud',
  'spikelet',
]);

/** How far a leaf falls at its tip, mm; nothing else does. */
const fallOf = (p: Piece): number =>
  KEEPS.has(p.kind) || p.kind === 'stem' || p.kind === 'lump' || p.kind === 'barrel' ? 0 : p.droop;

/**
 * What there is of a piece to measure by: its tip and two places on the way there, as it falls; the middle of
 * an open flower; the sides of a barrel.
 */
function reachOf(p: Piece): Vec[] {
  if (isOpen(p.kind)) return [p.at];
  const { x, y, z } = pieceWays(p);
  if (p.kind === 'barrel') {
    const middle = add(p.at, y, p.length / 2);
    return [add(p.at, y, p.length), add(middle, x, p.width / 2), add(middle, x, -p.width / 2)];
  }
  const falls = fallOf(p);
  // What hangs stands highest where it begins.
  return (y[1] < 0 ? [0, 0.5, 1] : [0.5, 0.75, 1]).map((t) => add(add(p.at, y, p.length * t), z, -falls * t * t));
}

const quantile = (list: readonly number[], q: number): number => {
  const sorted = [...list].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))] ?? 0;
};

/** How tall a plant stands over where it is rooted, and how wide, mm, by the tips of what it is made of. */
export function extentOf(pieces: readonly Piece[], base: Vec): { heightMm: number; spreadMm: number } {
  const grown = pieces.filter((p) => p.kind !== 'stem' && p.kind !== 'lump');
  // In winter there may be nothing but stems.
  const tips = (grown.length > 0 ? grown : pieces).flatMap(reachOf);
  const up = (list: readonly Vec[], q: number) =>
    quantile(
      list.map((t) => t[1] - base[1]),
      q,
    );
  // A few flowers over many leaves are what one sees of its height.
  const flowers = grown.filter((p) => isFlower(p.kind)).flatMap(reachOf);
  return {
    heightMm: Math.max(1, up(tips, UNDER), up(flowers, FLOWERS_UNDER)),
    spreadMm: Math.max(
      1,
      2 *
        quantile(
          tips.map((t) => Math.hypot(t[0] - base[0], t[2] - base[2])),
          WITHIN,
        ),
    ),
  };
}

/** A piece moved and stretched with the plant it belongs to. */
function stretched(p: Piece, base: Vec, wide: number, tall: number): Piece {
  const map = (v: Vec): Vec => [
    base[0] + (v[0] - base[0]) * wide,
    base[1] + (v[1] - base[1]) * tall,
    base[2] + (v[2] - base[2]) * wide,
  ];
  const at = map(p.at);
  if (KEEPS.has(p.kind)) return { ...p, at };
  const { y, z } = pieceWays(p);
  const falls = fallOf(p);
  const was = add(add(p.at, y, p.length), z, -falls);
  const tip = map(was);
  const way: Vec = [tip[0] - at[0], tip[1] - at[1], tip[2] - at[2]];
  const far = Math.hypot(...way);
  const k = far / Math.max(1e-6, Math.hypot(was[0] - p.at[0], was[1] - p.at[1], was[2] - p.at[2]));
  if (p.kind === 'lump') return { ...p, at, along: way, length: far, width: p.width * wide, droop: p.droop * wide };
  if (Math.abs(falls) < 1e-6) return { ...p, at, along: way, length: far };
  // A leaf that falls to a place sets out above it: square to its fall, so that the two together end there.
  const fall = clamp(falls * k, -far * MOST_FALL, far * MOST_FALL);
  const side = Math.sign(fall);
  const on = unit(way);
  const up = unit(add(z, on, -dot(z, on)));
  const sin = fall / far;
  const cos = Math.sqrt(1 - sin * sin);
  const along: Vec = add([on[0] * cos, on[1] * cos, on[2] * cos], up, sin);
  const length = far * cos;
  return {
    ...p,
    at,
    along,
    face: [0, 1, 2].map((i) => side * ((along[i] ?? 0) * length - (way[i] ?? 0))) as unknown as Vec,
    length,
    width: p.width * Math.sqrt(k),
    droop: fall,
  };
}

/**
 * A leaf falls no further than this share of the way to its tip. Working figure: beyond it there is no leaf
 * left to fall.
 */
const MOST_FALL = 0.9;

/** How far it is stretched now: where the last round went too far, half of the way back, so that it does not swing. */
const settled = (by: number, last: number): number => ((by - 1) * (last - 1) < 0 ? Math.sqrt(by) : by);

/** Draws a plant and makes it as tall and as wide as it has grown. Habits draw by eye; the season says how big. */
export function fitted(draw: (s: Sprig) => void): (s: Sprig) => void {
  return (s) => {
    let pieces: Piece[] = [];
    draw({ ...s, put: (p) => void pieces.push(p) });
    if (pieces.length === 0) return;
    let last = { wide: 1, tall: 1 };
    for (let i = 0; i < ROUNDS; i += 1) {
      const is = extentOf(pieces, s.base);
      const [wide, tall] = [s.grown.spreadMm / is.spreadMm, s.grown.heightMm / is.heightMm];
      if (Math.abs(wide - 1) < NEAR && Math.abs(tall - 1) < NEAR) break;
      pieces = pieces.map((p) => stretched(p, s.base, settled(wide, last.wide), settled(tall, last.tall)));
      last = { wide, tall };
    }
    for (const p of pieces) s.put(p);
  };
}
