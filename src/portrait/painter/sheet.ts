import { secondAt } from '../pieces/piece';
import type { TileLevel } from '../pieces/levels';

/**
 * What is being painted: bytes of red, green, blue and cover for each pixel, and how far away it is, 0 near
 * and 1 far.
 */
export interface Sheet {
  w: number;
  h: number;
  rgba: Uint8ClampedArray<ArrayBuffer>;
  depth: Float32Array;
}

export const sheetOf = (w: number, h: number): Sheet => ({
  w,
  h,
  rgba: new Uint8ClampedArray(w * h * 4),
  depth: new Float32Array(w * h).fill(Infinity),
});

/**
 * A corner as it is painted, numbers in a row: x and y in pixels, depth, where it lies on its tile, how much of the
 * second colour it shows, and the light on it: red, green, blue and what glints.
 */
export const CORNER = 10;
/** The same with the light that falls on its other side: red, green, blue, glint. */
export const CORNERS_BOTH = CORNER + 4;

/** What is painted with: its colours as light, what lies on the tile, and whether the second follows the veins. */
export interface Brush {
  a: readonly [number, number, number];
  b: readonly [number, number, number];
  /** Of the veins, where they are of a third colour. */
  c: readonly [number, number, number];
  veined: number;
  tile: TileLevel | undefined;
  /** The colour of what glints, as light. */
  glint: readonly [number, number, number];
}

/** Light to the eye: a table, so that no power is taken for a pixel. */
const STEPS = 4096;
const BRIGHTEST = 1.25;
const TO_EYE = Uint8Array.from({ length: STEPS + 1 }, (_, i) => {
  const v = Math.min(1, (i / STEPS) * BRIGHTEST);
  return Math.round(255 * (v <= 0.0031308 ? v * 12.92 : 1.055 * v ** (1 / 2.4) - 0.055));
});
const SCALE = STEPS / BRIGHTEST;
const EMPTY = new Uint8Array(0);
const toEye = (light: number): number => TO_EYE[light >= BRIGHTEST ? STEPS : (light * SCALE) | 0] as number;

/**
 * Paints a triangle where it is nearer than what is there. `c` are rows of CORNERS_BOTH numbers, `i`, `j` and `k` their
 * places; on its other side it is lit by the numbers of that side. Plain numbers and no lists: it runs a million times.
 */
