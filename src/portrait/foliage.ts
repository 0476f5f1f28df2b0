import {
  BufferGeometry,
  CustomBlending,
  DoubleSide,
  Group,
  InstancedBufferAttribute,
  InstancedMesh,
  Mesh,
  MeshLambertMaterial,
  OneFactor,
  ZeroFactor,
} from 'three';
import { LEAF_KINDS, type Instances, type Canopy, type Kind } from '@/core/canopy/kinds';
import { baked } from './baked';
import { geometryOf, paintOf } from './pieces';
import { keptIn } from '@/core/units/keep';
import type { Detail } from './pieces/surface';

/** What is asked of the graphics chip for every leaf and petal. */
const VERTEX_HEAD = `#include <common>
attribute vec2 mixv;
attribute vec3 tintA;
attribute vec3 tintB;
attribute vec2 skin;
#ifdef EACH
  attribute vec3 tintC;
  varying vec3 vTintC;
#endif
uniform float swell;
varying vec3 vTintA;
varying vec3 vTintB;
varying vec3 vMix;
varying float vGloss;`;
const VERTEX_BODY = `#include <begin_vertex>
transformed *= swell;
vTintA = tintA;
vTintB = tintB;
#ifdef EACH
  vTintC = tintC;
#endif
vMix = vec3(mixv, skin.x);
vGloss = skin.y;`;
const FRAGMENT_HEAD = `#include <common>
varying vec3 vTintA;
varying vec3 vTintB;
#ifdef EACH
  varying vec3 vTintC;
#endif
varying vec3 vMix;
varying float vGloss;`;
/**
 * Two colours an instance, mixed by the mesh’s own weights and by what is painted: along the edge, or along
 * the veins; a third for veins where they differ from the edge. The underside of a leaf is paler.
 */
const TINT = `
vec2 second = vMix.xy;
float light = 1.0;
#ifdef USE_MAP
  vec4 painted = texture2D(map, vMapUv);
  second = max(second, painted.xy);
  light = painted.z * 2.0;
  diffuseColor.a = painted.w;
#endif
vec3 tint = mix(vTintA, vTintB, vMix.z > 2.5 ? second.x : vMix.z > 1.5 ? max(second.x, second.y) : mix(second.x, second.y, vMix.z));
#ifdef EACH
  if (vMix.z > 2.5) tint = mix(tint, vTintC, second.y);
#endif
tint *= light;
#ifdef LEAF
  if (!gl_FrontFacing) tint = mix(tint, vec3(dot(tint, vec3(0.3, 0.5, 0.2))) * vec3(1.06, 1.1, 0.98) + 0.015, 0.34);
#endif
diffuseColor.rgb *= tint;`;
/**
 * What the sun does to a leaf: some of it comes through from behind, a shining one has a glint, a felted one
 * is pale where one looks along it.
 */
const SUN = `
#ifdef LEAF
  #define THROUGH vec3(1.1, 1.2, 0.5)
#else
  #define THROUGH vec3(1.0)
#endif
void RE_Direct_Leaf( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
  float facing = dot(geometryNormal, directLight.direction);
  vec3 lit = saturate(facing) * directLight.color * BRDF_Lambert(material.diffuseColor);
  vec3 through = saturate(-facing) * 0.55 * directLight.color * BRDF_Lambert(material.diffuseColor * THROUGH);
  vec3 between = normalize(directLight.direction + geometryViewDir);
  float glint = pow(saturate(dot(geometryNormal, between)), 24.0) * saturate(vGloss) * 0.16;
  float felt = saturate(-vGloss) * 0.22 * pow(1.0 - saturate(dot(geometryNormal, geometryViewDir)), 2.0) * saturate(facing + 0.3);
  reflectedLight.directDiffuse += lit + through + (glint + felt * 0.3) * directLight.color * RECIPROCAL_PI;
}
#undef RE_Direct
#define RE_Direct RE_Direct_Leaf`;

/** A material for every leaf and petal of a kind: with what is painted on it, cut out along its outline. */
function foliageMaterial({ kind, colourC }: Instances, smooth: boolean, swell = { value: 1 }): MeshLambertMaterial {
  const painted = paintOf(kind);
  const m = new MeshLambertMaterial({ side: DoubleSide, map: painted, alphaTest: painted ? CUT : 0 });
  if (painted && smooth) smoothEdged(m);
  m.defines = { ...(LEAVES.has(kind) && { LEAF: '' }), ...(colourC.length > 0 && { EACH: '' }) };
  m.onBeforeCompile = (shader) => {
    shader.uniforms.swell = swell;
    shader.vertexShader = shader.vertexShader
      .replace('#include <common>', VERTEX_HEAD)
      .replace('#include <begin_vertex>', VERTEX_BODY);
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', FRAGMENT_HEAD)
      .replace('#include <map_fragment>', TINT)
      .replace('#include <lights_lambert_pars_fragment>', `#include <lights_lambert_pars_fragment>${SUN}`);
  };
  return m;
}

/**
 * Its outline takes as much of a pixel as lies in it, where edges are smoothed at all; what is behind it
 * stays opaque.
 */
function smoothEdged(m: MeshLambertMaterial): void {
  m.alphaTest = SMOOTH_CUT;
  m.alphaToCoverage = true;
  m.blending = CustomBlending;
  [m.blendSrc, m.blendDst, m.blendSrcAlpha, m.blendDstAlpha] = [OneFactor, ZeroFactor, OneFactor, OneFactor];
}

const LEAVES: ReadonlySet<Kind> = new Set(LEAF_KINDS);

