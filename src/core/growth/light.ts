import { type Habit, HABITS } from '../plants/habits';
import type { Placed } from '../plantings/resolve';
import { clamp01, lerp } from '../units/number';
import { EXTINCTION, SKY_HOURS } from './model';
import type { Sky } from './sky';

interface Canopy {
  xMm: number;
  yMm: number;
  radiusMm: number;
  heightMm: number;
}

interface Size {
  heightMm: number;
  spreadMm: number;
  trailMm: number;
  alive: boolean;
}

/** A placement with the way to its nearest wall, unit, and how far off that is at the rim. */
export type NearWall = Placed & { nx: number; ny: number; wallMm: number };

/**
 * Where a plant's canopy lies: trailers lean out over the rim as they lengthen, by up to a third of their own
 * radius.
 */
function canopyOf(p: NearWall, g: Size): Canopy {
  const radiusMm = g.spreadMm / 2;
  const lean = p.role === 'spiller' ? Math.min(radiusMm * 0.35, g.trailMm * 0.35) : 0;
  return { xMm: p.xMm + p.nx * lean, yMm: p.yMm + p.ny * lean, radiusMm, heightMm: g.heightMm };
}

/** Area common to two discs, mm². Standard lens formula. */
function lensArea(r: number, s: number, d: number): number {
  if (d >= r + s) return 0;
  if (d <= Math.abs(r - s)) return Math.PI * Math.min(r, s) ** 2;
  const a = r * r * Math.acos((d * d + r * r - s * s) / (2 * d * r));
  const b = s * s * Math.acos((d * d + s * s - r * r) / (2 * d * s));
  const c = 0.5 * Math.sqrt((-d + r + s) * (d + r - s) * (d - r + s) * (d + r + s));
  return a + b - c;
}

/**
 * The sky is wide: of its light only this share comes from overhead enough to be taken by what stands beside.
 * Working figure.
 */
const OVERHEAD = 0.74;

/**
 * A plant that wants less sun than the spot gives is content with less, but not by more than this: leaves lie
 * on it all the same. Working figure.
 */
const CONTENT = 1.5;

/**
 * A crown is two layers of leaf, each with half of it, at these shares of its height: a mat carries its leaf
 * on top, what is as tall as wide from low down. Shadows fall on a plant at this share of its own height.
 * Working figures.
 */
const MAT = [0.45, 0.8] as const;
const STANDING = [0.3, 0.75] as const;
const LAYERS = MAT.length;
/** So much taller than half as wide as it stands, a crown is no mat at all. */
const MAT_UNDER = 0.5;
const FALLS_ON = 0.6;
/** Leaf that stands no higher than this share of another takes nothing from it. Working figure. */
const LEVEL = 0.85;

/** How far one canopy stands above another, 0–1. */
const above = (over: Canopy, under: Canopy): number =>
  clamp01((over.heightMm - under.heightMm * LEVEL) / (over.heightMm * 0.55 + 1));

/**
 * Share of light that goes into one layer of a canopy and not through it: Beer–Lambert on the part that
 * stands above.
 */
const opacity = (over: Canopy, under: Canopy, habit: Habit): number =>
  1 - Math.exp((-EXTINCTION * HABITS[habit].leafAreaIndex * above(over, under)) / LAYERS);

/** Shadows are never longer than so many times the height. */
const FARTHEST = 3;

/**
 * What is left of a plant’s light under one neighbour: of the sky’s, then of the sun’s hour by hour, 0–1.
 * Written over by the next pair.
 */
const under: number[] = [];

/** Fills `under` with what one canopy leaves another; false where it takes nothing. */
function leaves(over: Canopy, low: Canopy, habit: Habit, { shadows }: Sky): boolean {
  const near = over.radiusMm + low.radiusMm;
  const dx = over.xMm - low.xMm;
  const dy = over.yMm - low.yMm;
  const reach = near + FARTHEST * Math.max(0, over.heightMm - FALLS_ON * low.heightMm);
  const square = dx * dx + dy * dy;
  if (square >= reach * reach) return false;
  const touching = near * near;
  const thick = opacity(over, low, habit) / (Math.PI * low.radiusMm * low.radiusMm);
  const overhead =
    square < touching
      ? 1 - OVERHEAD * Math.min(1, thick * lensArea(over.radiusMm, low.radiusMm, Math.sqrt(square)))
      : 1;
  under[0] = overhead * overhead;
  const hours = shadows.length;
  for (let h = 1; h <= hours; h += 1) under[h] = 1;
  const upright = clamp01((over.heightMm / (2 * over.radiusMm) - MAT_UNDER) / (1 - MAT_UNDER));
  for (let k = 0; k < LAYERS; k += 1) {
    const layer = lerp(MAT[k] ?? 1, STANDING[k] ?? 1, upright);
    const rise = layer * over.heightMm - FALLS_ON * low.heightMm;
    if (rise <= 0) continue;
    for (let h = 0; h < hours; h += 1) {
      const shadow = shadows[h] as Sky['shadows'][number];
      const sx = dx + shadow.dx * rise;
      const sy = dy + shadow.dy * rise;
      const away = sx * sx + sy * sy;
      if (away >= touching) continue;
      const common = thick * lensArea(over.radiusMm, low.radiusMm, Math.sqrt(away));
      under[h + 1] = (under[h + 1] as number) * (1 - (common < 1 ? common : 1));
    }
  }
  return true;
}