export function paintTriangle(
  { w, h, rgba, depth }: Sheet,
  c: Float32Array,
  i: number,
  j: number,
  k: number,
  { a, b, c: third, veined, tile, glint }: Brush,
  other: boolean,
): void {
  const ax = c[i] as number;
  const ay = c[i + 1] as number;
  const bx = (c[j] as number) - ax;
  const by = (c[j + 1] as number) - ay;
  const cx = (c[k] as number) - ax;
  const cy = (c[k + 1] as number) - ay;
  const area = bx * cy - by * cx;
  if (!(Math.abs(area) > 1e-9)) return;
  const left = Math.max(0, Math.ceil(ax + Math.min(0, bx, cx) - 0.5));
  const right = Math.min(w - 1, Math.floor(ax + Math.max(0, bx, cx) - 0.5));
  const top = Math.max(0, Math.ceil(ay + Math.min(0, by, cy) - 0.5));
  const bottom = Math.min(h - 1, Math.floor(ay + Math.max(0, by, cy) - 0.5));
  if (left > right || top > bottom) return;
  // Shares of the second and third corner, and how they change to the right and downward.
  const sx = cy / area;
  const sy = -cx / area;
  const tx = -by / area;
  const ty = bx / area;
  const z = c[i + 2] as number;
  const zs = (c[j + 2] as number) - z;
  const zt = (c[k + 2] as number) - z;
  const u = c[i + 3] as number;
  const us = (c[j + 3] as number) - u;
  const ut = (c[k + 3] as number) - u;
  const v = c[i + 4] as number;
  const vs = (c[j + 4] as number) - v;
  const vt = (c[k + 4] as number) - v;
  const m = c[i + 5] as number;
  const ms = (c[j + 5] as number) - m;
  const mt = (c[k + 5] as number) - m;
  const lit = other ? CORNER : 6;
  const r = c[i + lit] as number;
  const rs = (c[j + lit] as number) - r;
  const rt = (c[k + lit] as number) - r;
  const g = c[i + lit + 1] as number;
  const gs = (c[j + lit + 1] as number) - g;
  const gt = (c[k + lit + 1] as number) - g;
  const l = c[i + lit + 2] as number;
  const ls = (c[j + lit + 2] as number) - l;
  const lt = (c[k + lit + 2] as number) - l;
  const n = c[i + lit + 3] as number;
  const ns = (c[j + lit + 3] as number) - n;
  const nt = (c[k + lit + 3] as number) - n;
  const a0 = a[0];
  const a1 = a[1];
  const a2 = a[2];
  const d0 = b[0] - a0;
  const d1 = b[1] - a1;
  const d2 = b[2] - a2;
  const wide = tile ? tile.wide : 0;
  const high = tile ? tile.high : 0;
  const data = tile ? tile.data : EMPTY;
  const cut = tile ? tile.cut : 0;
  for (let y = top; y <= bottom; y += 1) {
    const down = y + 0.5 - ay;
    let s = (left + 0.5 - ax) * sx + down * sy;
    let t = (left + 0.5 - ax) * tx + down * ty;
    for (let x = left, p = y * w + left; x <= right; x += 1, p += 1, s += sx, t += tx) {
      if (s < 0 || t < 0 || s + t > 1) continue;
      const far = z + zs * s + zt * t;
      if (far >= (depth[p] as number)) continue;
      let second = m + ms * s + mt * t;
      let light = 1;
      let veins = 0;
      if (wide > 0) {
        const px = Math.floor((u + us * s + ut * t) * wide) % wide;
        const py = Math.floor((v + vs * s + vt * t) * high) % high;
        const q = ((py < 0 ? py + high : py) * wide + (px < 0 ? px + wide : px)) * 4;
        if ((data[q + 3] as number) < cut) continue;
        const edge = data[q] as number;
        const vein = data[q + 1] as number;
        const painted = secondAt(veined, edge, vein) / 255;
        if (painted > second) second = painted;
        if (veined > 2) veins = vein / 255;
        light = (data[q + 2] as number) / 127.5;
      }
      depth[p] = far;
      const o = p * 4;
      const shine = n + ns * s + nt * t;
      rgba[o] = toEye(
        (a0 + d0 * second + (third[0] - a0 - d0 * second) * veins) * light * (r + rs * s + rt * t) + shine * glint[0],
      );
      rgba[o + 1] = toEye(
        (a1 + d1 * second + (third[1] - a1 - d1 * second) * veins) * light * (g + gs * s + gt * t) + shine * glint[1],
      );
      rgba[o + 2] = toEye(
        (a2 + d2 * second + (third[2] - a2 - d2 * second) * veins) * light * (l + ls * s + lt * t) + shine * glint[2],
      );
      rgba[o + 3] = 255;
    }
  }
}

/** A thin line between two points in pixels with their depths, of one colour as bytes. */
export function paintLine(
  { w, h, rgba, depth }: Sheet,
  [ax, ay, az]: readonly [number, number, number],
  [bx, by, bz]: readonly [number, number, number],
  colour: readonly [number, number, number],
): void {
  const steps = Math.max(1, Math.ceil(Math.hypot(bx - ax, by - ay)));
  for (let i = 0; i <= steps; i += 1) {
    const t = i / steps;
    const [x, y] = [Math.floor(ax + (bx - ax) * t), Math.floor(ay + (by - ay) * t)];
    const p = y * w + x;
    const far = az + (bz - az) * t;
    if (x < 0 || y < 0 || x >= w || y >= h || far > (depth[p] ?? 0)) continue;
    depth[p] = far;
    rgba.set([...colour, 255], p * 4);
  }
}
