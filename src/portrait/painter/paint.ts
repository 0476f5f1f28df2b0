import {
  type BufferAttribute,
  type BufferGeometry,
  DoubleSide,
  type LineBasicMaterial,
  LineLoop,
  Mesh,
  type MeshLambertMaterial,
  MeshPhongMaterial,
  type Object3D,
  PerspectiveCamera,
  Vector3,
} from 'three';
import { type Instances, type Canopy, type Kind, LEAF_KINDS } from '@/core/canopy/kinds';
import { footMm, rimOf } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { createBody } from '../body';
import { eyeBefore, type Frame, FRONT, LENS } from '../lens';
import { geometryOf, PIECES } from '../pieces';
import { secondAt } from '../pieces/piece';
import type { Detail } from '../pieces/surface';
import { type Eye, lightOn, SUN, THROUGH, WAY } from './light';
import { type Brush, CORNERS_BOTH, paintLine, paintTriangle, type Sheet, sheetOf } from './sheet';
import { levelFor, pieceTile, wallTile } from './tile';

/** A container in a picture: where each point of it comes to lie. */
interface Sight {
  /** Columns of the matrix from mm to pixels and depth. */
  m: Float64Array;
  eye: Eye;
  /** Pixels for a mm in the middle of the picture. */
  perMm: number;
}

const LEAVES: ReadonlySet<Kind> = new Set(LEAF_KINDS);

function sightFrom(container: Container, frame: Frame, azimuth: number, w: number, h: number): Sight {
  const { distance, middle } = eyeBefore(container, frame, FRONT, w / h);
  const camera = new PerspectiveCamera(LENS.fovDeg, w / h, 100, 30000);
  const [sin, cos] = [Math.sin(LENS.elevation), Math.cos(LENS.elevation)];
  camera.position.set(Math.sin(azimuth) * cos * distance, middle + sin * distance, Math.cos(azimuth) * cos * distance);
  camera.lookAt(0, middle, 0);
  camera.updateMatrixWorld();
  const e = camera.projectionMatrix.clone().multiply(camera.matrixWorldInverse).elements;
  const m = new Float64Array(16);
  // From −1…1 to pixels, y down.
  for (let k = 0; k < 4; k += 1) {
    const at = k * 4;
    m[at] = ((e[at] ?? 0) + (e[at + 3] ?? 0)) * (w / 2);
    m[at + 1] = ((e[at + 3] ?? 0) - (e[at + 1] ?? 0)) * (h / 2);
    m[at + 2] = e[at + 2] ?? 0;
    m[at + 3] = e[at + 3] ?? 0;
  }
  const way = camera.position.clone().normalize();
  const perMm = h / (2 * distance * Math.tan((LENS.fovDeg * Math.PI) / 360));
  return { m, eye: { x: way.x, y: way.y, z: way.z }, perMm };
}

/** Writes where a point lies: pixels and depth. */
function seen(out: Float32Array, at: number, m: Float64Array, x: number, y: number, z: number): void {
  const w = (m[3] as number) * x + (m[7] as number) * y + (m[11] as number) * z + (m[15] as number);
  out[at] = ((m[0] as number) * x + (m[4] as number) * y + (m[8] as number) * z + (m[12] as number)) / w;
  out[at + 1] = ((m[1] as number) * x + (m[5] as number) * y + (m[9] as number) * z + (m[13] as number)) / w;
  out[at + 2] = ((m[2] as number) * x + (m[6] as number) * y + (m[10] as number) * z + (m[14] as number)) / w;
}

const numbers = (g: BufferGeometry, name: string): Float32Array =>
  ((g.getAttribute(name) as BufferAttribute | undefined)?.array as Float32Array | undefined) ?? new Float32Array(0);
const facesOf = (g: BufferGeometry, count: number): ArrayLike<number> =>
  g.index?.array ?? Uint32Array.from({ length: count }, (_, i) => i);

/** The underside of a leaf is paler, as the portrait’s. */
const PALE = { by: 0.34, tone: [1.06, 1.1, 0.98], lift: 0.015 } as const;
function underside(c: readonly [number, number, number]): [number, number, number] {
  const grey = 0.3 * c[0] + 0.5 * c[1] + 0.2 * c[2];
  const pale = (k: 0 | 1 | 2) => c[k] + (grey * PALE.tone[k] + PALE.lift - c[k]) * PALE.by;
  return [pale(0), pale(1), pale(2)];
}

