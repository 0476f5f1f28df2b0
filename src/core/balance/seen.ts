import { halfLeastMm } from '../containers/outline';
import type { Grown } from '../growth/grown';
import { HABITS } from '../plants/habits';
import type { NearWall } from '../growth/light';
import type { Planting } from '../plantings/schema';
import { oneSided } from '../spots/light';

/** What is seen of one plant, mean over the views that count, mm². */
export interface Seen {
  /** Above the rim, and hanging below it. */
  aboveMm2: number;
  belowMm2: number;
  /** All it would show if nothing stood before it. */
  wholeMm2: number;
  /** Of its upper half above the rim: what is seen, and what there is. */
  crownMm2: number;
  crownWholeMm2: number;
  /** Sum of seen area × sideways distance from the middle in the front view, mm³. */
  momentMm3: number;
}

const CELL = 30;
const COLS = 60;
const ROWS = 80;
const FLOOR = -800;

/** Views that count: the front alone against a wall, else four sides. */
const anglesOf = (planting: Planting): number[] =>
  oneSided(planting.spot) ? [0] : [0, Math.PI / 2, Math.PI, -Math.PI / 2];

/** What shows through each cell of a view: one sheet that is wiped for each. */
const clear = new Float32Array(COLS * ROWS);

/** Draws every plant as its outline in each view, nearest first, and counts what is left to see of each. */
export function seenFrom(planting: Planting, placed: readonly NearWall[], grown: readonly Grown[]): Seen[] {
  const out: Seen[] = placed.map(() => ({
    aboveMm2: 0,
    belowMm2: 0,
    wholeMm2: 0,
    crownMm2: 0,
    crownWholeMm2: 0,
    momentMm3: 0,
  }));
  const angles = anglesOf(planting);
  const { shape } = planting.container;
  const inner = halfLeastMm(shape);
  for (const angle of angles) {
    clear.fill(1);
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    const order = placed
      .map((p, i) => ({ i, u: p.xMm * cos - p.yMm * sin, near: p.xMm * sin + p.yMm * cos }))
      .sort((a, b) => b.near - a.near);
    for (const { i, u, near } of order) {
      const p = placed[i] as NearWall;
      const g = grown[i] as Grown;
      if (!g.alive) continue;
      const { solid, outline } = HABITS[p.plant.habit];
      const s = out[i] as Seen;
      const share = 1 / angles.length;
      const track = angle === 0 ? s : null;
      // A trailer leaves the rim over the nearest wall.
      if (g.trailMm > 20 && (p.nx * sin + p.ny * cos > -0.35 || Math.abs(near) < 0.35 * inner)) {
        const lean = u + (p.nx * cos - p.ny * sin) * p.wallMm;
        s.belowMm2 += share * paint(lean, g.spreadMm * 0.4, -g.trailMm, 0, solid, () => 1, s, share, track);
      }
      s.aboveMm2 += share * paint(u, g.spreadMm / 2, 0, g.heightMm, solid, outline, s, share, track);
    }
  }
  return out;
}

function paint(
  u: number,
  half: number,
  from: number,
  to: number,
  solid: number,
  width: (t: number) => number,
  s: Seen,
  share: number,
  track: Seen | null,
): number {
  const cell = solid * CELL * CELL;
  const left = 1 - solid;
  let [seen, whole, crown, crownWhole, moment] = [0, 0, 0, 0, 0];
  const row0 = Math.max(0, Math.floor((from - FLOOR) / CELL));
  const row1 = Math.min(ROWS - 1, Math.floor((to - FLOOR) / CELL));
  for (let row = row0; row <= row1; row += 1) {
    const z = FLOOR + (row + 0.5) * CELL;
    const w = half * width(Math.min(1, Math.max(0, (z - from) / (to - from || 1))));
    const col0 = Math.max(0, Math.round((u - w) / CELL + COLS / 2));
    const col1 = Math.min(COLS - 1, Math.round((u + w) / CELL + COLS / 2) - 1);
    if (col1 < col0) continue;
    let here = 0;
    for (let col = col0, k = row * COLS + col0; col <= col1; col += 1, k += 1) {
      const free = clear[k] as number;
      here += free;
      moment += free * (col + 0.5 - COLS / 2);
      clear[k] = free * left;
    }
    seen += here;
    whole += col1 - col0 + 1;
    if (to > 0 && z > to / 2) {
      crown += here;
      crownWhole += col1 - col0 + 1;
    }
  }
  s.wholeMm2 += share * whole * cell;
  s.crownMm2 += share * crown * cell;
  s.crownWholeMm2 += share * crownWhole * cell;
  if (track) track.momentMm3 += moment * cell * CELL;
  return seen * cell;
}

/** Seen area in all, mm². */
export const seenArea = (s: Seen): number => s.aboveMm2 + s.belowMm2;
