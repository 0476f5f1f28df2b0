import { BufferAttribute, BufferGeometry } from 'three';

/**
 * How closely something is looked at: near, or from where a leaf is a few pixels; as a card in passing, while
 * it is turned.
 */
export type Detail = 'near' | 'far' | 'card';

/**
 * A surface being built: positions, faces, for each point how much of the second colour it shows (edge,
 * vein), and where on its painted tile it lies.
 */
export interface Surface {
  point: (x: number, y: number, z: number, edge?: number, vein?: number, u?: number, v?: number) => number;
  face: (a: number, b: number, c: number) => void;
  quad: (a: number, b: number, c: number, d: number) => void;
  done: () => BufferGeometry;
}

export function surface(): Surface {
  const positions: number[] = [];
  const mixes: number[] = [];
  const tiles: number[] = [];
  const faces: number[] = [];
  const face = (a: number, b: number, c: number): void => void faces.push(a, b, c);
  return {
    point: (x, y, z, edge = 0, vein = edge, u = 0.5, v = 0.5) => {
      positions.push(x, y, z);
      mixes.push(edge, vein);
      tiles.push(u, v);
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
      g.setAttribute('uv', new BufferAttribute(new Float32Array(tiles), 2));
      g.setIndex(faces);
      g.computeVertexNormals();
      return g;
    },
  };
}
