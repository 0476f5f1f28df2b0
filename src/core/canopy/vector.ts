/** Three-vectors as tuples. Pure and small: what the canopy needs and no more. */
export type Vec = readonly [number, number, number];

export const UP: Vec = [0, 1, 0];

export const add = (a: Vec, b: Vec, k = 1): Vec => [a[0] + b[0] * k, a[1] + b[1] * k, a[2] + b[2] * k];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

export function unit(a: Vec): Vec {
  const n = Math.hypot(a[0], a[1], a[2]);
  return n > 1e-9 ? [a[0] / n, a[1] / n, a[2] / n] : [0, 1, 0];
}

export const blended = (a: Vec, b: Vec, t: number): Vec => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

/** A direction from azimuth (0 = right, turning toward the viewer) and elevation, radians. */
export const toward = (azimuth: number, elevation: number): Vec => [
  Math.cos(azimuth) * Math.cos(elevation),
  Math.sin(elevation),
  Math.sin(azimuth) * Math.cos(elevation),
];
