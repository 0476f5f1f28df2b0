import { clamp, lerp } from '../../units/number';
import type { Crown } from '../carriage';
import { flowerAt, heads } from '../flowers';
import { lumpIn } from '../inside';
import { leafAreaMm2, leafAt, leafLook } from '../leaves';
import { between, GOLDEN, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { add, blended, toward, UP, unit, type Vec } from '../vector';
import { spire } from './spires';

/** The soil its leaves spring from is so wide, as a share of its spread. Working figure. */
const FOOT = 0.06;
/** A blade is drawn no longer than this share of its spread: a young plant has small leaves. By eye. */
const LONGEST = { stalked: 0.54, sessile: 0.6 };
/** Few leaves are no plant and too many are not seen. */
const LEAVES = { least: 9, most: 110 };
/** Where so much of the bloom is open, leaves leave room over them for the flowers. Working figure. */
const FLOWERS_FROM = 0.25;
/** Outer leaves are the older and larger: beside the ordinary length, from the middle outward. By eye. */
const SIZES = { young: 0.62, old: 1.06 };

/** How high the leaves stand: where flowers stand over them, lower than the plant. */
function leafHeight(s: Sprig, c: Crown): number {
  const open = s.look ? Math.min(1, s.grown.bloom / FLOWERS_FROM) : 0;
  return s.grown.heightMm * lerp(1, c.leafy, open);
}

/** From stalks so long, over the blade, one sees what is behind them. Working figure. */
const LONG_STALK = 1.3;
/** Blades turn so far to one side or the other of straight up. By eye. */
const ROLL = 0.3;

/** A trunk is so thick beside the spread of its leaves. By eye. */
const TRUNK = 0.09;

/** Leaves from the soil, each on a stalk of its own or in a rose, and flowers on stalks over them. */
export function crown(s: Sprig, c: Crown): void {
  leaves(s, c);
  flowersOver(s, c);
}

function leaves(s: Sprig, c: Crown): void {
  const { spreadMm: w } = s.grown;
  const h = leafHeight(s, c);
  const look = leafLook(s.plant);
  const size = clamp((w * (c.stalk > 0 ? LONGEST.stalked : LONGEST.sessile)) / look.lengthMm, 0.4, 1);
  const long = look.lengthMm * size;
  const ground = Math.PI * (w / 2) ** 2 + Math.PI * w * h * 0.35;
  const count = clamp(
    Math.round((ground * c.layers) / (leafAreaMm2(s.plant) * size * size)),
    LEAVES.least,
    LEAVES.most,
  );
  // Dark under the blades, and not about the stalks at its foot; between stalks that are long one sees through.
  if (c.trunk > 0) stemBetween(s, s.base, add(s.base, UP, h * c.trunk), w * TRUNK);
  else if (c.stalk > 0 && c.stalk < LONG_STALK) lumpIn(s, add(s.base, UP, h * 0.34), w * 0.4, h * 0.3);
  for (let i = 0; i < count; i += 1) {
    const t = (i + 0.5) / count;
    const a = i * GOLDEN + between(s, -0.3, 0.3);
    const rise = lerp(c.young, c.old, t ** 0.8) + between(s, -0.16, 0.16);
    const along = toward(a + between(s, -0.4, 0.4) * (c.stalk > 0 ? 1 : 0.3), rise);
    const grown = size * lerp(SIZES.young, SIZES.old, Math.sqrt(t));
    const foot: Vec = add(add(s.base, toward(a, 0), w * FOOT * Math.sqrt(t)), UP, h * c.trunk * between(s, 0.75, 1));
    // Blades look up, and those that stand look at their middle’s other side.
    const roll = toward(a + Math.PI / 2, 0);
    const face = unit(add(add(UP, toward(a, 0), rise > 0.6 ? -0.9 : 0.35), roll, between(s, -ROLL, ROLL)));
    const old = t > 0.86 ? between(s, 0, 0.3) : 0;
    if (c.stalk === 0) {
      leafAt(s, foot, along, face, grown, old);
      continue;
    }
    const reach = Math.sqrt(t) * Math.max(w * 0.18, w / 2 - long * Math.cos(rise) * 0.85);
    const tall = h * (1 - c.dome * t ** 1.4) * between(s, 0.86, 1) - long * Math.max(0, Math.sin(rise)) * 0.9;
    const end: Vec = add(s.base, [Math.cos(a) * reach, Math.max(h * 0.1, tall), Math.sin(a) * reach]);
    // A stalk rises first and leans out after.
    const knee = add(blended(foot, end, 0.45), UP, (end[1] - foot[1]) * 0.14);
    const thick = clamp(long * 0.026, 1.4, 6);
    stemBetween(s, foot, knee, thick);
    stemBetween(s, knee, end, thick * 0.85);
    leafAt(s, end, along, face, grown, old);
  }
}

/** How far up a flower on a stalk of its own looks: what stands on it, and daisies, the most. By eye. */
function raised({ look }: Sprig): number {
  if (look?.as === 'stand') return 3;
  return look?.as === 'open' && look.up ? 1.3 : 0.45;
}

/** A loose spire bears its flowers over so much of its stalk. By eye. */
const TOP = 0.42;
/** No more stalks than this: more are not told apart. */
const MOST_STALKS = 36;

function flowersOver(s: Sprig, c: Crown): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const { flower } = s.plant;
  const spiked = flower.form === 'spike';
  const { many, size } = heads(s, Math.PI * (w / 2) ** 2 + Math.PI * w * h * 0.5, 200);
  const stalks = Math.min(MOST_STALKS, Math.ceil(many / (spiked ? 1 : c.flowers)));
  const low = leafHeight(s, c);
  for (let i = 0; i < stalks; i += 1) {
    const t = (i + 0.5) / stalks;
    const a = i * GOLDEN + 0.7;
    const reach = Math.sqrt(t) * w * (c.flowers === 1 ? 0.42 : 0.28);
    // The first stalk is the tallest; those at the edge lean out and look over the leaves.
    const up = i === 0 ? h : lerp(h * between(s, 0.86, 1), Math.max(low * 0.7, h * 0.6), t);
    const tip: Vec = add(s.base, [Math.cos(a) * reach, up, Math.sin(a) * reach]);
    const foot = add(s.base, toward(a, 0), reach * 0.25);
    const thick = clamp(flower.sizeMm * 0.05, 1.2, 4.5);
    stemBetween(s, foot, tip, thick);
    const out = toward(a + between(s, -0.4, 0.4), 0);
    if (spiked) spire(s, add(tip, UP, -Math.min(flower.sizeMm, up * TOP)), tip, flower.sizeMm / 7);
    else if (c.flowers === 1) flowerAt(s, tip, unit(add(out, UP, raised(s))), size);
    else loosely(s, c, { foot, tip, size });
  }
}

/** A few flowers up the top of a stalk, each to another side on a short stalk of its own. */
function loosely(s: Sprig, c: Crown, { foot, tip, size }: { foot: Vec; tip: Vec; size: number }): void {
  const mm = s.plant.flower.sizeMm;
  for (let k = 0; k < c.flowers; k += 1) {
    const from = blended(tip, foot, (k / c.flowers) * TOP);
    const out = toward(k * GOLDEN + between(s, -0.4, 0.4), between(s, 0, 0.5));
    const at = add(from, out, k === 0 ? 0 : mm * 0.55);
    if (k > 0) stemBetween(s, from, at, 1.2);
    flowerAt(s, at, unit(add(out, UP, 0.3)), size);
  }
}
