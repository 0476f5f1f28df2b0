import { converter } from 'culori';

/** A colour in OKLCH (Ottosson 2020): lightness 0–1, chroma 0–0.37, hue 0–360 (0 where there is none). */
export interface Lch {
  l: number;
  c: number;
  h: number;
}

const toOklch = converter('oklch');
const cache = new Map<string, Lch>();

/** Hex to OKLCH. Throws on text that is no colour: parse at the edge first. */
export function lch(hex: string): Lch {
  const known = cache.get(hex);
  if (known) return known;
  const c = toOklch(hex);
  if (!c) throw new Error(`"${hex}" is not a colour: use #rrggbb.`);
  const out = { l: c.l, c: c.c, h: c.h ?? 0 };
  cache.set(hex, out);
  return out;
}

/** Difference of two hues, 0–180°. */
export function hueGap(a: number, b: number): number {
  const d = Math.abs(a - b) % 360;
  return d > 180 ? 360 - d : d;
}

/** ΔE_OK: straight distance in OKLab. 0.02 is about the least seen side by side; 0.15 reads as another colour. */
export function deltaE(a: Lch, b: Lch): number {
  const rad = Math.PI / 180;
  return Math.hypot(
    a.l - b.l,
    a.c * Math.cos(a.h * rad) - b.c * Math.cos(b.h * rad),
    a.c * Math.sin(a.h * rad) - b.c * Math.sin(b.h * rad),
  );
}

const toLinear = converter('lrgb');
const linear = new Map<string, readonly [number, number, number]>();

/** Hex to linear-light RGB, 0–1 each, for drawing. Kept by hex: a plant asks for the same few for every leaf. */
export function linearRgb(hex: string): readonly [number, number, number] {
  const known = linear.get(hex);
  if (known) return known;
  const c = toLinear(hex);
  const made = c ? ([c.r, c.g, c.b] as const) : ([0, 0, 0] as const);
  linear.set(hex, made);
  return made;
}
