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
import { MATERIALS } from '@/core/containers/materials';
import { feetMm, handleMm, hookMm, legsMm, rimOf, rimPoints } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { shapeOf } from '@/core/containers/shapes';
import { loft, offset } from './loft';

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

/** Round timber is coopered: staves held by hoops. */
export const isBarrel = (c: Container): boolean =>
  c.material === 'timber' && (c.shape.kind === 'round' || c.shape.kind === 'oval');

/**
 * Hoops lie at these shares of its depth, so wide, mm, and a little proud of the staves. Working figures: a
 * half-barrel.
 */
const HOOPS = [0.1, 0.3, 0.82] as const;
const HOOP_MM = 34;
const PROUD_MM = 2.5;

function hoops(c: Container, skin: MeshLambertMaterial): Mesh[] {
  const s = shapeOf(c.shape);
  const depth = s.depthMm(c.shape);
  const out = MATERIALS[c.material].wallMm + PROUD_MM;
  return HOOPS.map((t) => {
    const [from, to] = [depth * t - HOOP_MM / 2, depth * t + HOOP_MM / 2];
    const at = (below: number) => ({ ring: offset(s.ring(c.shape, below), out), y: -below });
    const m = new Mesh(loft([at(to), at(from)], false), skin);
    m.receiveShadow = true;
    return m;
  });
}

/**
 * A wheel before, two handles behind and two legs, in proportion to the tray: so high, wide and long as
 * barrows are. Working figures.
 */
const WHEEL = { radius: 190, wide: 70 };

/**
 * What makes an old tray a barrow: its wheel to the right, its handles to the left. `foot` is how far its
 * base lies under the rim.
 */
function barrow(c: Container, foot: number, ground: number, iron: MeshLambertMaterial): Mesh[] {
  const { wide, deep } = rimOf(c.shape);
  const wood = new MeshLambertMaterial({ color: '#7a6248' });
  const rubber = new MeshLambertMaterial({ color: '#2e3231' });
  const radius = Math.min(WHEEL.radius, ground * 0.62);
  const wheel = new Mesh(new TorusGeometry(radius - 22, 22, 8, 28), rubber);
  wheel.position.set(wide / 2 + radius * 0.7, radius - ground, 0);
  const hub = new Mesh(new CylinderGeometry(18, 18, WHEEL.wide * 2, 10), iron);
  hub.rotation.x = Math.PI / 2;
  hub.position.copy(wheel.position);
  const spokes = [0, 1, 2, 3].map((k) => {
    const a = (k / 4) * Math.PI;
    const reach = new Vector3(Math.cos(a), Math.sin(a), 0).multiplyScalar(radius - 26);
    return rod(wheel.position.clone().sub(reach), wheel.position.clone().add(reach), 4, iron);
  });
  const sides = [-1, 1].flatMap((to) => {
    const z = to * deep * 0.36;
    const grip = new Vector3(-wide / 2 - handleMm(c), -foot * 0.2, to * deep * 0.46);
    const under = new Vector3(-wide * 0.2, -foot - 8, z);
    const axle = new Vector3(wheel.position.x, wheel.position.y, to * WHEEL.wide);
    const leg = new Vector3(-wide * 0.3, -ground, z * 1.15);
    return [
      rod(grip, under, 17, wood),
      rod(under, axle, 15, wood),
      rod(under, leg, 11, iron),
      rod(leg, new Vector3(-wide * 0.02, -foot - 8, z), 9, iron),
    ];
  });
  return [wheel, hub, ...spokes, ...sides];
}

/**
 * What keeps a container up or holds it together: chains and hook, sill, rail and brackets, wire. `foot` is
 * how far its base lies under the rim.
 */
export function fittingPieces(c: Container, foot: number): Group {
  const group = new Group();
  const iron = new MeshLambertMaterial({ color: IRON });
  const { wide, deep } = rimOf(c.shape);
  if (feetMm(c) > 0 && legsMm(c) === 0) group.add(...feet(c, foot));
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
  if (isBarrel(c)) group.add(...hoops(c, iron));
  if (legsMm(c) > 0) group.add(...barrow(c, foot - legsMm(c), foot, iron));
  group.traverse((o) => {
    if (o instanceof Mesh) o.castShadow = true;
  });
  return group;
}