/** Paints every leaf or flower of a kind. */
function paintBatch(sheet: Sheet, b: Instances, { m, eye, perMm }: Sight, detail: Detail): void {
  const g = geometryOf(b.kind, detail);
  const [position, normal, uv, mix] = ['position', 'normal', 'uv', 'mixv'].map((name) => numbers(g, name)) as [
    Float32Array,
    Float32Array,
    Float32Array,
    Float32Array,
  ];
  const count = position.length / 3;
  const faces = facesOf(g, count);
  const { painted } = PIECES[b.kind];
  const tile = painted && pieceTile(painted);
  const leaf = LEAVES.has(b.kind);
  const through = leaf ? THROUGH.leaf : THROUGH.petal;
  const corners = new Float32Array(count * CORNERS_BOTH);
  const e = b.matrices;
  for (let n = 0; n < b.count; n += 1) {
    const o = n * 16;
    const e0 = e[o] as number;
    const e1 = e[o + 1] as number;
    const e2 = e[o + 2] as number;
    const e4 = e[o + 4] as number;
    const e5 = e[o + 5] as number;
    const e6 = e[o + 6] as number;
    const e8 = e[o + 8] as number;
    const e9 = e[o + 9] as number;
    const e10 = e[o + 10] as number;
    const e12 = e[o + 12] as number;
    const e13 = e[o + 13] as number;
    const e14 = e[o + 14] as number;
    const veined = b.veined[n] ?? 0;
    const gloss = b.gloss[n] ?? 0;
    // As three.js does for instances: a normal is divided by what its axis is stretched by, squared.
    const s0 = e0 * e0 + e1 * e1 + e2 * e2 || 1;
    const s1 = e4 * e4 + e5 * e5 + e6 * e6 || 1;
    const s2 = e8 * e8 + e9 * e9 + e10 * e10 || 1;
    for (let i = 0; i < count; i += 1) {
      const x = position[i * 3] as number;
      const y = position[i * 3 + 1] as number;
      const z = position[i * 3 + 2] as number;
      const at = i * CORNERS_BOTH;
      seen(
        corners,
        at,
        m,
        e0 * x + e4 * y + e8 * z + e12,
        e1 * x + e5 * y + e9 * z + e13,
        e2 * x + e6 * y + e10 * z + e14,
      );
      corners[at + 3] = uv[i * 2] as number;
      corners[at + 4] = uv[i * 2 + 1] as number;
      const edge = mix[i * 2] as number;
      const vein = mix[i * 2 + 1] as number;
      corners[at + 5] = secondAt(veined, edge, vein);
      const p = (normal[i * 3] as number) / s0;
      const q = (normal[i * 3 + 1] as number) / s1;
      const r = (normal[i * 3 + 2] as number) / s2;
      const nx = e0 * p + e4 * q + e8 * r;
      const ny = e1 * p + e5 * q + e9 * r;
      const nz = e2 * p + e6 * q + e10 * r;
      const long = Math.sqrt(nx * nx + ny * ny + nz * nz) || 1;
      lightOn(corners, at + 6, nx / long, ny / long, nz / long, through, gloss, eye);
      lightOn(corners, at + 10, -nx / long, -ny / long, -nz / long, through, gloss, eye);
    }
    const a = [b.colourA[n * 3] ?? 0, b.colourA[n * 3 + 1] ?? 0, b.colourA[n * 3 + 2] ?? 0] as const;
    const c = [b.colourB[n * 3] ?? 0, b.colourB[n * 3 + 1] ?? 0, b.colourB[n * 3 + 2] ?? 0] as const;
    const level = tile ? levelFor(tile, Math.sqrt(s1) * perMm) : undefined;
    const veins =
      veined > 2 ? ([b.colourC[n * 3] ?? 0, b.colourC[n * 3 + 1] ?? 0, b.colourC[n * 3 + 2] ?? 0] as const) : a;
    const front: Brush = { a, b: c, c: veins, veined, tile: level, glint: SUN };
    const back: Brush = leaf ? { ...front, a: underside(a), b: underside(c), c: underside(veins) } : front;
    paintFaces(sheet, corners, faces, front, back);
  }
}

