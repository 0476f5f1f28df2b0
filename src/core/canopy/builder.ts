import { clamp } from '../units/number';
import type { Instances, Canopy, Kind } from './kinds';
import { pieceWays, type Piece, type Seconds } from './piece';
import { add, unit, type Vec } from './vector';

export interface Builder {
  put: (piece: Piece) => void;
  /** The canopy, or a fair sample of this share of its pieces, shaded as in the whole. */
  finish: (share?: number) => Canopy;
}

/** As a batch has it. */
const VEINED: Record<Seconds, number> = { edge: 0, veins: 1, both: 2, each: 3 };

const VOXEL = 42;
/** How fast light dies away through leaves in the occlusion pass; set by eye against foliage in the open. */
const DIM = 0.42;
const RAYS: Vec[] = [
  [0, 1, 0],
  [0.8, 0.6, 0],
  [-0.8, 0.6, 0],
  [0, 0.6, 0.8],
  [0, 0.6, -0.8],
  [0.6, 0.1, 0.8],
  [-0.6, 0.1, 0.8],
];

/** Gathers pieces, then darkens each by the leaf area between it and the sky. */
export function createBuilder(): Builder {
  const pieces: Piece[] = [];
  return { put: (p) => pieces.push(p), finish: (share = 1) => finish(pieces, share) };
}

/** Steps of the golden ratio fall evenly between nought and one, wherever they are cut off. */
const GOLDEN = 0.618034;

function finish(pieces: readonly Piece[], share: number): Canopy {
  const density = densityOf(pieces);
  const byKind = new Map<Kind, Piece[]>();
  for (const p of pieces) {
    const list = byKind.get(p.kind);
    if (list) list.push(p);
    else byKind.set(p.kind, [p]);
  }
  let [top, bottom, reach] = [0, 0, 0];
  for (const p of pieces) {
    const tip = add(p.at, unit(p.along), p.length);
    top = Math.max(top, p.at[1], tip[1]);
    bottom = Math.min(bottom, p.at[1], tip[1]);
    reach = Math.max(reach, Math.hypot(tip[0], tip[2]));
  }
  const sample = (list: readonly Piece[]) => (share < 1 ? list.filter((_, i) => (i * GOLDEN) % 1 < share) : list);
  const batches = [...byKind].map(([kind, list]) => batchOf(kind, sample(list), density));
  return { batches, share, top, bottom, reach };
}

function batchOf(kind: Kind, list: readonly Piece[], density: Density): Instances {
  const n = list.length;
  const out: Instances = {
    kind,
    count: n,
    matrices: new Float32Array(n * 16),
    colourA: new Float32Array(n * 3),
    colourB: new Float32Array(n * 3),
    colourC: new Float32Array(list.some((p) => p.c) ? n * 3 : 0),
    veined: new Float32Array(n),
    gloss: new Float32Array(n),
    owner: new Uint16Array(n),
  };
  list.forEach((p, i) => {
    const { x, y, z } = pieceWays(p);
    out.matrices.set(
      [
        x[0] * p.width,
        x[1] * p.width,
        x[2] * p.width,
        0,
        y[0] * p.length,
        y[1] * p.length,
        y[2] * p.length,
        0,
        z[0] * p.droop,
        z[1] * p.droop,
        z[2] * p.droop,
        0,
        p.at[0],
        p.at[1],
        p.at[2],
        1,
      ],
      i * 16,
    );
    const glow = p.glow ?? 0;
    const light = glow + (1 - glow) * openness(density, add(p.at, y, p.length * 0.55));
    for (let k = 0; k < 3; k += 1) {
      // Depth is not only darker but a little cooler, as skylight is.
      const tint = [1, 1.0, 1.04][k] ?? 1;
      const f = light * (1 + (1 - light) * (tint - 1));
      out.colourA[i * 3 + k] = (p.a[k] ?? 0) * f;
      out.colourB[i * 3 + k] = (p.b[k] ?? 0) * f;
      if (out.colourC.length > 0) out.colourC[i * 3 + k] = ((p.c ?? p.b)[k] ?? 0) * f;
    }
    out.veined[i] = VEINED[p.seconds ?? 'edge'];
    out.gloss[i] = p.gloss ?? 0;
    out.owner[i] = p.owner;
  });
  return out;
}

/** Leaf area in each cell of the room the pieces stand in. */
interface Density {
  cells: Float32Array;
  /** The lowest cell along each axis, and how many there are. */
  from: Vec;
  many: Vec;
}

const cellOf = (mm: number): number => Math.floor(mm / VOXEL);

/** The index of a cell, or −1 for one where nothing stands. */
function indexIn({ from, many }: Density, x: number, y: number, z: number): number {
  const [i, j, k] = [cellOf(x) - from[0], cellOf(y) - from[1], cellOf(z) - from[2]];
  if (i < 0 || j < 0 || k < 0 || i >= many[0] || j >= many[1] || k >= many[2]) return -1;
  return (i * many[1] + j) * many[2] + k;
}

function densityOf(pieces: readonly Piece[]): Density {
  const least: [number, number, number] = [Infinity, Infinity, Infinity];
  const most: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const p of pieces) {
    const tip = add(p.at, unit(p.along), p.length);
    for (let axis = 0; axis < 3; axis += 1) {
      const [a, b] = [cellOf(p.at[axis] ?? 0), cellOf(tip[axis] ?? 0)];
      least[axis] = Math.min(least[axis] ?? a, a, b);
      most[axis] = Math.max(most[axis] ?? a, a, b);
    }
  }
  const many: Vec = [most[0] - least[0] + 1, most[1] - least[1] + 1, most[2] - least[2] + 1];
  const density: Density = {
    cells: new Float32Array(pieces.length > 0 ? many[0] * many[1] * many[2] : 0),
    from: least,
    many,
  };
  for (const p of pieces) {
    if (p.kind === 'lump') continue;
    // A long leaf shades all along itself, not in one place.
    const steps = Math.max(1, Math.ceil(p.length / VOXEL));
    const y = unit(p.along);
    const each = (p.length * p.width * 0.5) / (VOXEL * VOXEL) / steps;
    for (let i = 0; i < steps; i += 1) {
      const mid = add(p.at, y, (p.length * (i + 0.5)) / steps);
      const k = indexIn(density, mid[0], mid[1], mid[2]);
      density.cells[k] = (density.cells[k] ?? 0) + each;
    }
  }
  return density;
}

/** Share of skylight that reaches a point, 0.24–1. */
function openness(density: Density, at: Vec): number {
  let total = 0;
  for (const ray of RAYS) {
    let depth = 0;
    for (let step = 1; step <= 4; step += 1)
      depth +=
        density.cells[
          indexIn(density, at[0] + ray[0] * step * VOXEL, at[1] + ray[1] * step * VOXEL, at[2] + ray[2] * step * VOXEL)
        ] ?? 0;
    total += Math.exp(-DIM * depth);
  }
  const own = density.cells[indexIn(density, at[0], at[1], at[2])] ?? 0;
  return clamp(0.2 + (total / RAYS.length) * 0.95 * Math.exp(-0.05 * own), 0.24, 1);
}
