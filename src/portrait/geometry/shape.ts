import { BufferAttribute, BufferGeometry } from 'three';

/** How closely something is looked at: near, or from where a leaf is a few pixels. */
export type Detail = 'near' | 'far';

/** A surface being built: positions, faces, and for each point how much of the second colour it shows (edge, vein). */
export interface Surface {
  point: (x: number, y: number, z: number, edge?: number, vein?: number) => number;
  face: (a: number, b: number, c: number) => void;
  quad: (a: number, b: number, c: number, d: number) => void;
  done: () => BufferGeometry;
}

export function surface(): Surface {
  const positions: number[] = [];
  const mixes: number[] = [];
  const faces: number[] = [];
  const face = (a: number, b: number, c: number): void => void faces.push(a, b, c);
  return {
    point: (x, y, z, edge = 0, vein = edge) => {
      positions.push(x, y, z);
      mixes.push(edge, vein);
      return positions.length / 3 - 1;
    },
    face,
    quad: (a, b, c, d) => {
      face(a, b, c);
      face(a, c, d);
    },
    done: () => {
      const g = new BufferGeometry();
      g.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3));
      g.setAttribute('mixv', new BufferAttribute(new Float32Array(mixes), 2));
      g.setIndex(faces);
      g.computeVertexNormals();
      return g;
    },
  };
}

interface Strip {
  profile: (t: number) => number;
  rows: number;
  across: 2 | 3 | 5;
  fold: number;
  /** Where the second colour begins, from middle (0) to edge (1); five across only. */
  edgeFrom?: number;
  /** Start behind the stalk, as a share of the length. */
  from?: number;
  /** How much of the second colour the very edge has: less where few faces spread it inward. */
  edge?: number;
}

/** A strip along +Y: width by `profile` (0–1 of full), folded up at the edges, falling by y². */
export function strip({ profile, rows, across, fold, edgeFrom = 0.72, from = 0, edge = 1 }: Strip): BufferGeometry {
  const s = surface();
  const columns = { 2: [-1, 1], 3: [-1, 0, 1], 5: [-1, -edgeFrom, 0, edgeFrom, 1] }[across];
  const grid = Array.from({ length: rows + 1 }, (_, r) => {
    const t = r / rows;
    const y = from + t * (1 - from);
    const half = profile(t) / 2;
    return columns.map((u) => {
      const atEdge = Math.abs(u) === 1;
      return s.point(
        u * half,
        y,
        fold * Math.abs(u) * half * 2 - y * y,
        atEdge || r === rows ? edge : 0,
        atEdge ? 0 : u === 0 ? 1 : r % 2 ? 0.45 : 0,
      );
    });
  });
  for (let r = 0; r < rows; r += 1) {
    for (let c = 0; c + 1 < columns.length; c += 1)
      s.quad(grid[r]?.[c] ?? 0, grid[r]?.[c + 1] ?? 0, grid[r + 1]?.[c + 1] ?? 0, grid[r + 1]?.[c] ?? 0);
  }
  return s.done();
}

/** A leaf held by its foot and drawn round (0, ½): an outline in polar form, two rings so that edge and veins are crisp, or one. */
export function disc({
  outline,
  points,
  cup,
  ring = 0.74,
}: {
  outline: (angle: number) => number;
  points: number;
  cup: number;
  /** Where the inner ring lies; none where it is null. */
  ring?: number | null;
}): BufferGeometry {
  const s = surface();
  const at = (angle: number, k: number, edge: number, vein: number) => {
    const r = outline(angle) * 0.5 * k;
    const [x, y] = [Math.sin(angle) * r, 0.5 - Math.cos(angle) * r];
    return s.point(x, y, cup * k * k - y * y * 0.8, edge, vein);
  };
  const centre = s.point(0, 0.5, -0.2, 0, 1);
  if (ring === null) {
    const rim = Array.from({ length: points }, (_, i) => at((i / points) * Math.PI * 2, 1, 0.5, i % 2 ? 0.5 : 0));
    rim.forEach((p, i) => s.face(centre, p, rim[(i + 1) % points] ?? 0));
    return s.done();
  }
  const inner = Array.from({ length: points }, (_, i) => at((i / points) * Math.PI * 2, ring, 0, i % 2 ? 0.7 : 0));
  const outer = Array.from({ length: points }, (_, i) => at((i / points) * Math.PI * 2, 1, 1, 0));
  for (let i = 0; i < points; i += 1) {
    const j = (i + 1) % points;
    s.face(centre, inner[i] ?? 0, inner[j] ?? 0);
    s.quad(inner[i] ?? 0, outer[i] ?? 0, outer[j] ?? 0, inner[j] ?? 0);
  }
  return s.done();
}
