import { isFlower, isOpen, STANDING_KINDS, HUNG_KINDS, type Kind } from './kinds';
import { pieceWays, type Piece } from './piece';
import { dot, toward, unit, cross, UP, type Vec } from './vector';

/** What has as much to show from every side: it is measured by its width wherever one looks from. */
const ROUND: ReadonlySet<Kind> = new Set([
  ...HUNG_KINDS,
  ...STANDING_KINDS,
  'spikelet',
  'bud',
  'berry',
  'lump',
  'stem',
  'barrel',
]);

/**
 * A piece of a plant is looked at on a sheet of so many cells to a side. Working figure: a small flower is a
 * few cells.
 */
const CELLS = 72;
/** From the front, and from one side as one looks down on a pot. */
const LOOKS: readonly Vec[] = [toward(Math.PI / 2, 0.16), toward(0.4, 0.45)];
/** Flowers fill so much of the ellipse round them, leaves so much. By their outlines. */
const FILLS = { flower: 0.95, leaf: 0.86, spray: 0.5 };
/** What carries many leaves on one stem has air between them. */
const SPRAYS: ReadonlySet<Kind> = new Set(['feather', 'frond', 'shoot', 'coins', 'needles', 'scales']);

/**
 * Nothing but a stem is drawn thinner than this share of a cell to either side. Working figure: between the
 * lines nothing is lost.
 */
const THINNEST = 0.42;

/**
 * What is seen of a plant by itself from one side: cells of flower and cells of leaf. Supports and stems
 * count as what is behind them.
 */
function lookedAt(pieces: readonly Piece[], eye: Vec): { flower: number; leaf: number } {
  const right = unit(cross(UP, eye));
  const up = cross(eye, right);
  const flat = (v: Vec): readonly [number, number, number] => [dot(v, right), dot(v, up), dot(v, eye)];
  const placed = pieces.map((p) => {
    const w = pieceWays(p);
    const flower = isFlower(p.kind);
    const middled = isOpen(p.kind);
    const k = Math.sqrt(FILLS[flower ? 'flower' : SPRAYS.has(p.kind) ? 'spray' : 'leaf']) / 2;
    const [y, x] = [flat(w.y), flat(w.x)];
    const round = ROUND.has(p.kind);
    const foot = flat(p.at);
    const mid: readonly [number, number, number] = middled
      ? foot
      : [foot[0] + (y[0] * p.length) / 2, foot[1] + (y[1] * p.length) / 2, foot[2] + (y[2] * p.length) / 2];
    const a: readonly [number, number] = [y[0] * p.length * k, y[1] * p.length * k];
    const long = Math.hypot(...a);
    // A round thing is as wide as it is, square to the way it lies on the sheet.
    const b: readonly [number, number] = round
      ? long > 1e-6
        ? [(-a[1] / long) * p.width * k, (a[0] / long) * p.width * k]
        : [p.width * k, 0]
      : [x[0] * p.width * k, x[1] * p.width * k];
    const full: readonly [number, number] = round && long < p.width * k ? [-b[1], b[0]] : a;
    return { mid, a: full, b, flower, bare: p.kind === 'stem' };
  });
  const reach = placed.reduce((m, p) => Math.max(m, Math.abs(p.mid[0]), Math.abs(p.mid[1])), 1) * 1.05;
  const cell = (2 * reach) / CELLS;
  const depth = new Float32Array(CELLS * CELLS).fill(-Infinity);
  const what = new Uint8Array(CELLS * CELLS);
  for (const { mid, a, b: thin, flower, bare } of placed) {
    // What is thinner than a cell is seen where it passes.
    const wide = Math.hypot(...thin);
    const k = bare || wide < 1e-6 ? 1 : Math.max(1, (cell * THINNEST) / wide);
    const b = [thin[0] * k, thin[1] * k] as const;
    const det = a[0] * b[1] - a[1] * b[0];
    if (Math.abs(det) < cell * cell * 0.002) continue;
    const [hx, hy] = [Math.hypot(a[0], b[0]), Math.hypot(a[1], b[1])];
    const [x0, x1] = [Math.floor((mid[0] - hx + reach) / cell), Math.ceil((mid[0] + hx + reach) / cell)];
    const [y0, y1] = [Math.floor((mid[1] - hy + reach) / cell), Math.ceil((mid[1] + hy + reach) / cell)];
    for (let i = Math.max(0, x0); i < Math.min(CELLS, x1); i += 1)
      for (let j = Math.max(0, y0); j < Math.min(CELLS, y1); j += 1) {
        const [dx, dy] = [(i + 0.5) * cell - reach - mid[0], (j + 0.5) * cell - reach - mid[1]];
        const [s, t] = [(dx * b[1] - dy * b[0]) / det, (a[0] * dy - a[1] * dx) / det];
        if (s * s + t * t > 1) continue;
        const k = i * CELLS + j;
        if ((depth[k] ?? 0) >= mid[2]) continue;
        depth[k] = mid[2];
        what[k] = flower ? 2 : 1;
      }
  }
  let [flower, leaf] = [0, 0];
  for (const w of what) {
    if (w === 2) flower += 1;
    else if (w === 1) leaf += 1;
  }
  return { flower, leaf };
}

/**
 * Share of what is seen of a plant standing by itself that is flower, over what is seen from two sides; 0
 * where nothing is.
 */
export function flowerSeen(pieces: readonly Piece[]): number {
  let [flower, all] = [0, 0];
  for (const eye of LOOKS) {
    const seen = lookedAt(pieces, eye);
    flower += seen.flower;
    all += seen.flower + seen.leaf;
  }
  return all > 0 ? flower / all : 0;
}
