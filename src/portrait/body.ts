import { BufferAttribute, type BufferGeometry, CircleGeometry, Color, Group, LatheGeometry, type Material, Mesh, MeshLambertMaterial, MeshPhongMaterial, Vector2 } from 'three';
import { headspaceMm } from '@/core/containers';
import type { Material as PotMaterial } from '@/core/containers/materials';
import { MATERIALS } from '@/core/containers/materials';
import type { Container } from '@/core/containers/schema';
import { shapeOf } from '@/core/containers/shapes';

const SIDES = 72;

/** Outline of the wall from the foot up, over the rim and down inside to the soil; mm, rim at 0. */
function outline(c: Container): Vector2[] {
  const s = shapeOf(c.shape);
  const depth = s.depthMm(c.shape);
  const wall = MATERIALS[c.material].wallMm;
  const r = (below: number) => s.radiusMm(c.shape, below) + wall;
  const lip = c.material === 'metal' || c.material === 'plastic' ? 3 : 7;
  const band = Math.min(46, depth * 0.14);
  const foot = depth + wall * 0.8;
  const points: [number, number][] = [[0, -foot], [r(depth) - 6, -foot], [r(depth), -foot + 5]];
  for (let i = 1; i <= 8; i += 1) {
    const below = depth + (band - depth) * (i / 8);
    // A glazed or thrown pot swells a little; a straight-sided one does not.
    const belly = c.material === 'glazed' || c.material === 'terracotta' ? Math.sin((i / 8) * Math.PI) * r(below) * 0.018 : 0;
    points.push([r(below) + belly, -below]);
  }
  points.push([r(band) + lip * 0.4, -band + 2], [r(band * 0.9) + lip, -band + 7], [r(4) + lip, -5], [r(0) + lip - 2, 0.5], [r(0) - 1, 2], [r(0) - wall, 0], [r(headspaceMm(c)) - wall, -headspaceMm(c)]);
  return points.map(([x, y]) => new Vector2(x, y));
}

/** Darkens toward the foot and into the corner under the rim, and lets the colour break a little, as fired clay does. */
function bake(g: BufferGeometry, depth: number, hex: string, material: PotMaterial): void {
  const p = g.getAttribute('position');
  const base = new Color(hex);
  const out = new Float32Array(p.count * 3);
  const grain = material === 'terracotta' || material === 'concrete' ? 0.07 : material === 'timber' ? 0.1 : 0.02;
  for (let i = 0; i < p.count; i += 1) {
    const y = p.getY(i);
    const t = Math.min(1, Math.max(0, -y / depth));
    const a = Math.atan2(p.getZ(i), p.getX(i));
    const speckle = Math.sin(a * 13.7 + y * 0.21) * Math.sin(a * 5.3 - y * 0.043) * grain;
    const underLip = -y > 6 && -y < depth * 0.3 ? 1 - 0.2 * Math.exp(-((-y - depth * 0.15) ** 2) / 500) : 1;
    const k = (1.04 - 0.34 * t * t) * underLip * (1 + speckle);
    out.set([base.r * k, base.g * k, base.b * k], i * 3);
  }
  g.setAttribute('color', new BufferAttribute(out, 3));
}

const coat = (material: PotMaterial): Material =>
  material === 'glazed'
    ? new MeshPhongMaterial({ vertexColors: true, shininess: 70, specular: new Color('#5d6f6c') })
    : material === 'metal'
      ? new MeshPhongMaterial({ vertexColors: true, shininess: 30, specular: new Color('#4a4f50') })
      : new MeshLambertMaterial({ vertexColors: true });

/** The container and its soil, to scale, rim at y = 0. */
export function createBody(c: Container): { group: Group; dispose: () => void } {
  const s = shapeOf(c.shape);
  const depth = s.depthMm(c.shape);
  const wall = new LatheGeometry(outline(c), SIDES);
  bake(wall, depth, c.colour, c.material);
  const soil = new CircleGeometry(s.radiusMm(c.shape, headspaceMm(c)), 40);
  soil.rotateX(-Math.PI / 2);
  soil.translate(0, -headspaceMm(c), 0);
  const skins = [coat(c.material), new MeshLambertMaterial({ color: '#3a2c22' })] as const;
  const group = new Group();
  [new Mesh(wall, skins[0]), new Mesh(soil, skins[1])].forEach((m) => {
    m.castShadow = true;
    m.receiveShadow = true;
    group.add(m);
  });
  return {
    group,
    dispose: () => {
      wall.dispose();
      soil.dispose();
      skins.forEach((m) => m.dispose());
    },
  };
}

/** How far the foot stands under the rim, mm. */
export const footMm = (c: Container): number => shapeOf(c.shape).depthMm(c.shape) + MATERIALS[c.material].wallMm * 0.8;
