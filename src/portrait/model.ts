import {
  BufferAttribute,
  BufferGeometry,
  Color,
  DoubleSide,
  Group,
  Matrix4,
  Mesh,
  MeshStandardMaterial,
  type Object3D,
  Vector3,
} from 'three';
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js';
import type { Instances, Canopy, Kind } from '@/core/canopy/kinds';
import type { Container } from '@/core/containers/schema';
import { createBody } from './body';
import { geometryOf, PIECES } from './pieces';
import { secondAt } from './pieces/piece';
import { pictureOf, PLAIN } from './pieces/paint';

/** glTF counts in metres. */
const METRES = 0.001;

/**
 * One plant’s leaves or flowers of a kind being put together: positions in mm, faces, places on the tile, and
 * colours in linear light.
 */
interface Gathered {
  positions: number[];
  colours: number[];
  tiles: number[];
  faces: number[];
}

/** Lays the pieces of a batch into the plants they belong to. */
function gather(b: Instances): Map<number, Gathered> {
  const into = new Map<number, Gathered>();
  const shape = geometryOf(b.kind, 'far');
  const [at, mix, uv] = [shape.getAttribute('position'), shape.getAttribute('mixv'), shape.getAttribute('uv')];
  const index = [...(shape.getIndex()?.array ?? [])];
  const paint = PIECES[b.kind].painted;
  // Where the tile is painted its second colour is told at the corners.
  const seconds = Array.from({ length: at.count }, (_, v) => {
    const [across, along] = [uv.getX(v) * 2 - 1, uv.getY(v)];
    const t = paint?.paint(across * 0.9, paint.round ? (along * 2 - 1) * 0.9 : along);
    return [Math.max(mix.getX(v), t?.edge ?? 0), Math.max(mix.getY(v), t?.vein ?? 0)] as const;
  });
  const room = paint ? 1 / PLAIN : 1;
  const [matrix, point] = [new Matrix4(), new Vector3()];
  for (let i = 0; i < b.count; i += 1) {
    const owner = b.owner[i] ?? 0;
    const g = into.get(owner) ?? { positions: [], colours: [], tiles: [], faces: [] };
    into.set(owner, g);
    const from = g.positions.length / 3;
    matrix.fromArray(b.matrices, i * 16);
    const veined = b.veined[i] ?? 0;
    for (let v = 0; v < at.count; v += 1) {
      point.fromBufferAttribute(at, v).applyMatrix4(matrix);
      g.positions.push(point.x, point.y, point.z);
      g.tiles.push(uv.getX(v), uv.getY(v));
      const [edge, vein] = seconds[v] ?? [0, 0];
      const k = secondAt(veined, edge, vein);
      const third = veined > 2 ? vein : 0;
      for (const c of [0, 1, 2]) {
        const two = (b.colourA[i * 3 + c] ?? 0) * (1 - k) + (b.colourB[i * 3 + c] ?? 0) * k;
        const own = two * (1 - third) + (b.colourC[i * 3 + c] ?? 0) * third;
        // No colour of the format is lighter than white.
        g.colours.push(Math.min(1, own * room));
      }
    }
    for (const f of index) g.faces.push(from + f);
  }
  return into;
}

/** Every normal of length one: faces without area have none, and are given up. */
function unitNormals(g: BufferGeometry): void {
  const n = g.getAttribute('normal');
  const v = new Vector3();
  for (let i = 0; i < n.count; i += 1) {
    v.fromBufferAttribute(n, i);
    if (v.lengthSq() < 1e-12) v.set(0, 1, 0);
    v.normalize();
    n.setXYZ(i, v.x, v.y, v.z);
  }
}

function meshOf(name: string, { positions, colours, tiles, faces }: Gathered, skin: MeshStandardMaterial): Mesh {
  const g = new BufferGeometry();
  g.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3));
  g.setAttribute('color', new BufferAttribute(new Float32Array(colours), 3));
  if (skin.map) g.setAttribute('uv', new BufferAttribute(new Float32Array(tiles), 2));
  g.setIndex(faces);
  g.computeVertexNormals();
  unitNormals(g);
  const mesh = new Mesh(g, skin);
  mesh.name = name;
  return mesh;
}

/** The skin of a kind: its colours are the mesh’s own, its outline and its light what is painted on it. */
function skinOf(kind: Kind): MeshStandardMaterial {
  const { painted } = PIECES[kind];
  return new MeshStandardMaterial({
    name: kind,
    vertexColors: true,
    roughness: 0.8,
    metalness: 0,
    side: DoubleSide,
    ...(painted && { map: pictureOf(painted), alphaTest: 0.5 }),
  });
}

/** The same skins, as glTF knows them. */
function plainSkins(of: Object3D, name: string): void {
  of.traverse((o) => {
    if (!(o instanceof Mesh)) return;
    const was = o.material as { color?: Color; vertexColors?: boolean };
    unitNormals(o.geometry as BufferGeometry);
    o.name = name;
    o.material = new MeshStandardMaterial({
      name,
      color: was.color ?? new Color('#ffffff'),
      vertexColors: was.vertexColors ?? false,
      roughness: 0.7,
      metalness: 0,
      side: DoubleSide,
    });
  });
}

/**
 * A container with what grows in it as a scene in metres, foot to tip up, each plant a group of its own by
 * its name, with a mesh for each kind of leaf and flower.
 */
export function modelScene(container: Container, canopy: Canopy, names: readonly string[]): Group {
  const root = new Group();
  root.name = 'Planting';
  root.scale.setScalar(METRES);
  const { group } = createBody(container);
  group.name = 'Container';
  plainSkins(group, 'Container');
  root.add(group);
  const plants = new Map<number, Group>();
  for (const b of canopy.batches) {
    const skin = skinOf(b.kind);
    for (const [owner, made] of gather(b)) {
      const plant = plants.get(owner) ?? new Group();
      plant.name = names[owner] ?? `Plant ${owner + 1}`;
      plants.set(owner, plant);
      plant.add(meshOf(`${plant.name}: ${b.kind}`, made, skin));
    }
  }
  for (const plant of plants.values()) root.add(plant);
  return root;
}

/** The same as a binary glTF 2.0 file. */
export async function modelFile(container: Container, canopy: Canopy, names: readonly string[]): Promise<Blob> {
  const made = await new GLTFExporter().parseAsync(modelScene(container, canopy, names), { binary: true });
  if (!(made instanceof ArrayBuffer)) throw new Error('The model could not be written.');
  return new Blob([made], { type: 'model/gltf-binary' });
}
