import { headspaceMm, SOIL_BUFFER_MM } from '../containers';
import { clearOf } from '../containers/outline';
import type { Container } from '../containers/schema';
import { shapeOf } from '../containers/shapes';
import { keptBy, keptIn } from '../units/keep';

interface Point {
  xMm: number;
  yMm: number;
}

/** Two plants that meet on the plan, by index, and the share of all borders that is theirs. */
interface Edge {
  i: number;
  j: number;
  share: number;
}

const CELLS = 24;

/** The soil on which plants meet, as square cells: about 24 × 24 of them over its extents. */
export interface Ground {
  cols: number;
  rows: number;
  /** The cells that lie on the soil: index (row × cols + col) and middle, mm. */
  cells: { k: number; x: number; y: number }[];
}

/** Cells over an outline given by half its extents and whether a point lies in it. */
export function groundIn(halfWideMm: number, halfDeepMm: number, has: (x: number, y: number) => boolean): Ground {
  const stretch = Math.sqrt(halfWideMm / Math.max(1, halfDeepMm));
  const cols = Math.max(4, Math.round(CELLS * stretch));
  const rows = Math.max(4, Math.round(CELLS / stretch));
  const cells = Array.from({ length: cols * rows }, (_, k) => ({
    k,
    x: ((((k % cols) + 0.5) / cols) * 2 - 1) * halfWideMm,
    y: (((Math.floor(k / cols) + 0.5) / rows) * 2 - 1) * halfDeepMm,
  }));
  return { cols, rows, cells: cells.filter((c) => has(c.x, c.y)) };
}

const grounds = new WeakMap<Container, Ground>();

/** The planting outline of a container as ground. Kept by container. */
export function groundOf(c: Container): Ground {
  const known = grounds.get(c);
  if (known) return known;
  const head = headspaceMm(c);
  const { wide, deep } = shapeOf(c.shape).extentsMm(c.shape, head);
  const made = groundIn(
    wide / 2 - SOIL_BUFFER_MM,
    deep / 2 - SOIL_BUFFER_MM,
    (x, y) => clearOf(c.shape, head, x, y).mm >= SOIL_BUFFER_MM,
  );
  grounds.set(c, made);
  return made;
}

/**
 * Shared edges between plants on the plan; shares add to 1. The soil is divided among its nearest plants (a Voronoi
 * diagram on a grid of square cells) and borders between cells are counted.
 */
export function sharedEdges(points: readonly Point[], ground: Ground): readonly Edge[] {
  if (points.length < 2) return [];
  const known = edges(ground);
  if (known.size >= KEPT_MOST) known.clear();
  return keptIn(known, points.map((p) => `${p.xMm},${p.yMm}`).join(' '), () => edgesBetween(points, ground));
}

/** What was found of the same places already: other kinds come to stand in them again and again. */
const edges = keptBy((_: Ground) => new Map<string, readonly Edge[]>());
const KEPT_MOST = 512;

function edgesBetween(points: readonly Point[], ground: Ground): Edge[] {
  const n = points.length;
  const { cols, rows } = ground;
  const owner = new Int16Array(cols * rows).fill(-1);
  for (const { k, x, y } of ground.cells) owner[k] = nearest(points, x, y);
  const borders = new Uint16Array(n * n);
  let total = 0;
  const border = (a: number, b: number) => {
    if (a < 0 || b < 0 || a === b) return;
    const k = Math.min(a, b) * n + Math.max(a, b);
    borders[k] = (borders[k] ?? 0) + 1;
    total += 1;
  };
  for (let k = 0; k < owner.length; k += 1) {
    const here = owner[k] ?? -1;
    if ((k + 1) % cols !== 0) border(here, owner[k + 1] ?? -1);
    if (k + cols < owner.length) border(here, owner[k + cols] ?? -1);
  }
  const found: Edge[] = [];
  borders.forEach((count, k) => {
    if (count > 0) found.push({ i: Math.floor(k / n), j: k % n, share: count / total });
  });
  return found;
}

function nearest(points: readonly Point[], x: number, y: number): number {
  let best = -1;
  let least = Infinity;
  for (let i = 0; i < points.length; i += 1) {
    const p = points[i] as Point;
    const d = (p.xMm - x) * (p.xMm - x) + (p.yMm - y) * (p.yMm - y);
    if (d < least) {
      least = d;
      best = i;
    }
  }
  return best;
}
