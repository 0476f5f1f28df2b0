import { DataTexture, SRGBColorSpace } from 'three';
import { seeded } from '@/core/units/number';

/**
 * One point of a painted piece, each 0–1: how much of the second colour it shows along the edge and along the
 * veins, how light it is (½ is as the colour says), and whether there is anything there.
 */
export interface Texel {
  edge: number;
  vein: number;
  light: number;
  cover: number;
}

/**
 * A piece painted on a tile: across −1 to 1, along 0 to 1 from its foot; for what looks outward from its
 * middle, along −1 to 1.
 */
export type Painter = (across: number, along: number) => Texel;

/** A painter and the pixels it wants. */
export interface Painted {
  paint: Painter;
  wide: number;
  high: number;
  /** Drawn round its middle and not from its foot. */
  round: boolean;
}

export const smooth = (from: number, to: number, x: number): number => {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
};

const GRAINS = 128;
const random = seeded(29);
const grains = Float32Array.from({ length: GRAINS * GRAINS }, () => random());
const grain = (i: number, k: number): number => grains[(i & (GRAINS - 1)) * GRAINS + (k & (GRAINS - 1))] ?? 0;

/** Even noise, 0–1, the same for the same place. */
export function noise(x: number, y: number): number {
  const [i, k] = [Math.floor(x), Math.floor(y)];
  const [s, t] = [smooth(0, 1, x - i), smooth(0, 1, y - k)];
  return (
    (grain(i, k) * (1 - s) + grain(i + 1, k) * s) * (1 - t) + (grain(i, k + 1) * (1 - s) + grain(i + 1, k + 1) * s) * t
  );
}

/** How near a place is to a line, 1 on it and 0 from `wide` away. */
export const nearLine = (distance: number, wide: number): number => 1 - smooth(0, wide, Math.abs(distance));

/** 1 inside, 0 outside, over the width of a pixel or two. */
export const within = (inside: number, soft: number): number => smooth(-soft, soft, inside);

export const NOTHING: Texel = { edge: 0, vein: 0, light: 0.5, cover: 0 };

const byte = (x: number): number => Math.round(255 * Math.min(1, Math.max(0, x)));

/** The tile as pixels: edge, vein, light, cover. In fewer pixels where that is asked. */
export function pixelsOf({ paint, wide: full, high: tall, round }: Painted, wide = full, high = tall): Uint8Array {
  const data = new Uint8Array(wide * high * 4);
  for (let y = 0; y < high; y += 1)
    for (let x = 0; x < wide; x += 1) {
      const along = (y + 0.5) / high;
      const t = paint(((x + 0.5) / wide) * 2 - 1, round ? along * 2 - 1 : along);
      const i = (y * wide + x) * 4;
      data[i] = byte(t.edge);
      data[i + 1] = byte(t.vein);
      data[i + 2] = byte(t.light);
      data[i + 3] = byte(t.cover);
    }
  return data;
}

/** A plain colour is so light on a tile that is to be multiplied by it: there is room over it for what is lighter. */
export const PLAIN = 0.8;

/**
 * How light a piece is and whether there is anything there, as a picture others can read: grey with its
 * outline cut.
 */
export function pictureOf(painted: Painted): DataTexture {
  const data = pixelsOf(painted);
  for (let i = 0; i < data.length; i += 4) {
    const light = Math.min(1, ((data[i + 2] ?? 0) / 255) * 2 * PLAIN);
    const grey = byte(light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055);
    data.fill(grey, i, i + 3);
  }
  const t = new DataTexture(data, painted.wide, painted.high);
  t.colorSpace = SRGBColorSpace;
  t.needsUpdate = true;
  return t;
}
