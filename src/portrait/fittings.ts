import {
  BoxGeometry,
  BufferGeometry,
  CylinderGeometry,
  Group,
  LineBasicMaterial,
  LineLoop,
  Mesh,
  MeshLambertMaterial,
  TorusGeometry,
  Vector3,
} from 'three';
import { feetMm, hookMm, rimOf, rimPoints } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { shapeOf } from '@/core/containers/shapes';

const IRON = '#3b4243';
const STONE = '#b9b6aa';

/** A rod between two points. */
export function rod(from: Vector3, to: Vector3, thick: number, skin: MeshLambertMaterial): Mesh {
  const along = new Vector3().subVectors(to, from);
  const m = new Mesh(new CylinderGeometry(thick, thick, along.length(), 6), skin);
  m.position.copy(from).addScaledVector(along, 0.5);
  m.quaternion.setFromUnitVectors(new Vector3(0, 1, 0), along.normalize());
  return m;
}

function chains(c: Container, skin: MeshLambertMaterial): Mesh[] {
  const rim = rimPoints(c.shape);
  const top = new Vector3(0, hookMm(c), 0);
  const ring = new Mesh(new TorusGeometry(13, 3, 6, 16), skin);
  ring.position.set(0, hookMm(c) + 12, 0);
  return [
    ...[0.08, 0.415, 0.75]
      .map((t) => rim[Math.floor(t * rim.length)])
      .flatMap((p) => (p ? [rod(new Vector3(p.x, 0, p.y), top, 2.4, skin)] : [])),
    ring,
  ];
}

function slab(wide: number, tall: number, deep: number, y: number, z: number, colour: string): Mesh {
  const m = new Mesh(new BoxGeometry(wide, tall, deep), new MeshLambertMaterial({ color: colour }));
  m.position.set(0, y, z);
  return m;
}

/** Two bars behind a rail box and the brackets that carry it. */
function rail(c: Container, foot: number, skin: MeshLambertMaterial): Mesh[] {
  const { wide, deep } = rimOf(c.shape);
  const back = -deep / 2 - 34;
  const half = wide / 2 + 180;
  const bars = [8, -foot * 0.55].map((y) => rod(new Vector3(-half, y, back), new Vector3(half, y, back), 11, skin));
  const arms = [-0.3, 0.3].flatMap((t) => [
    rod(new Vector3(t * wide, 12, back), new Vector3(t * wide, -foot, -deep / 2), 6, skin),
    rod(new Vector3(t * wide, -foot - 4, -deep / 2), new Vector3(t * wide, -foot - 4, deep / 2), 6, skin),
  ]);
  return [...bars, ...arms];
}

/** The wire frame over a coir lining. */
function wires(c: Container): LineLoop[] {
  const s = shapeOf(c.shape);
  const depth = s.depthMm(c.shape);
  const ink = new LineBasicMaterial({ color: IRON });
  return [0, 0.3, 0.55, 0.78, 0.94].map(
    (t) =>
      new LineLoop(
        new BufferGeometry().setFromPoints(
          s.ring(c.shape, depth * t).map((p) => new Vector3(p.x * 1.05, -depth * t, p.y * 1.05)),
        ),
        ink,
      ),
  );
}

/** Feet under the base, a little in from its edge. */
function feet(c: Container, foot: number): Mesh[] {
  const s = shapeOf(c.shape);
  const tall = feetMm(c);
  const ring = s.ring(c.shape, s.depthMm(c.shape) * 0.96);
  const clay = new MeshLambertMaterial({
    color: c.material === 'glazed' || c.material === 'terracotta' ? '#a0664a' : '#5b5f5c',
  });
  return [0.125, 0.375, 0.625, 0.875].flatMap((t) => {
    const p = ring[Math.floor(t * ring.length)];
    if (!p) return [];
    const m = new Mesh(new CylinderGeometry(tall * 0.8, tall * 0.62, tall, 12), clay);
    m.position.set(p.x * 0.86, tall / 2 - foot, p.y * 0.86);
    return [m];
  });
}

/** What keeps a container up or holds it together: chains and hook, sill, rail and brackets, wire. `foot` is how far its base lies under the rim. */
export function fittingsOf(c: Container, foot: number): Group {
  const group = new Group();
  const iron = new MeshLambertMaterial({ color: IRON });
  const { wide, deep } = rimOf(c.shape);
  if (feetMm(c) > 0) group.add(...feet(c, foot));
  if (c.mount === 'hook') group.add(...chains(c, iron));
  if (c.mount === 'sill') group.add(slab(wide + 190, 46, deep + 70, -foot - 23, -12, STONE));
  if (c.mount === 'rail') group.add(...rail(c, foot, iron));
  if (c.mount === 'wall' && !shapeOf(c.shape).backless)
    group.add(
      ...[-0.3, 0.3].map((t) =>
        rod(new Vector3(t * wide, -foot - 4, -deep / 2 - 30), new Vector3(t * wide, -foot - 4, deep / 2), 7, iron),
      ),
    );
  if (c.material === 'coir') group.add(...wires(c));
  group.traverse((o) => {
    if (o instanceof Mesh) o.castShadow = true;
  });
  return group;
}
