import type { DataTexture } from 'three';
import { keptBy, keptIn } from '@/core/units/keep';
import { coveredShare, cutFor, halved, type TileLevel, wholeTile } from '../pieces/levels';
import type { Painted } from '../pieces/paint';

/** A tile in its sizes, largest first: each is made when it is first wanted. */
export interface Tile {
  sizes: readonly { wide: number; high: number }[];
  level: (k: number) => TileLevel;
}

const SMALLEST = 4;

function sizesOf(wide: number, high: number): { wide: number; high: number }[] {
  const sizes = [{ wide, high }];
  for (let [w, h] = [wide >> 1, high >> 1]; w >= SMALLEST && h >= SMALLEST; w >>= 1, h >>= 1)
    sizes.push({ wide: w, high: h });
  return sizes;
}

/**
 * The tile of a kind of leaf or flower; a small one is painted once as large as it is, and not from the
 * largest down. Kept.
 */
export const pieceTile = keptBy((painted: Painted): Tile => {
  const sizes = sizesOf(painted.wide, painted.high);
  const made = new Map<number, TileLevel>();
  const paintedAt = (k: number): TileLevel => {
    const { wide, high } = sizes[k] ?? painted;
    return wholeTile(painted, wide, high);
  };
  const smaller = (k: number): TileLevel => {
    const larger = paintedAt(k - 1);
    const level = halved(larger);
    return { ...level, cut: cutFor(level, coveredShare(larger)) };
  };
  return { sizes, level: (k) => keptIn(made, k, () => (k === 0 ? paintedAt(0) : smaller(k))) };
});

const linear = (byte: number): number => {
  const v = byte / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
};

const wallPixels = keptBy((data: Uint8Array) => {
  const out = new Uint8Array(data.length);
  const light = Uint8Array.from({ length: 256 }, (_, byte) => Math.round(linear(byte) * 127.5));
  for (let i = 0; i < data.length; i += 4) {
    out[i + 2] = light[data[i] ?? 0] ?? 0;
    out[i + 3] = 255;
  }
  return { out, made: new Map<number, TileLevel>() };
});

/**
 * The tile of a wall, whose lightness is written for the eye: the same as light, half as much where it is
 * plain. Kept by its pixels.
 */
export function wallTile({ image }: DataTexture): Tile {
  const { out, made } = wallPixels(image.data as Uint8Array);
  const level = (k: number): TileLevel =>
    keptIn(made, k, () =>
      k === 0 ? { wide: image.width, high: image.height, data: out, cut: 0 } : halved(level(k - 1)),
    );
  return { sizes: sizesOf(image.width, image.height), level };
}

/** The size of a tile that is nearest to so many pixels along. */
export function levelFor({ sizes, level }: Tile, longPx: number): TileLevel {
  let k = 0;
  while (k + 1 < sizes.length && (sizes[k]?.high ?? 0) > longPx * 1.5) k += 1;
  return level(k);
}
