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

/**
 * Shared edges between plants on the plan; shares add to 1. The soil is divided among its nearest plants (a Voronoi
 * diagram on a grid of CELLS × CELLS) and borders between cells are counted.
 */
export function sharedEdges(points: readonly Point[], radiusMm: number): Edge[] {
  const n = points.length;
  if (n < 2) return [];
  const owner = new Int16Array(CELLS * CELLS).fill(-1);
  for (let row = 0; row < CELLS; row += 1) {
    for (let col = 0; col < CELLS; col += 1) {
      const x = ((col + 0.5) / CELLS) * 2 - 1;
      const y = ((row + 0.5) / CELLS) * 2 - 1;
      if (x * x + y * y <= 1) owner[row * CELLS + col] = nearest(points, x * radiusMm, y * radiusMm);
    }
  }
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
    if ((k + 1) % CELLS !== 0) border(here, owner[k + 1] ?? -1);
    if (k + CELLS < owner.length) border(here, owner[k + CELLS] ?? -1);
  }
  const edges: Edge[] = [];
  borders.forEach((count, k) => {
    if (count > 0) edges.push({ i: Math.floor(k / n), j: k % n, share: count / total });
  });
  return edges;
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