/** Less than this of a pixel of a painted tile, and nothing is there. */
const CUT = 0.5;
/** Where edges are smoothed they begin here, so that in their middle they lie where they are cut otherwise. By eye. */
const SMOOTH_CUT = 0.3;

export interface Foliage {
  group: Group;
  /** Fades every plant but these; null shows all. */
  light: (owners: ReadonlySet<number> | null) => void;
  /**
   * Shows only this share of the pieces, a fair sample of each kind, each the larger for it; as cards that
   * take no shadow while they are seen in passing.
   */
  thin: (share: number, inPassing?: boolean) => void;
  /** Lets only this share of what is shown throw a shadow. */
  shade: (share: number) => void;
  dispose: () => void;
}

/** Few pieces are drawn this much larger at the most, so that a plant keeps its mass. Working figure by eye. */
const MOST_SWELL = 1.9;
/** Of a kind of which there are so few each is seen, and as long as it is: none is left out. Working figure. */
const FEW = 240;
const GOLDEN = 0.618034;

/**
 * Whether the pieces of a kind are drawn larger where few of them are. A stem never: it would stand over what
 * it bears.
 */
const swells = ({ kind, count }: Instances): boolean => count > FEW && kind !== 'stem';

/** The same pieces in an order of which any beginning is a fair sample. */
export function mixed(b: Instances): Instances {
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
    colourC: b.colourC.length > 0 ? pick(b.colourC, 3) : b.colourC,
    veined: pick(b.veined, 1),
    gloss: pick(b.gloss, 1),
    owner: Uint16Array.from(order, (i) => b.owner[i] ?? 0),
  };
}

/**
 * Meshes for a canopy, one draw call a kind; in few faces a piece where it is seen from far; with edges as
 * smooth as the picture's samples make them, or cut.
 */
export function createFoliage(canopy: Canopy, detail: Detail = 'near', smooth = true): Foliage {
  const group = new Group();
  const swell = { value: 1 };
  const parts = canopy.batches.map(mixed).map((b) => {
    const shapes = shapesOf(b);
    const passing = new Mesh(new BufferGeometry(), foliageMaterial(b, false));
    passing.visible = false;
    passing.frustumCulled = false;
    const material = foliageMaterial(b, smooth, swells(b) ? swell : undefined);
    return { batch: b, shapes, passing, mesh: meshOf(b, shapes.of(detail), material) };
  });
  for (const p of parts) group.add(p.mesh, p.passing);
  const countOf = (b: Instances, share: number) =>
    b.count > FEW ? Math.ceil(b.count * Math.min(1, share / canopy.share)) : b.count;
  const swellOf = (share: number) => Math.min(MOST_SWELL, 1 / Math.sqrt(share));
  /** The share that is shown as cards; null while none are. */
  let cards: number | null = null;
  /** So many cards, in the colours they have now. */
  const bake = (share: number) => {
    for (const { batch: b, shapes, passing } of parts) {
      passing.geometry.dispose();
      passing.geometry = baked(shapes.of('card'), b.matrices, countOf(b, share), swells(b) ? swellOf(share) : 1);
    }
  };
  return {
    group,
    light: (owners) => {
      for (const { batch, mesh } of parts) {
        tint(mesh, 'tintA', batch.colourA, batch.owner, owners);
        tint(mesh, 'tintB', batch.colourB, batch.owner, owners);
        if (batch.colourC.length > 0) tint(mesh, 'tintC', batch.colourC, batch.owner, owners);
      }
      if (cards !== null) bake(cards);
    },
    thin: (share, inPassing = false) => {
      swell.value = swellOf(share);
      for (const { batch, mesh } of parts) mesh.count = countOf(batch, share);
      if (inPassing && cards !== share) bake(share);
      cards = inPassing ? share : null;
      for (const { mesh, passing } of parts) [mesh.visible, passing.visible] = [!inPassing, inPassing];
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
      for (const { mesh, shapes, passing } of parts) {
        shapes.dispose();
        passing.geometry.dispose();
        for (const m of [mesh, passing]) m.material.dispose();
        mesh.dispose();
      }
    },
  };
}

/** The shapes of a batch in each detail, built when they are asked for: all of the same colours and skin. */
function shapesOf(b: Instances): { of: (detail: Detail) => BufferGeometry; dispose: () => void } {
  const skin = new Float32Array(b.count * 2);
  for (let i = 0; i < b.count; i += 1) skin.set([b.veined[i] ?? 0, b.gloss[i] ?? 0], i * 2);
  const own = {
    tintA: new InstancedBufferAttribute(b.colourA.slice(), 3),
    tintB: new InstancedBufferAttribute(b.colourB.slice(), 3),
    ...(b.colourC.length > 0 && { tintC: new InstancedBufferAttribute(b.colourC.slice(), 3) }),
    skin: new InstancedBufferAttribute(skin, 2),
  };
  const made = new Map<Detail, BufferGeometry>();
  const build = (detail: Detail) => {
    const geometry = geometryOf(b.kind, detail).clone();
    for (const [name, attribute] of Object.entries(own)) geometry.setAttribute(name, attribute);
    return geometry;
  };
  return {
    of: (detail) => keptIn(made, detail, () => build(detail)),
    dispose: () => made.forEach((g) => g.dispose()),
  };
}

function meshOf(
  b: Instances,
  geometry: BufferGeometry,
  material: MeshLambertMaterial,
): InstancedMesh<BufferGeometry, MeshLambertMaterial> {
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
