import {
  type BufferGeometry,
  DoubleSide,
  Group,
  InstancedBufferAttribute,
  InstancedMesh,
  MeshLambertMaterial,
} from 'three';
import type { Batch, Canopy, Kind } from '@/core/canopy/kinds';
import { flowers } from './geometry/flowers';
import { leaves } from './geometry/leaves';
import type { Detail } from './geometry/shape';

const BUILD: Record<Kind, (detail: Detail) => BufferGeometry> = { ...leaves, ...flowers };
const built = new Map<string, BufferGeometry>();

/** The shape of a kind, built once for each detail. */
export function geometryOf(kind: Kind, detail: Detail): BufferGeometry {
  const key = `${kind}/${detail}`;
  const known = built.get(key);
  if (known) return known;
  const made = BUILD[kind](detail);
  built.set(key, made);
  return made;
}

/** One material for every leaf and petal: two colours an instance, mixed by the mesh's own edge and vein weights. */
function foliageMaterial(swell: { value: number }): MeshLambertMaterial {
  const m = new MeshLambertMaterial({ side: DoubleSide });
  m.onBeforeCompile = (shader) => {
    shader.uniforms.swell = swell;
    shader.vertexShader = shader.vertexShader
      .replace(
        '#include <common>',
        '#include <common>\nattribute vec2 mixv;\nattribute vec3 tintA;\nattribute vec3 tintB;\nattribute float veined;\nuniform float swell;\nvarying vec3 vTint;',
      )
      .replace(
        '#include <begin_vertex>',
        '#include <begin_vertex>\ntransformed *= swell;\nvTint = mix(tintA, tintB, mix(mixv.x, mixv.y, veined));',
      );
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', '#include <common>\nvarying vec3 vTint;')
      .replace('#include <color_fragment>', '#include <color_fragment>\ndiffuseColor.rgb *= vTint;');
  };
  return m;
}

export interface Foliage {
  group: Group;
  /** Fades every plant but these; null shows all. */
  light: (owners: ReadonlySet<number> | null) => void;
  /** Shows only this share of the pieces, a fair sample of each kind, each the larger for it. */
  thin: (share: number) => void;
  /** Lets only this share of what is shown throw a shadow. */
  shade: (share: number) => void;
  dispose: () => void;
}

/** Few pieces are drawn this much larger at the most, so that a plant keeps its mass. Working figure by eye. */
const MOST_SWELL = 2.2;
/** Of a kind of which there are so few each is seen, and as long as it is: none is left out. Working figure. */
const FEW = 240;
const GOLDEN = 0.618034;

/** The same pieces in an order of which any beginning is a fair sample. */
export function mixed(b: Batch): Batch {
  const order = Array.from({ length: b.count }, (_, i) => i).sort((i, k) => ((i * GOLDEN) % 1) - ((k * GOLDEN) % 1));
  const pick = (from: Float32Array, n: number) => {
    const out = new Float32Array(from.length);
    order.forEach((i, to) => out.set(from.subarray(i * n, i * n + n), to * n));
    return out;
  };
  return {
    ...b,
    matrices: pick(b.matrices, 16),
    colourA: pick(b.colourA, 3),
    colourB: pick(b.colourB, 3),
    veined: pick(b.veined, 1),
    owner: Uint16Array.from(order, (i) => b.owner[i] ?? 0),
  };
}

/** Meshes for a canopy, one draw call a kind; in few faces a piece where it is seen from far. */
export function createFoliage(canopy: Canopy, detail: Detail = 'near'): Foliage {
  const group = new Group();
  const swell = { value: 1 };
  const material = foliageMaterial(swell);
  const whole = foliageMaterial({ value: 1 });
  const parts = canopy.batches
    .map(mixed)
    .map((b) => ({ batch: b, mesh: meshOf(b, b.count > FEW ? material : whole, detail) }));
  for (const p of parts) group.add(p.mesh);
  return {
    group,
    light: (owners) => {
      for (const { batch, mesh } of parts) {
        tint(mesh, 'tintA', batch.colourA, batch.owner, owners);
        tint(mesh, 'tintB', batch.colourB, batch.owner, owners);
      }
    },
    thin: (share) => {
      swell.value = Math.min(MOST_SWELL, 1 / Math.sqrt(share));
      for (const { batch, mesh } of parts)
        if (batch.count > FEW) mesh.count = Math.ceil(batch.count * Math.min(1, share / canopy.share));
    },
    shade: (share) => {
      for (const { mesh } of parts) {
        let whole = mesh.count;
        mesh.onBeforeShadow = () => {
          whole = mesh.count;
          mesh.count = Math.ceil(whole * share);
        };
        mesh.onAfterShadow = () => {
          mesh.count = whole;
        };
      }
    },
    dispose: () => {
      for (const { mesh } of parts) {
        mesh.geometry.dispose();
        mesh.dispose();
      }
      material.dispose();
      whole.dispose();
    },
  };
}

function meshOf(b: Batch, material: MeshLambertMaterial, detail: Detail): InstancedMesh {
  const geometry = geometryOf(b.kind, detail).clone();
  geometry.setAttribute('tintA', new InstancedBufferAttribute(b.colourA.slice(), 3));
  geometry.setAttribute('tintB', new InstancedBufferAttribute(b.colourB.slice(), 3));
  geometry.setAttribute('veined', new InstancedBufferAttribute(b.veined, 1));
  const mesh = new InstancedMesh(geometry, material, b.count);
  mesh.instanceMatrix = new InstancedBufferAttribute(b.matrices, 16);
  mesh.castShadow = true;
  mesh.receiveShadow = true;
  mesh.frustumCulled = false;
  return mesh;
}

const PALE = [0.62, 0.66, 0.63] as const;
const FADE = 0.78;

function tint(
  mesh: InstancedMesh,
  name: string,
  from: Float32Array,
  owner: Uint16Array,
  owners: ReadonlySet<number> | null,
): void {
  const attribute = mesh.geometry.getAttribute(name);
  for (let i = 0; i < owner.length; i += 1) {
    const k = owners && !owners.has(owner[i] ?? 0) ? FADE : 0;
    const grey = 0.3 * (from[i * 3] ?? 0) + 0.5 * (from[i * 3 + 1] ?? 0) + 0.2 * (from[i * 3 + 2] ?? 0);
    attribute.setXYZ(
      i,
      fade(from[i * 3], grey, PALE[0], k),
      fade(from[i * 3 + 1], grey, PALE[1], k),
      fade(from[i * 3 + 2], grey, PALE[2], k),
    );
  }
  attribute.needsUpdate = true;
}

const fade = (c: number | undefined, grey: number, pale: number, k: number): number =>
  (c ?? 0) * (1 - k) + (grey * 0.5 + pale * 0.32) * k;
