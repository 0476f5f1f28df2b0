import { type Painted, pixelsOf } from './paint';

/** One size of a painted tile: pixels of four bytes each: edge, vein, light, cover. */
export interface TileLevel {
  wide: number;
  high: number;
  data: Uint8Array;
  /** With less cover than this, 0–255, nothing is there. */
  cut: number;
}

/** Half covered is covered. */
export const HALF = 128;

/** The tile in half as many pixels each way, each the mean of four. */
export function halved({ wide, high, data, cut }: TileLevel): TileLevel {
  const [w, h] = [Math.max(1, wide >> 1), Math.max(1, high >> 1)];
  const [right, below] = [wide > 1 ? 4 : 0, high > 1 ? wide * 4 : 0];
  const out = new Uint8Array(w * h * 4);
  for (let y = 0; y < h; y += 1)
    for (let x = 0; x < w; x += 1)
      for (let c = 0; c < 4; c += 1) {
        const at = (y * 2 * wide + x * 2) * 4 + c;
        out[(y * w + x) * 4 + c] =
          ((data[at] ?? 0) + (data[at + right] ?? 0) + (data[at + below] ?? 0) + (data[at + below + right] ?? 0) + 2) >>
          2;
      }
  return { wide: w, high: h, data: out, cut };
}

/** Share of a tile where something is. */
export const coveredShare = ({ data }: TileLevel): number =>
  data.reduce((n, v, i) => n + (i % 4 === 3 && v >= HALF ? 1 : 0), 0) / (data.length / 4);

/**
 * The cut at which this share of a tile is covered, as much as when it is larger: what is fine does not
 * vanish with its size.
 */
export function cutFor({ data }: TileLevel, share: number): number {
  const covers = data.filter((_, i) => i % 4 === 3).sort();
  return Math.max(1, Math.min(HALF, covers[Math.floor(covers.length * (1 - share))] ?? HALF));
}

/** A tile as large as it is painted. */
export const wholeTile = (painted: Painted, wide = painted.wide, high = painted.high): TileLevel => ({
  wide,
  high,
  data: pixelsOf(painted, wide, high),
  cut: HALF,
});

/**
 * All sizes of a tile down to one pixel, with its cover raised in each so that half is the cut: for a chip
 * that knows one cut.
 */
export function levelsOf(painted: Painted): TileLevel[] {
  const largest = wholeTile(painted);
  const share = coveredShare(largest);
  const raised = (level: TileLevel): TileLevel => {
    const k = HALF / cutFor(level, share);
    return { ...level, data: level.data.map((v, i) => (i % 4 === 3 ? Math.min(255, Math.round(v * k)) : v)) };
  };
  const all = [largest];
  for (let level = largest; level.wide > 1 || level.high > 1;) {
    level = halved(level);
    all.push(raised(level));
  }
  return all;
}
