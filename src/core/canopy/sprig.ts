import { linearRgb } from '../colour/oklch';
import type { RimPoint } from '../containers/outline';
import type { Clear } from '../containers/shapes/shape';
import type { Grown } from '../growth/grown';
import type { Part, Plant } from '../plants/schema';
import type { Builder, Rgb } from './builder';
import type { Kind } from './kinds';
import { add, toward, unit, type Vec } from './vector';

/** What a habit needs to grow one plant: sizes, colours, a seeded generator, and where the pot is. */
export interface Sprig {
  plant: Plant;
  grown: Grown;
  owner: number;
  builder: Builder;
  random: () => number;
  /** Where it stands, on the soil. */
  base: Vec;
  pot: Pot;
}

/** What trailers need to know of the container. */
export interface Pot {
  /** Half of its least extent, and its depth, mm; and how far under the rim the ground lies. */
  innerMm: number;
  depthMm: number;
  floorMm: number;
  rim: readonly RimPoint[];
  /** How far inside the outer face of the wall a point stands at a depth under the rim. */
  clear: (belowMm: number, x: number, y: number) => Clear;
}

const TAU = Math.PI * 2;
export const GOLDEN = Math.PI * (3 - Math.sqrt(5));

export const between = (s: Sprig, a: number, b: number): number => a + (b - a) * s.random();

/** A hex of one of the plant's parts; falls back to its leaf. */
function hexOf(plant: Plant, part: Part): string {
  return (plant.colours.find((c) => c.part === part) ?? plant.colours[0])?.hex ?? '#557744';
}

const scaled = (c: Rgb, k: number): Rgb => [c[0] * k, c[1] * k, c[2] * k];
const blend = (a: Rgb, b: Rgb, t: number): Rgb => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

/** Body and second colour of a leaf: its edge or vein when it has one, else a little lighter. Each leaf differs a little. */
export function leafColours(s: Sprig): { a: Rgb; b: Rgb; veined: boolean } {
  const leaf = linearRgb(hexOf(s.plant, 'leaf'));
  const edge = s.plant.colours.find((c) => c.part === 'edge');
  const second = edge ?? s.plant.colours.find((c) => c.part === 'vein');
  const k = between(s, 0.82, 1.16);
  const warm = between(s, -0.04, 0.06);
  const body: Rgb = [leaf[0] * (k + warm), leaf[1] * k, leaf[2] * (k - warm)];
  return {
    a: body,
    veined: !edge && second !== undefined,
    b: second ? scaled(linearRgb(second.hex), k) : blend(scaled(body, 1.12), [0.5, 0.55, 0.25], 0.06),
  };
}

export function flowerColours(s: Sprig): { a: Rgb; b: Rgb } {
  const k = between(s, 0.9, 1.06);
  const petal = linearRgb(hexOf(s.plant, 'flower'));
  const throat = s.plant.colours.find((c) => c.part === 'throat');
  return { a: scaled(petal, k), b: throat ? linearRgb(throat.hex) : blend(petal, [0.9, 0.75, 0.2], 0.35) };
}

export const stemColour = (s: Sprig): Rgb => {
  const stem = s.plant.colours.find((c) => c.part === 'stem');
  const leaf = linearRgb(hexOf(s.plant, 'leaf'));
  return stem ? linearRgb(stem.hex) : blend(scaled(leaf, 0.8), [0.16, 0.2, 0.06], 0.45);
};

const LEAF_KIND: Record<Plant['leaf']['form'], Kind> = {
  strap: 'strap',
  grass: 'blade',
  needle: 'needle',
  feather: 'feather',
  ovate: 'ovate',
  heart: 'heart',
  lobed: 'lobed',
  round: 'round',
  rosette: 'spoon',
  palmate: 'palmate',
};

/** Width over length by leaf form. */
const LEAF_WIDTH: Record<Plant['leaf']['form'], number> = {
  strap: 0.075,
  grass: 0.02,
  needle: 0.13,
  feather: 0.62,
  ovate: 0.58,
  heart: 0.92,
  lobed: 1,
  round: 1.02,
  rosette: 0.46,
  palmate: 1.05,
};

/** Shorter than this a strap is a lance and a grass blade a pink’s leaf: broader for their length. mm, working figure. */
const SHORT_MM = 140;

/** Width of a leaf over its length: narrow ovate leaves on the fine-leaved. */
function leafWidth({ leaf }: Plant): number {
  if (leaf.form === 'ovate' && leaf.size === 'fine' && leaf.lengthMm > 20) return 0.32;
  if (leaf.lengthMm < SHORT_MM && leaf.form === 'strap') return 0.2;
  if (leaf.lengthMm < SHORT_MM && leaf.form === 'grass') return 0.07;
  return LEAF_WIDTH[leaf.form];
}

