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
  type Texture,
} from 'three';
import { headspaceMm } from '@/core/containers';
import type { Material as PotMaterial } from '@/core/containers/materials';
import { MATERIALS } from '@/core/containers/materials';
import { footMm } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { shapeOf } from '@/core/containers/shapes';
import { fittingPieces, isBarrel } from './fittings';
import { divided, face, loft, offset, type LoftLevel } from './loft';
import { surfaceOf, type PotSkin } from './surfaces';

/**
 * Turns of the wall between foot and rim; and while it is turned by hand, when of its outline only every
 * second point counts.
 */
const TURNS = 26;
const FEW_TURNS = 5;
const EVERY = 2;
/** Outlines with fewer corners than this have straight sides. */
const CORNERS = 26;

const isThrown = (m: PotMaterial): boolean => m === 'glazed' || m === 'terracotta';

/** The wall from the foot up, over the rim and down inside to the soil; mm, rim at 0. */
function wallOf(c: Container, turns: number, every: number): LoftLevel[] {
  const s = shapeOf(c.shape);
  const depth = s.depthMm(c.shape);
  const wall = MATERIALS[c.material].wallMm;
  const soft = s.family === 'basket' || s.family === 'bowl';
  const lip =
    c.material === 'metal' || c.material === 'plastic' || c.material === 'fibre' ? 3 : c.material === 'coir' ? 4 : 7;
  const band = c.material === 'timber' || soft || c.material === 'coir' ? 0 : Math.min(46, depth * 0.14);
  const foot = depth + wall * 0.8;
  const ring = (below: number, out: number) => {
    const whole = divided(offset(s.ring(c.shape, below), out));
    return whole.length % every === 0 ? whole.filter((_, i) => i % every === 0) : whole;
  };
  const levels: LoftLevel[] = [];
  for (let i = 0; i <= turns; i += 1) {
    // Rounded bowls turn fastest at the foot.
    const t = soft ? Math.sin((i / turns) * (Math.PI / 2)) : i / turns;
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
  return [...levels, ...rim.map(([below, out, y]): LoftLevel => ({ ring: ring(below, out), y }))];
}

/**
 * What the outside of a container of a material and a shape is like: round timber is a barrel of staves,
 * other timber is planked.
 */
function skinOf(c: Container): PotSkin {
  const skins: Record<PotMaterial, PotSkin> = {
    terracotta: 'clay',
    glazed: 'glaze',
    concrete: 'stone',
    timber: isBarrel(c) ? 'staves' : 'planks',
    metal: 'zinc',
    fibre: 'smooth',
    plastic: 'smooth',
    coir: 'fibres',
  };
  return skins[c.material];
}

/** Bare clay under a glaze. */
const BISCUIT = new Color('#a9765a');
/** Salts that come out of fired clay, and lime. */
const SALTS = new Color('#ddd3c6');

/**
 * Darkens toward the foot and into the corner under the rim; clay blooms with salts, a glaze runs and leaves
 * the foot bare.
 */
function bake(g: BufferGeometry, depth: number, hex: string, material: PotMaterial): void {
  const p = g.getAttribute('position');
  const base = new Color(hex);
  const c = new Color();
  const out = new Float32Array(p.count * 3);
  for (let i = 0; i < p.count; i += 1) {
    const y = p.getY(i);
    const t = Math.min(1, Math.max(0, -y / depth));
    const a = Math.atan2(p.getZ(i), p.getX(i));
    const cloud = 0.5 + 0.5 * Math.sin(a * 3.1 + 1.3 * Math.sin(a * 2 + y * 0.011)) * Math.sin(y * 0.021 + a * 1.7);
    const underLip =
      -y > 6 && -y < depth * 0.3 && material !== 'timber' && material !== 'coir'
        ? 1 - 0.2 * Math.exp(-((-y - depth * 0.15) ** 2) / 500)
        : 1;
    c.copy(base);
    if (material === 'terracotta') c.lerp(SALTS, 0.3 * cloud * cloud * (0.35 + 0.65 * t));
    if (material === 'glazed') {
      const runs = 0.94 + 0.035 * Math.sin(a * 9) + 0.02 * Math.sin(a * 23 + 1);
      // Thin over the rim, pooled below, and bare at the foot.
      c.multiplyScalar(y > -10 ? 1.22 : 1.05 - 0.22 * t);
      if (t > runs) c.copy(BISCUIT);
    }
    const k = (1.04 - 0.3 * t * t) * underLip;
    out.set([c.r * k, c.g * k, c.b * k], i * 3);
  }
  g.setAttribute('color', new BufferAttribute(out, 3));
}

function coat(material: PotMaterial, map: Texture): Material {
  if (material === 'glazed')
    return new MeshPhongMaterial({ vertexColors: true, map, shininess: 70, specular: new Color('#5d6f6c') });
  if (material === 'metal')
    return new MeshPhongMaterial({ vertexColors: true, map, shininess: 26, specular: new Color('#4a4f50') });
  return new MeshLambertMaterial({ vertexColors: true, map, side: DoubleSide });
}

export interface Body {
  group: Group;
  /** Draws its wall in few faces, while it is turned by hand. */
  plainly: (on: boolean) => void;
  dispose: () => void;
}

/** The container, what holds it and its soil, to scale, rim at y = 0. */
export function createBody(c: Container): Body {
  const s = shapeOf(c.shape);
  const head = headspaceMm(c);
  const sharp = s.ring(c.shape, 0).length < CORNERS;
  const { texture, ...tile } = surfaceOf(skinOf(c));
  const built = (turns: number, every: number) => {
    const g = loft(wallOf(c, turns, every), sharp, tile);
    bake(g, s.depthMm(c.shape), c.colour, c.material);
    return g;
  };
  const wall = built(TURNS, 1);
  let plain: BufferGeometry | null = null;
  const soil = face(s.ring(c.shape, head), -head);
  const skins = [coat(c.material, texture), new MeshLambertMaterial({ color: '#3a2c22' })] as const;
  const group = new Group();
  const outside = new Mesh(wall, skins[0]);
  [outside, new Mesh(soil, skins[1])].forEach((m) => {
    m.castShadow = true;
    m.receiveShadow = true;
    group.add(m);
  });
  group.add(fittingPieces(c, footMm(c)));
  return {
    group,
    plainly: (on) => {
      outside.geometry = on ? (plain ??= built(FEW_TURNS, EVERY)) : wall;
    },
    dispose: () => {
      texture.dispose();
      for (const g of [wall, plain]) g?.dispose();
      group.traverse((o) => {
        if (!(o instanceof Mesh || o instanceof LineLoop)) return;
        (o.geometry as BufferGeometry).dispose();
        (o.material as Material).dispose();
      });
    },
  };
}
