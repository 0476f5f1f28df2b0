import { type Habit, HABITS } from '../plants/habits';
import type { Placed } from '../plantings/resolve';
import { clamp01 } from '../units/number';
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

/** The sky is wide: of its light only this share comes from overhead enough to be taken by what stands beside. Working figure. */
const OVERHEAD = 0.74;

/** A plant that wants less sun than the spot gives is content with less, but not by more than this: leaves lie on it all the same. Working figure. */
const CONTENT = 1.5;

/** A crown is two layers of leaf, each with half of it, at these shares of its height; shadows fall on a plant at this share of its own. Working figures. */
const LAYERS = [0.45, 0.8] as const;
const FALLS_ON = 0.6;
/** Leaf that stands no higher than this share of another takes nothing from it. Working figure. */
const LEVEL = 0.85;

/** How far one canopy stands above another, 0–1. */
const above = (over: Canopy, under: Canopy): number =>
  clamp01((over.heightMm - under.heightMm * LEVEL) / (over.heightMm * 0.55 + 1));

/** Share of light that goes into one layer of a canopy and not through it: Beer–Lambert on the part that stands above. */
const opacity = (over: Canopy, under: Canopy, habit: Habit): number =>
  1 - Math.exp((-EXTINCTION * 1.6 * HABITS[habit].leafAreaIndex * above(over, under)) / LAYERS.length);

/** What one canopy takes of another’s light: of the sky’s, and of the sun’s hour by hour. */
function takenBy(
  over: Canopy,
  under: Canopy,
  habit: Habit,
  { shadows }: Sky,
  sink: (hour: number, share: number) => void,
): void {
  const near = over.radiusMm + under.radiusMm;
  const [dx, dy] = [over.xMm - under.xMm, over.yMm - under.yMm];
  const reach = near + FARTHEST * Math.max(0, over.heightMm - FALLS_ON * under.heightMm);
  const square = dx * dx + dy * dy;
  if (square >= reach * reach) return;
  const thick = opacity(over, under, habit) / (Math.PI * under.radiusMm * under.radiusMm);
  const common = (away: number) => thick * lensArea(over.radiusMm, under.radiusMm, Math.sqrt(away));
  const overhead = square < near * near ? OVERHEAD * common(square) : 0;
  for (const layer of LAYERS) {
    const rise = layer * over.heightMm - FALLS_ON * under.heightMm;
    if (overhead > 0) sink(SKY, overhead);
    if (rise <= 0) continue;
    for (let h = 0; h < shadows.length; h += 1) {
      const shadow = shadows[h] as Sky['shadows'][number];
      const [sx, sy] = [dx + shadow.dx * rise, dy + shadow.dy * rise];
      const away = sx * sx + sy * sy;
      if (away < near * near) sink(h, common(away));
    }
  }
}

/** Shadows are never longer than so many times the height. */
const FARTHEST = 3;
/** The sky’s light, beside the hours of the sun. */
const SKY = -1;

/** Calls `each` with every ordered pair of which the first takes light from the second, for the sky and for each hour. */
function forShading(
  placed: readonly Leaning[],
  sizes: readonly Size[],
  sky: Sky,
  each: (over: number, under: number, hour: number, share: number) => void,
): void {
  const canopies = placed.map((p, i) => canopyOf(p, sizes[i] as Size));
  for (let i = 0; i < canopies.length; i += 1) {
    const over = canopies[i] as Canopy;
    // What is not planted yet, or lifted, neither gives nor takes.
    if (over.radiusMm <= 0 || !sizes[i]?.alive) continue;
    const habit = (placed[i] as Placed).plant.habit;
    for (let j = 0; j < canopies.length; j += 1) {
      const under = canopies[j] as Canopy;
      if (j === i || under.radiusMm <= 0 || over.heightMm <= under.heightMm * LEVEL) continue;
      takenBy(over, under, habit, sky, (hour, share) => each(i, j, hour, Math.min(1, share)));
    }
  }
}

/** What of its light comes from the sun, and not from the sky. */
const sunShare = ({ hours, shadows }: Sky): number => (shadows.length === 0 ? 0 : hours / (hours + SKY_HOURS));

/** Who takes most of the light that a plant loses to its neighbours, by its place in `placed`; null where none does. */
export function mostTakenBy(
  placed: readonly Leaning[],
  sizes: readonly Size[],
  under: number,
  sky: Sky,
): number | null {
  const lost = placed.map(() => 0);
  const sun = sunShare(sky);
  forShading(placed, sizes, sky, (over, shaded, hour, share) => {
    if (shaded === under) lost[over] = (lost[over] ?? 0) + share * (hour === SKY ? 1 - sun : sun / sky.shadows.length);
  });
  const most = Math.max(0, ...lost);
  return most > 0 ? lost.indexOf(most) : null;
}

/**
 * Share of the light each plant needs that its neighbours leave it, 0–1, in the order of `placed`: of the sun hour by
 * hour, as their shadows go round, and of the sky. A plant that wants less than the spot gives is content with what is left.
 */
export function lightLeft(placed: readonly Leaning[], sizes: readonly Size[], sky: Sky): number[] {
  const hours = sky.shadows.length;
  const sun = sunShare(sky);
  // For each plant what is left of the sky’s light, then of each hour’s.
  const left = new Float64Array(placed.length * (hours + 1)).fill(1);
  forShading(placed, sizes, sky, (_, under, hour, share) => {
    const at = under * (hours + 1) + hour + 1;
    left[at] = (left[at] ?? 1) * (1 - share);
  });
  return placed.map(({ plant }, i) => {
    const from = i * (hours + 1);
    let inSun = 0;
    for (let h = 1; h <= hours; h += 1) inSun += (left[from + h] ?? 1) / hours;
    const through = sun * inSun + (1 - sun) * (left[from] ?? 1);
    const wants = Math.min(plant.sunHours[1], sky.hours) + SKY_HOURS;
    return clamp01(through * Math.min(CONTENT, (sky.hours + SKY_HOURS) / wants));
  });
}
