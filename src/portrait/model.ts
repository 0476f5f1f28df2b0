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
import type { Batch, Canopy } from '@/core/canopy/kinds';
import type { Container } from '@/core/containers/schema';
import { createBody } from './body';
import { geometryOf } from './pieces';

/** glTF counts in metres. */
const METRES = 0.001;

/** One plant’s leaves and flowers being put together: positions in mm, faces, and colours in linear light. */
interface Gathered {
  positions: number[];
  colours: number[];
  faces: number[];
}

/** Lays the pieces of a batch into the plants they belong to. */
function gather(b: Batch, into: Map<number, Gathered>): void {
  const shape = geometryOf(b.kind, 'far');
  const [at, mix] = [shape.getAttribute('position'), shape.getAttribute('mixv')];
  const index = [...(shape.getIndex()?.array ?? [])];
  const [matrix, point] = [new Matrix4(), new Vector3()];
  for (let i = 0; i < b.count; i += 1) {
    const owner = b.owner[i] ?? 0;
    const g = into.get(owner) ?? { positions: [], colours: [], faces: [] };
    into.set(owner, g);
    const from = g.positions.length / 3;
    matrix.fromArray(b.matrices, i * 16);
    const veined = b.veined[i] ?? 0;
    for (let v = 0; v < at.count; v += 1) {
      point.fromBufferAttribute(at, v).applyMatrix4(matrix);
      g.positions.push(point.x, point.y, point.z);
      const k = mix.getX(v) * (1 - veined) + mix.getY(v) * veined;
      for (const c of [0, 1, 2])
        g.colours.push((b.colourA[i * 3 + c] ?? 0) * (1 - k) + (b.colourB[i * 3 + c] ?? 0) * k);
    }
    for (const f of index) g.faces.push(from + f);
  }
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

function meshOf(name: string, { positions, colours, faces }: Gathered): Mesh {
  const g = new BufferGeometry();
  g.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3));
  g.setAttribute('color', new BufferAttribute(new Float32Array(colours), 3));
  g.setIndex(faces);
  g.computeVertexNormals();
  unitNormals(g);
  const skin = new MeshStandardMaterial({ name, vertexColors: true, roughness: 0.8, metalness: 0, side: DoubleSide });
  const mesh = new Mesh(g, skin);
  mesh.name = name;
  return mesh;
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

/** A container with what grows in it as a scene in metres, foot to tip up, each plant a mesh of its own by its name. */
export function modelScene(container: Container, canopy: Canopy, names: readonly string[]): Group {
  const root = new Group();
  root.name = 'Planting';
  root.scale.setScalar(METRES);
  const { group } = createBody(container);
  group.name = 'Container';
  plainSkins(group, 'Container');
  root.add(group);
  const plants = new Map<number, Gathered>();
  for (const b of canopy.batches) gather(b, plants);
  for (const [owner, made] of plants) root.add(meshOf(names[owner] ?? `Plant ${owner + 1}`, made));
  return root;
}

/** The same as a binary glTF 2.0 file. */
export async function modelFile(container: Container, canopy: Canopy, names: readonly string[]): Promise<Blob> {
  const made = await new GLTFExporter().parseAsync(modelScene(container, canopy, names), { binary: true });
  if (!(made instanceof ArrayBuffer)) throw new Error('The model could not be written.');
  return new Blob([made], { type: 'model/gltf-binary' });
}