/** Whether a triangle shows its other side: its corners run clockwise in a picture whose y runs down. */
function turned(c: Float32Array, i: number, j: number, k: number): boolean {
  const ax = c[i] as number;
  const ay = c[i + 1] as number;
  return (
    ((c[j] as number) - ax) * ((c[k + 1] as number) - ay) - ((c[j + 1] as number) - ay) * ((c[k] as number) - ax) > 0
  );
}

function paintFaces(
  sheet: Sheet,
  corners: Float32Array,
  faces: ArrayLike<number>,
  front: Brush,
  back: Brush | null,
): void {
  for (let f = 0; f < faces.length; f += 3) {
    const i = (faces[f] as number) * CORNERS_BOTH;
    const j = (faces[f + 1] as number) * CORNERS_BOTH;
    const k = (faces[f + 2] as number) * CORNERS_BOTH;
    const other = turned(corners, i, j, k);
    const brush = other ? back : front;
    if (brush) paintTriangle(sheet, corners, i, j, k, brush, other);
  }
}

const WHITE = [1, 1, 1] as const;

/** Paints a part of the container: its colours lie on its corners, or it has one. */
function paintMesh(sheet: Sheet, mesh: Mesh, { m, eye, perMm }: Sight): void {
  const material = mesh.material as MeshLambertMaterial | MeshPhongMaterial;
  const g = mesh.geometry;
  const [position, normal, uv] = [numbers(g, 'position'), numbers(g, 'normal'), numbers(g, 'uv')];
  const colours = material.vertexColors ? numbers(g, 'color') : null;
  const count = position.length / 3;
  const corners = new Float32Array(count * CORNERS_BOTH);
  const [at, along] = [new Vector3(), new Vector3()];
  const phong = material instanceof MeshPhongMaterial ? material : null;
  for (let i = 0; i < count; i += 1) {
    const row = i * CORNERS_BOTH;
    at.fromArray(position, i * 3).applyMatrix4(mesh.matrixWorld);
    along.fromArray(normal, i * 3).transformDirection(mesh.matrixWorld);
    seen(corners, row, m, at.x, at.y, at.z);
    corners[row + 3] = uv[i * 2] ?? 0;
    corners[row + 4] = uv[i * 2 + 1] ?? 0;
    lightOn(corners, row + 6, along.x, along.y, along.z, THROUGH.none, 0, eye);
    lightOn(corners, row + 10, -along.x, -along.y, -along.z, THROUGH.none, 0, eye);
    const own = colours ? colours.subarray(i * 3, i * 3 + 3) : material.color.toArray();
    for (let c = 0; c < 3; c += 1) {
      corners[row + 6 + c] = (corners[row + 6 + c] as number) * (own[c] ?? 0);
      corners[row + 10 + c] = (corners[row + 10 + c] as number) * (own[c] ?? 0);
    }
    if (phong) corners[row + 9] = polished(along, phong.shininess, eye);
  }
  const tile = material.map ? wallTile(material.map as never) : null;
  const level = tile ? levelFor(tile, perMm * TILE_MM) : undefined;
  const specular = phong ? phong.specular.toArray() : [0, 0, 0];
  const glint = [0, 1, 2].map((c) => (SUN[c] ?? 0) * (specular[c] ?? 0)) as [number, number, number];
  const brush: Brush = { a: WHITE, b: WHITE, c: WHITE, veined: 0, tile: level, glint };
  paintFaces(sheet, corners, facesOf(g, count), brush, material.side === DoubleSide ? brush : null);
}

/** A tile of a wall is about so wide, mm: near enough to choose its size by. */
const TILE_MM = 450;

/** What a polished surface throws back of the sun, as a share of its own glint (Blinn and Phong). */
function polished(n: Vector3, shininess: number, eye: Eye): number {
  const facing = n.x * WAY[0] + n.y * WAY[1] + n.z * WAY[2];
  if (facing <= 0) return 0;
  const half = new Vector3(WAY[0] + eye.x, WAY[1] + eye.y, WAY[2] + eye.z).normalize();
  return facing * 0.25 * (shininess / 2 + 1) * Math.max(0, n.dot(half)) ** shininess;
}

