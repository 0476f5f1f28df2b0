import {
  BufferAttribute,
  type BufferGeometry,
  Color,
  DoubleSide,
  Group,
  LineLoop,
  type Material,
  Mesh,
  MeshLambertMaterial,
  MeshPhongMaterial,
} from 'three';
import { headspaceMm } from '@/core/containers';
import type { Material as PotMaterial } from '@/core/containers/materials';
import { MATERIALS } from '@/core/containers/materials';
import { footMm } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { shapeOf } from '@/core/containers/shapes';
import { fittingsOf } from './fittings';
import { divided, face, loft, offset, type Level } from './loft';

/** Turns of the wall between foot and rim. */
const TURNS = 26;
/** Outlines with fewer corners than this have straight sides. */
const CORNERS = 26;

const isThrown = (m: PotMaterial): boolean => m === 'glazed' || m === 'terracotta';

/** The wall from the foot up, over the rim and down inside to the soil; mm, rim at 0. */
function wallOf(c: Container): Level[] {
  const s = shapeOf(c.shape);
  const depth = s.depthMm(c.shape);
  const wall = MATERIALS[c.material].wallMm;
  const soft = s.family === 'basket' || s.family === 'bowl';
  const lip =
    c.material === 'metal' || c.material === 'plastic' || c.material === 'fibre' ? 3 : c.material === 'coir' ? 4 : 7;
  const band = c.material === 'timber' || soft || c.material === 'coir' ? 0 : Math.min(46, depth * 0.14);
  const foot = depth + wall * 0.8;
  const ring = (below: number, out: number) => divided(offset(s.ring(c.shape, below), out));
  const levels: Level[] = [];
  for (let i = 0; i <= TURNS; i += 1) {
    // Rounded bowls turn fastest at the foot.
    const t = soft ? Math.sin((i / TURNS) * (Math.PI / 2)) : i / TURNS;
    const below = Math.min(depth * 0.9995, depth * (1 - t));
    const y = -foot * (1 - t);
    // A glazed or thrown pot swells a little; a straight-sided one does not.
    const belly = isThrown(c.material) && c.shape.kind === 'round' ? Math.sin(t * Math.PI) * c.shape.topMm * 0.008 : 0;
    const rolled = -y < band ? lip : -y < band + 4 ? lip * 0.4 : 0;
    levels.push({ ring: ring(below, wall + belly + rolled), y });
  }
  const rim: [number, number, number][] = [
    [0, wall + (band > 0 ? lip : 0), 1],
    [0, wall, 2],
    [0, 1, 2],
    [0, 0, 0],
    [headspaceMm(c), 0, -headspaceMm(c)],
  ];
  return [...levels, ...rim.map(([below, out, y]): Level => ({ ring: ring(below, out), y }))];
}

/** Darkens toward the foot and into the corner under the rim, and lets the colour break a little, as fired clay does. */
function bake(g: BufferGeometry, depth: number, hex: string, material: PotMaterial): void {
  const p = g.getAttribute('position');
  const base = new Color(hex);
  const out = new Float32Array(p.count * 3);
  const grain =
    material === 'terracotta' || material === 'concrete'
      ? 0.07
      : material === 'timber' || material === 'coir'
        ? 0.12
        : 0.02;
  for (let i = 0; i < p.count; i += 1) {
    const y = p.getY(i);
    const t = Math.min(1, Math.max(0, -y / depth));
    const a = Math.atan2(p.getZ(i), p.getX(i));
    const speckle = Math.sin(a * 13.7 + y * 0.21) * Math.sin(a * 5.3 - y * 0.043) * grain;
    const underLip =
      -y > 6 && -y < depth * 0.3 && material !== 'timber' && material !== 'coir'
        ? 1 - 0.2 * Math.exp(-((-y - depth * 0.15) ** 2) / 500)
        : 1;
    // Boards lie one on another with a dark line between.
    const board = material === 'timber' && Math.abs(((-y / 92) % 1) - 0.5) > 0.44 ? 0.72 : 1;
    const k = (1.04 - 0.34 * t * t) * underLip * board * (1 + speckle);
    out.set([base.r * k, base.g * k, base.b * k], i * 3);
  }
  g.setAttribute('color', new BufferAttribute(out, 3));
}

const coat = (material: PotMaterial): Material =>
  material === 'glazed'
    ? new MeshPhongMaterial({ vertexColors: true, shininess: 70, specular: new Color('#5d6f6c') })
    : material === 'metal'
      ? new MeshPhongMaterial({ vertexColors: true, shininess: 30, specular: new Color('#4a4f50') })
      : new MeshLambertMaterial({ vertexColors: true, side: DoubleSide });

/** The container, what holds it and its soil, to scale, rim at y = 0. */
export function createBody(c: Container): { group: Group; dispose: () => void } {
  const s = shapeOf(c.shape);
  const head = headspaceMm(c);
  const sharp = s.ring(c.shape, 0).length < CORNERS;
  const wall = loft(wallOf(c), sharp);
  bake(wall, s.depthMm(c.shape), c.colour, c.material);
  const soil = face(s.ring(c.shape, head), -head);
  const skins = [coat(c.material), new MeshLambertMaterial({ color: '#3a2c22' })] as const;
  const group = new Group();
  [new Mesh(wall, skins[0]), new Mesh(soil, skins[1])].forEach((m) => {
    m.castShadow = true;
    m.receiveShadow = true;
    group.add(m);
  });
  group.add(fittingsOf(c, footMm(c)));
  return {
    group,
    dispose: () =>
      group.traverse((o) => {
        if (!(o instanceof Mesh || o instanceof LineLoop)) return;
        (o.geometry as BufferGeometry).dispose();
        (o.material as Material).dispose();
      }),
  };
}
