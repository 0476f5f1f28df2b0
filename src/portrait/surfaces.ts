import { DataTexture, LinearFilter, LinearMipmapLinearFilter, RepeatWrapping, SRGBColorSpace } from 'three';
import type { GroundBuild, WallBuild } from '@/core/containers/surfaces';
import { seeded } from '@/core/units/number';

/** What the outside of a container is like, close to. */
export type PotSkin = 'clay' | 'glaze' | 'stone' | 'staves' | 'planks' | 'zinc' | 'fibres' | 'smooth';
type Build = WallBuild | GroundBuild | PotSkin;

/**
 * A surface that repeats: how much lighter or darker than its colour it is at a point of its tile, and how
 * large the tile is, mm.
 */
interface Surface {
  wide: number;
  high: number;
  /** `u` and `v` in mm from the tile’s lower left; 1 is the plain colour. */
  shade: (u: number, v: number, grain: (u: number, v: number) => number) => number;
}

const PIXELS = 256;
/** A joint lies so much darker. Working figures by eye. */
const JOINT = 0.78;

const within = (at: number, every: number, joint: number): boolean => ((at % every) + every) % every < joint;

/** One piece of several differs a little from the next. */
const piece = (i: number, k: number): number => 0.93 + 0.13 * ((((i * 127 + k * 311) % 17) + 17) % 17) * (1 / 17);

/** Staves and planks: ordinary widths, mm. */
const STAVE_MM = 75;
const PLANK_MM = 115;

/** Bricks of 215 × 65 with a joint of 10, boards of 140, slabs of 600 × 400: ordinary sizes, mm. */
const SURFACES: Record<Build, Surface> = {
  render: { wide: 1200, high: 1200, shade: (u, v, grain) => 0.985 + 0.03 * grain(u * 4, v * 4) },
  brick: {
    wide: 900,
    high: 600,
    shade: (u, v, grain) => {
      const row = Math.floor(v / 75);
      const along = u + (row % 2 === 0 ? 0 : 112.5);
      if (within(v, 75, 10) || within(along, 225, 10)) return 1.1;
      return piece(Math.floor(along / 225) % 4, row % 8) * (0.94 + 0.06 * grain(u, v));
    },
  },
  boards: {
    wide: 1120,
    high: 1400,
    shade: (u, v, grain) =>
      within(v, 140, 7) ? JOINT : piece(3, Math.floor(v / 140)) * (0.96 + 0.05 * grain(u * 0.12, v * 1.5)),
  },
  paving: {
    wide: 1200,
    high: 800,
    shade: (u, v, grain) => {
      const row = Math.floor(v / 400);
      const along = u + (row % 2 === 0 ? 0 : 300);
      if (within(v, 400, 9) || within(along, 600, 9)) return JOINT;
      return piece(Math.floor(along / 600) % 2, row) * (0.95 + 0.06 * grain(u, v));
    },
  },
  deck: {
    wide: 1160,
    high: 1450,
    shade: (u, v, grain) =>
      within(v, 145, 8) ? 0.6 : piece(5, Math.floor(v / 145)) * (0.95 + 0.06 * grain(u * 0.1, v * 1.4)),
  },
  clay: {
    wide: 400,
    high: 400,
    // Thrown: faint rings, and a grain.
    shade: (u, v, grain) => 0.93 + 0.03 * Math.sin(v * 0.55 + 3 * grain(u * 0.2, v)) + 0.09 * grain(u * 1.5, v * 1.5),
  },
  glaze: {
    wide: 500,
    high: 500,
    shade: (u, v, grain) => 0.92 + 0.12 * grain(u * 0.7, v * 0.16) + 0.03 * grain(u * 4, v * 4),
  },
  stone: {
    wide: 400,
    high: 400,
    shade: (u, v, grain) => (grain(u * 3.1, v * 3.1) > 0.86 ? 0.78 : 0.9 + 0.14 * grain(u * 2, v * 2)),
  },
  staves: {
    wide: STAVE_MM * 8,
    high: 800,
    shade: (u, v, grain) =>
      within(u, STAVE_MM, 4) ? 0.55 : piece(Math.floor(u / STAVE_MM) % 8, 2) * (0.86 + 0.2 * grain(u * 2.4, v * 0.12)),
  },
  planks: {
    wide: 1200,
    high: PLANK_MM * 7,
    shade: (u, v, grain) =>
      within(v, PLANK_MM, 5) ? 0.55 : piece(3, Math.floor(v / PLANK_MM) % 7) * (0.86 + 0.2 * grain(u * 0.12, v * 2.4)),
  },
  zinc: {
    wide: 300,
    high: 300,
    shade: (u, v, grain) => 0.9 + 0.18 * (grain(u * 0.9, v * 0.9) > 0.5 ? 0.4 : 0) + 0.1 * grain(u * 3, v * 3),
  },
  fibres: {
    wide: 160,
    high: 160,
    shade: (u, v, grain) => 0.66 + 0.3 * grain(u * 2.6 + v, v * 0.8) + 0.2 * grain(u * 0.7 - v * 1.6, v * 2.6),
  },
  smooth: { wide: 400, high: 400, shade: (u, v, grain) => 0.98 + 0.03 * grain(u, v) },
  gravel: { wide: 500, high: 500, shade: (u, v, grain) => 0.78 + 0.34 * grain(u * 3, v * 3) },
};

/** Soft noise on a tile that repeats, 0 to 1. */
function grainOf(wide: number, high: number): (u: number, v: number) => number {
  const N = 64;
  const random = seeded(71);
  const at = Float32Array.from({ length: N * N }, () => random());
  const value = (i: number, k: number) => at[(((k % N) + N) % N) * N + (((i % N) + N) % N)] ?? 0;
  return (u, v) => {
    const [x, y] = [(u / wide) * N, (v / high) * N];
    const [i, k] = [Math.floor(x), Math.floor(y)];
    const [s, t] = [x - i, y - k];
    return (
      (value(i, k) * (1 - s) + value(i + 1, k) * s) * (1 - t) +
      (value(i, k + 1) * (1 - s) + value(i + 1, k + 1) * s) * t
    );
  };
}

const painted = new Map<Build, Uint8Array>();

/** The pixels of a surface’s tile, RGBA; painted once. */
function pixelsOf(build: Build): Uint8Array {
  const known = painted.get(build);
  if (known) return known;
  const { wide, high, shade } = SURFACES[build];
  const grain = grainOf(wide, high);
  const data = new Uint8Array(PIXELS * PIXELS * 4);
  for (let y = 0; y < PIXELS; y += 1)
    for (let x = 0; x < PIXELS; x += 1) {
      // A little under white, so that what is lighter than the plain colour can be.
      const k = Math.min(255, 240 * shade((x / PIXELS) * wide, (y / PIXELS) * high, grain));
      data.set([k, k, k, 255], (y * PIXELS + x) * 4);
    }
  painted.set(build, data);
  return data;
}

/** A surface as a texture of its own lightness, to be multiplied by a colour; with the size of its tile, mm. */
export function surfaceOf(build: Build): { texture: DataTexture; wide: number; high: number } {
  const { wide, high } = SURFACES[build];
  const texture = new DataTexture(pixelsOf(build), PIXELS, PIXELS);
  texture.wrapS = RepeatWrapping;
  texture.wrapT = RepeatWrapping;
  texture.colorSpace = SRGBColorSpace;
  texture.magFilter = LinearFilter;
  texture.minFilter = LinearMipmapLinearFilter;
  texture.generateMipmaps = true;
  texture.anisotropy = 4;
  texture.needsUpdate = true;
  return { texture, wide, high };
}
