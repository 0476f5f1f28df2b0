import { deltaE, lch, linearRgb } from '../colour/oklch';
import type { Part, Plant } from '../plants/schema';
import { keptBy } from '../units/keep';
import type { Rgb, Seconds } from './piece';
import type { Sprig } from './sprig';

/** A hex of one of the plant's parts; falls back to its leaf. */
function hexOf(plant: Plant, part: Part): string {
  return (plant.colours.find((c) => c.part === part) ?? plant.colours[0])?.hex ?? '#557744';
}

export const scaled = (c: Rgb, k: number): Rgb => [c[0] * k, c[1] * k, c[2] * k];
export const blend = (a: Rgb, b: Rgb, t: number): Rgb => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

const differing = (s: Sprig, a: number, b: number): number => a + (b - a) * s.random();

/** An edge and veins this near are of one colour, ΔE_OK. By eye. */
const ALIKE = 0.08;
const alike = (one: string, other: string): boolean => deltaE(lch(one), lch(other)) < ALIKE;

/**
 * Body and second colour of a leaf: its edge or vein, or both where they are alike, when it has one, else its
 * own veins a little paler; a third where edge and veins differ. Each leaf differs a little.
 */
export function leafTints(s: Sprig): { a: Rgb; b: Rgb; seconds: Seconds; c?: Rgb } {
  const leaf = linearRgb(hexOf(s.plant, 'leaf'));
  const edge = s.plant.colours.find((c) => c.part === 'edge');
  const vein = s.plant.colours.find((c) => c.part === 'vein');
  const second = edge ?? vein;
  const k = differing(s, 0.82, 1.16);
  const warm = differing(s, -0.04, 0.06);
  const body: Rgb = [leaf[0] * (k + warm), leaf[1] * k, leaf[2] * (k - warm)];
  const both = edge !== undefined && vein !== undefined;
  const each = both && !alike(edge.hex, vein.hex);
  return {
    a: body,
    seconds: each ? 'each' : both ? 'both' : edge ? 'edge' : 'veins',
    ...(each && { c: scaled(linearRgb(vein.hex), k) }),
    b: second ? scaled(linearRgb(second.hex), k) : blend(scaled(body, 1.3), [0.5, 0.55, 0.3], 0.09),
  };
}

/** Petal and throat; where no throat is told, the petal a little yellower. Each flower differs a little. */
export function flowerColours(s: Sprig): { a: Rgb; b: Rgb } {
  const k = differing(s, 0.9, 1.06);
  const petal = linearRgb(hexOf(s.plant, 'flower'));
  const throat = s.plant.colours.find((c) => c.part === 'throat');
  return { a: scaled(petal, k), b: throat ? linearRgb(throat.hex) : blend(petal, [0.9, 0.75, 0.2], 0.35) };
}

export const stemColour: (plant: Plant) => Rgb = keptBy((plant: Plant): Rgb => {
  const stem = plant.colours.find((c) => c.part === 'stem');
  const leaf = linearRgb(hexOf(plant, 'leaf'));
  return stem ? linearRgb(stem.hex) : blend(scaled(leaf, 0.8), [0.16, 0.2, 0.06], 0.45);
});

/** What is spent goes this way. */
const SPENT: Rgb = [0.2, 0.12, 0.06];
export const spent = (c: Rgb): Rgb => blend(c, SPENT, 0.55);
