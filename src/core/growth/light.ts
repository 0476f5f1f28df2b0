import { type Habit, HABITS } from '../plants/habits';
import type { Placed } from '../plantings/resolve';
import { clamp01 } from '../units/number';
import { EXTINCTION, SKY_HOURS } from './model';

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
export type Leaning = Placed & { nx: number; ny: number; wallMm: number };

/** Where a plant's canopy lies: trailers lean out over the rim as they lengthen, by up to a third of their own radius. */
function canopyOf(p: Leaning, g: Size): Canopy {
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

/** Sun comes from the side as well: only this share of a neighbour's full overhead shade is felt. Working figure. */
const OVERHEAD = 0.74;

/** A plant that wants less sun than the spot gives is content with less, but not by more than this: leaves lie on it all the same. Working figure. */
const CONTENT = 1.5;

/** How far one canopy stands above another, 0–1. */
const above = (over: Canopy, under: Canopy): number =>
  clamp01((over.heightMm - under.heightMm * 0.85) / (over.heightMm * 0.55 + 1));

/** Share of light taken through a canopy: Beer–Lambert on the part that stands above. */
const taken = (share: number, over: Canopy, under: Canopy, habit: Habit): number =>
  OVERHEAD *
  (share / (Math.PI * under.radiusMm * under.radiusMm)) *
  (1 - Math.exp(-EXTINCTION * 1.6 * HABITS[habit].leafAreaIndex * above(over, under)));

/** Calls `each` with every ordered pair of which the first takes light from the second. */
function forShading(
  placed: readonly Leaning[],
  sizes: readonly Size[],
  each: (over: number, under: number, share: number) => void,
): void {
  const canopies = placed.map((p, i) => canopyOf(p, sizes[i] as Size));
  for (let i = 0; i < canopies.length; i += 1) {
    const a = canopies[i] as Canopy;
    // What is not planted yet, or lifted, neither gives nor takes.
    if (a.radiusMm <= 0) continue;
    for (let j = i + 1; j < canopies.length; j += 1) {
      const b = canopies[j] as Canopy;
      if (b.radiusMm <= 0) continue;
      const [dx, dy, near] = [a.xMm - b.xMm, a.yMm - b.yMm, a.radiusMm + b.radiusMm];
      const square = dx * dx + dy * dy;
      if (square >= near * near) continue;
      const d = Math.sqrt(square);
      const common = lensArea(a.radiusMm, b.radiusMm, d);
      if (sizes[i]?.alive && a.heightMm > b.heightMm * 0.85)
        each(i, j, taken(common, a, b, (placed[i] as Placed).plant.habit));
      if (sizes[j]?.alive && b.heightMm > a.heightMm * 0.85)
        each(j, i, taken(common, b, a, (placed[j] as Placed).plant.habit));
    }
  }
}

/** Who takes most of the light that a plant loses to its neighbours, by its place in `placed`; null where none does. */
export function mostTakenBy(placed: readonly Leaning[], sizes: readonly Size[], under: number): number | null {
  let [by, most]: [number | null, number] = [null, 0];
  forShading(placed, sizes, (over, shaded, share) => {
    if (shaded === under && share > most) [by, most] = [over, share];
  });
  return by;
}

/**
 * Share of the light each plant needs that its neighbours leave it, 0–1, in the order of `placed`. A plant that
 * wants little sun is content with what is left. `hours` is the spot's direct sun.
 */
export function lightLeft(placed: readonly Leaning[], sizes: readonly Size[], hours: number): number[] {
  const through = placed.map(() => 1);
  forShading(placed, sizes, (_, under, share) => {
    through[under] = (through[under] ?? 1) * (1 - share);
  });
  return placed.map((p, i) =>
    clamp01(
      (through[i] ?? 1) * Math.min(CONTENT, (hours + SKY_HOURS) / (Math.min(p.plant.sunHours[1], hours) + SKY_HOURS)),
    ),
  );
}
