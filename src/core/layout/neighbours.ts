import { clamp } from '../units/number';

interface Point {
  xMm: number;
  yMm: number;
}

const CELLS = 30;

/**
 * Shared edge between plants on the plan, as shares that add to 1: the soil is divided among its nearest plants
 * (a Voronoi diagram on a grid of CELLS × CELLS) and borders are counted. Keyed `i,j` with i < j.
 */
export function sharedEdges(points: readonly Point[], radiusMm: number): Map<string, number> {
  const edges = new Map<string, number>();
  if (points.length < 2) return edges;
  const owner = new Int16Array(CELLS * CELLS).fill(-1);
  for (let row = 0; row < CELLS; row += 1) {
    for (let col = 0; col < CELLS; col += 1) {
      const x = ((col + 0.5) / CELLS) * 2 - 1;
      const y = ((row + 0.5) / CELLS) * 2 - 1;
      if (x * x + y * y <= 1) owner[row * CELLS + col] = nearest(points, x * radiusMm, y * radiusMm);
    }
  }
  let total = 0;
  const border = (a: number, b: number) => {
    if (a < 0 || b < 0 || a === b) return;
    const key = a < b ? `${a},${b}` : `${b},${a}`;
    edges.set(key, (edges.get(key) ?? 0) + 1);
    total += 1;
  };
  for (let row = 0; row < CELLS; row += 1) {
    for (let col = 0; col < CELLS; col += 1) {
      const here = owner[row * CELLS + col] ?? -1;
      if (col + 1 < CELLS) border(here, owner[row * CELLS + col + 1] ?? -1);
      if (row + 1 < CELLS) border(here, owner[(row + 1) * CELLS + col] ?? -1);
    }
  }
  for (const [k, v] of edges) edges.set(k, v / clamp(total, 1, Infinity));
  return edges;
}

function nearest(points: readonly Point[], x: number, y: number): number {
  let best = -1;
  let least = Infinity;
  points.forEach((p, i) => {
    const d = (p.xMm - x) ** 2 + (p.yMm - y) ** 2;
    if (d < least) [least, best] = [d, i];
  });
  return best;
}