function paintLoop(sheet: Sheet, loop: LineLoop, { m }: Sight): void {
  const points = numbers(loop.geometry, 'position');
  const count = points.length / 3;
  const row = new Float32Array(count * 3);
  for (let i = 0; i < count; i += 1)
    seen(row, i * 3, m, points[i * 3] ?? 0, points[i * 3 + 1] ?? 0, points[i * 3 + 2] ?? 0);
  const point = (i: number) => [row[i * 3] ?? 0, row[i * 3 + 1] ?? 0, row[i * 3 + 2] ?? 0] as const;
  const [r = 0, g = 0, b = 0] = (loop.material as LineBasicMaterial).color.clone().convertLinearToSRGB().toArray();
  for (let i = 0; i < count; i += 1) paintLine(sheet, point(i), point((i + 1) % count), [r * 255, g * 255, b * 255]);
}

/**
 * The round, soft shade where a container meets the ground: its tone, how dark, and how far it reaches. As
 * the portrait’s.
 */
const SHADE = { tone: [13, 23, 20], dark: 0.34, within: 0.35, reach: 1.55 } as const;

/** Lays the shade under what was painted, where nothing is. */
function shadeUnder({ w, h, rgba }: Sheet, container: Container, { m }: Sight): void {
  const foot = footMm(container);
  const { wide, deep } = rimOf(container.shape);
  const [across, out] = [(wide / 2) * SHADE.reach, (deep / 2) * SHADE.reach];
  // Where the ground’s middle and its two ways come to lie; over so small a patch a picture is nearly even.
  const p = new Float32Array(9);
  seen(p, 0, m, 0, -foot, 0);
  seen(p, 3, m, across, -foot, 0);
  seen(p, 6, m, 0, -foot, out);
  const [x0, y0] = [p[0] as number, p[1] as number];
  const [ux, uy, vx, vy] = [(p[3] as number) - x0, (p[4] as number) - y0, (p[6] as number) - x0, (p[7] as number) - y0];
  const area = ux * vy - uy * vx || 1;
  const [reachX, reachY] = [Math.abs(ux) + Math.abs(vx), Math.abs(uy) + Math.abs(vy)];
  for (let y = Math.max(0, Math.floor(y0 - reachY)); y <= Math.min(h - 1, y0 + reachY); y += 1)
    for (let x = Math.max(0, Math.floor(x0 - reachX)); x <= Math.min(w - 1, x0 + reachX); x += 1) {
      const o = (y * w + x) * 4;
      if (rgba[o + 3] !== 0) continue;
      const dx = x + 0.5 - x0;
      const dy = y + 0.5 - y0;
      const s = (dx * vy - dy * vx) / area;
      const v = (dy * ux - dx * uy) / area;
      const t = Math.min(1, Math.max(0, (1 - Math.sqrt(s * s + v * v)) / (1 - SHADE.within)));
      rgba[o] = SHADE.tone[0];
      rgba[o + 1] = SHADE.tone[1];
      rgba[o + 2] = SHADE.tone[2];
      rgba[o + 3] = 255 * SHADE.dark * t * t * (3 - 2 * t);
    }
}

/** Where a leaf or flower has fewer pixels than this, all of them told, few faces do for it. Working figure by eye. */
const FAR_PIXELS = 45;

/**
 * Paints a planting as the portrait draws it, without a graphics chip: the same leaves, container and light, from the
 * front or from `azimuth` round it, radians. Each pixel is whole or empty: paint it larger than it is shown.
 */
export function paintStill(
  container: Container,
  canopy: Canopy,
  frame: Frame,
  w: number,
  h: number,
  azimuth = 0,
): Sheet {
  const sheet = sheetOf(w, h);
  const sight = sightFrom(container, frame, azimuth, w, h);
  const body = createBody(container);
  body.group.updateMatrixWorld(true);
  body.group.traverse((part: Object3D) => {
    if (part instanceof LineLoop) paintLoop(sheet, part, sight);
    else if (part instanceof Mesh) paintMesh(sheet, part, sight);
  });
  body.dispose();
  const pieces = canopy.batches.reduce((n, b) => n + b.count, 0);
  const detail = (w * h) / Math.max(1, pieces) < FAR_PIXELS ? 'far' : 'near';
  for (const b of canopy.batches) paintBatch(sheet, b, sight, detail);
  if (container.mount === 'ground') shadeUnder(sheet, container, sight);
  return sheet;
}