/**
 * A crown’s own leaf, as a curtain of its width would hang so many times that. Working figure: a disc beside
 * a rectangle.
 */
const CROWN_AS_CURTAIN = 0.8;

/** The share of a plant’s leaf that hangs below the rim, out of what stands over it. */
const hangingShare = ({ trailMm, spreadMm }: Size): number =>
  trailMm > 0 ? trailMm / (trailMm + CROWN_AS_CURTAIN * spreadMm) : 0;

/** A longer curtain over the same rim leaves so much less of the light of what hangs under it. Working figure. */
const VEILS = 0.4;

/** What the curtains of its neighbours leave a plant’s own curtain of the light, 0–1. */
function besideCurtains(canopies: readonly Canopy[], sizes: readonly Size[], i: number): number {
  const mine = canopies[i] as Canopy;
  let left = 1;
  for (let j = 0; j < canopies.length; j += 1) {
    const over = canopies[j] as Canopy;
    const size = sizes[j] as Size;
    if (j === i || !size.alive || size.trailMm <= (sizes[i] as Size).trailMm) continue;
    const d = Math.hypot(over.xMm - mine.xMm, over.yMm - mine.yMm);
    if (d >= over.radiusMm + mine.radiusMm) continue;
    left *= 1 - (VEILS * lensArea(over.radiusMm, mine.radiusMm, d)) / (Math.PI * mine.radiusMm ** 2);
  }
  return Math.max(0, left);
}

/**
 * Whether one plant can take light from another: it stands, and higher. What is not planted yet, or lifted,
 * neither gives nor takes.
 */
const shades = (over: Canopy, low: Canopy, size: Size | undefined): boolean =>
  size?.alive === true && over.radiusMm > 0 && low.radiusMm > 0 && over.heightMm > low.heightMm * LEVEL;

/** What of its light comes from the sun, and not from the sky. */
const sunShare = ({ hours, shadows }: Sky): number => (shadows.length === 0 ? 0 : hours / (hours + SKY_HOURS));

/**
 * Share of all its light that is left where so much is left of the sky’s and of each hour’s, from `first` on
 * in a list.
 */
function throughAll(left: ArrayLike<number>, first: number, sky: Sky): number {
  const hours = sky.shadows.length;
  const sun = sunShare(sky);
  let inSun = 0;
  for (let h = 1; h <= hours; h += 1) inSun += left[first + h] ?? 1;
  return (hours > 0 ? (sun * inSun) / hours : 0) + (1 - sun) * (left[first] ?? 1);
}

/** Who takes most of the light that a plant loses to its neighbours, by its place in `placed`; null where none does. */
export function mostTakenBy(placed: readonly NearWall[], sizes: readonly Size[], low: number, sky: Sky): number | null {
  const canopies = placed.map((p, i) => canopyOf(p, sizes[i] as Size));
  const mine = canopies[low] as Canopy;
  let [by, least]: [number | null, number] = [null, 1];
  canopies.forEach((over, i) => {
    if (i === low || !shades(over, mine, sizes[i])) return;
    if (!leaves(over, mine, (placed[i] as Placed).plant.habit, sky)) return;
    const left = throughAll(under, 0, sky);
    if (left < least) [by, least] = [i, left];
  });
  return by;
}

/**
 * Share of the light each plant needs that its neighbours leave it, 0–1, in the order of `placed`: of the sun hour by
 * hour, as their shadows go round, and of the sky. A plant that wants less than the spot gives is content
 * with what is left.
 */
export function lightLeft(placed: readonly NearWall[], sizes: readonly Size[], sky: Sky): number[] {
  const each = sky.shadows.length + 1;
  const canopies = placed.map((p, i) => canopyOf(p, sizes[i] as Size));
  // For each plant what is left of the sky’s light, then of each hour’s.
  const left = new Float64Array(placed.length * each).fill(1);
  for (let i = 0; i < canopies.length; i += 1) {
    const over = canopies[i] as Canopy;
    const { habit } = (placed[i] as Placed).plant;
    for (let j = 0; j < canopies.length; j += 1) {
      const low = canopies[j] as Canopy;
      if (i === j || !shades(over, low, sizes[i]) || !leaves(over, low, habit, sky)) continue;
      for (let h = 0; h < each; h += 1) left[j * each + h] = (left[j * each + h] ?? 1) * (under[h] ?? 1);
    }
  }
  return placed.map(({ plant }, i) => {
    const out = hangingShare(sizes[i] as Size);
    const through =
      (out > 0 ? out * besideCurtains(canopies, sizes, i) : 0) + (1 - out) * throughAll(left, i * each, sky);
    const wants = Math.min(plant.sunHours[1], sky.hours) + SKY_HOURS;
    return clamp01(through * Math.min(CONTENT, (sky.hours + SKY_HOURS) / wants));
  });
}
