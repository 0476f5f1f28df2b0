import { clamp } from '../../units/number';
import { flowerAt, heads } from '../flowers';
import { lumpIn } from '../inside';
import { leafAreaMm2, leafAt, leafLook } from '../leaves';
import { between, GOLDEN, turn, type Sprig } from '../sprig';
import { add, toward, UP, unit, type Vec } from '../vector';

/** Taller than this beside its width it is a column that tapers, else a dome. By eye. */
const SLIM = 1.5;
/** Twigs over its outside, times what would cover it once. By eye. */
const LEAFY = 2.4;
const TWIGS = { least: 120, most: 620 };
/**
 * The inside of a dense one is leaf as well: lumps over one another from the foot, each from so high, so wide
 * and so tall, as shares. By eye.
 */
const INNER = [
  { from: 0, wide: 0.86, tall: 0.5 },
  { from: 0.02, wide: 0.7, tall: 0.62 },
  { from: 0.26, wide: 0.56, tall: 0.5 },
  { from: 0.5, wide: 0.34, tall: 0.42 },
] as const;
const INNER_LIGHT = 1.5;
/** The lowest twigs, so many of all, bear no flowers. By eye. */
const FLOWERS_FROM = 0.2;

/**
 * Conifers, heathers and what is needled like them: short twigs that point out and up over the whole of a
 * cone or a dome.
 */
export function cone(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const slim = h > w * SLIM;
  const look = leafLook(s.plant);
  const surface = Math.PI * (w / 2) * Math.hypot(w / 2, h) * (slim ? 1 : 1.5);
  const each = leafAreaMm2(s.plant);
  const count = clamp(Math.round((surface * LEAFY) / each), TWIGS.least, TWIGS.most);
  const size = clamp(Math.sqrt((surface * LEAFY) / each / count), 0.6, 1.8);
  const long = look.lengthMm * size;
  for (const { from, wide, tall } of INNER)
    if (slim || from < 0.1) lumpIn(s, add(s.base, UP, h * from), w * wide, h * tall * (slim ? 1 : 1.3), INNER_LIGHT);
  // How far out it reaches, as a share of half its width, so high up it.
  const wideAt = (t: number): number => (slim ? (1 - t) ** 0.85 * 0.94 + 0.06 : Math.sqrt(1 - t * t));
  for (let i = 0; i < count; i += 1) {
    const t = 1 - Math.sqrt(1 - (i + 0.5) / count);
    const a = i * GOLDEN + between(s, -0.1, 0.1);
    const r = Math.max(0, (w / 2) * wideAt(t) - long * 0.45) * (i % 5 === 0 ? between(s, 0.6, 0.85) : 1);
    const out = toward(a, slim ? 0.75 : 0.2 + 1.2 * t);
    const at: Vec = add(s.base, [Math.cos(a) * r, t * (h - long * 0.6), Math.sin(a) * r]);
    const along = unit(add(out, [between(s, -0.35, 0.35), between(s, -0.1, 0.35), between(s, -0.35, 0.35)]));
    leafAt(s, at, along, unit(add(toward(a, 0.3), UP, 0.3)), size * (1 - 0.25 * t));
  }
  const { many, size: swell } = heads(s, Math.PI * w * h * 0.5, 160);
  for (let i = 0; i < many; i += 1) {
    // Among the tips of the twigs, as far out as those are at its height.
    const t = 1 - Math.sqrt(1 - between(s, FLOWERS_FROM, 1));
    const out = toward(turn(s), slim ? 0.4 : 0.2 + t);
    const r = (w / 2) * wideAt(t) * between(s, 0.86, 1);
    flowerAt(s, add(s.base, [out[0] * r, h * t, out[2] * r]), out, swell);
  }
}