/** Outside of one ordinary leaf, mm²: a leaf fills some six tenths of its box. */
export const leafAreaMm2 = (p: Plant): number => p.leaf.lengthMm ** 2 * leafWidth(p) * 0.6;

/** A leaf of the plant's own form at a place. `size` scales its ordinary length. */
export function leafAt(s: Sprig, at: Vec, along: Vec, face: Vec, size = 1): void {
  const length = s.plant.leaf.lengthMm * size * between(s, 0.78, 1.12);
  const width = length * leafWidth(s.plant);
  s.builder.put({
    kind: LEAF_KIND[s.plant.leaf.form],
    at,
    along,
    face,
    length,
    width,
    droop: width * between(s, 0.5, 0.95) * (s.plant.leaf.form === 'heart' ? 0.45 : 1),
    ...leafColours(s),
    owner: s.owner,
  });
}

const FLOWER_KIND: Record<Exclude<Plant['flower']['form'], 'none'>, Kind> = {
  trumpet: 'trumpet',
  round: 'face',
  daisy: 'daisy',
  ball: 'floret',
  airy: 'floret',
  bell: 'bell',
  spike: 'spikelet',
  plume: 'plume',
};

/** A flower of the plant's own form: one head. Balls are made of many florets. */
export function flowerAt(s: Sprig, at: Vec, facing: Vec, size = 1): void {
  const { form, sizeMm } = s.plant.flower;
  if (form === 'none') return;
  const mm = sizeMm * size * between(s, 0.88, 1.18);
  if (form === 'ball') return ballAt(s, at, facing, mm);
  const { a, b } = flowerColours(s);
  const kind = FLOWER_KIND[form];
  const up = unit([between(s, -1, 1), between(s, -1, 1), between(s, -1, 1)]);
  if (form === 'bell') {
    s.builder.put({
      kind,
      at,
      along: [between(s, -0.25, 0.25), -1, between(s, -0.25, 0.25)],
      face: facing,
      length: mm,
      width: mm * 0.62,
      droop: mm * 0.62,
      a,
      b,
      owner: s.owner,
      glow: 0.5,
    });
  } else if (form === 'plume') {
    s.builder.put({
      kind,
      at,
      along: facing,
      face: up,
      length: mm,
      width: mm * 0.2,
      droop: mm * 0.2,
      a,
      b,
      owner: s.owner,
      glow: 0.35,
    });
  } else {
    // A flat flower is modelled facing +Z round its middle; it is turned so that +Z is where it looks.
    s.builder.put({
      kind,
      at,
      along: up,
      face: facing,
      length: mm,
      width: mm,
      droop: mm,
      a,
      b,
      owner: s.owner,
      glow: 0.55,
    });
  }
}

/** A throat under this share of the flower is an eye. Working figure. */
const SMALL_EYE = 0.25;

function ballAt(s: Sprig, at: Vec, facing: Vec, mm: number): void {
  const florets = Math.round(Math.max(5, Math.min(16, mm / 4.5)));
  // A small eye is lost among florets; only a second colour of some size is seen in them.
  const eye = s.plant.colours.find((c) => c.part === 'throat')?.share ?? 1;
  const axis = unit(facing);
  for (let i = 0; i < florets; i += 1) {
    const dir = unit(add(toward(i * GOLDEN, Math.asin(1 - (1.5 * (i + 0.5)) / florets)), axis, 0.25));
    const { a, b } = flowerColours(s);
    s.builder.put({
      kind: 'floret',
      at: add(at, dir, mm * 0.36),
      along: unit([dir[1], -dir[0], dir[2]]),
      face: dir,
      length: mm * 0.46,
      width: mm * 0.46,
      droop: mm * 0.3,
      a,
      b: eye < SMALL_EYE ? blend(a, b, eye) : b,
      owner: s.owner,
      glow: 0.5,
    });
  }
}

export function stemBetween(s: Sprig, from: Vec, to: Vec, thick: number): void {
  const along: Vec = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const c = stemColour(s);
  s.builder.put({
    kind: 'stem',
    at: from,
    along,
    face: [0.3, 0.2, 1],
    length: Math.hypot(along[0], along[1], along[2]),
    width: thick,
    droop: thick,
    a: c,
    b: c,
    owner: s.owner,
  });
}

/** Heads in flower now, from the share of the plant's outside that is flower and what one head covers. */
export function flowerCount(s: Sprig, surfaceMm2: number, most: number): number {
  const { form, sizeMm, show } = s.plant.flower;
  if (form === 'none' || sizeMm <= 0) return 0;
  // A plume is five times as long as it is wide.
  const head = sizeMm * sizeMm * (form === 'plume' ? 0.2 : 0.6);
  return Math.min(most, Math.round((surfaceMm2 * show * s.grown.bloom * 1.05) / head));
}

export const turn = (s: Sprig): number => s.random() * TAU;
