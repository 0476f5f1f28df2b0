import { clamp } from '../../units/number';
import { lumpIn } from '../inside';
import { leafAreaMm2, leafAt } from '../leaves';
import { between, GOLDEN, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { add, cross, toward, UP, unit, type Vec } from '../vector';

/** Twigs over the outside of a clipped ball, times what would cover it once. By eye. */
const LEAFY = 1.9;
const MOST = 640;
/**
 * What is behind the outermost twigs is leaf as well, one layer behind the other: so wide, and so light
 * beside the dark inside of other plants. By eye.
 */
const INNER = { wide: [0.95, 0.84], light: 1.7 };

/**
 * A ball that is kept close by shears: short twigs lie against its outside, each with its leaves turned to
 * the light.
 */
export function clipped(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const [r, half] = [w / 2, h * 0.5];
  const centre = add(s.base, UP, half);
  const surface = 4 * Math.PI * r * Math.max(half, r * 0.6);
  const each = leafAreaMm2(s.plant);
  const count = clamp(Math.round((surface * LEAFY) / each), 120, MOST);
  const size = clamp(Math.sqrt((surface * LEAFY) / each / count), 0.5, 1.3);
  for (const k of INNER.wide) lumpIn(s, add(centre, UP, -half * k), w * k, h * k, INNER.light);
  for (let i = 0; i < count; i += 1) {
    const dir = toward(i * GOLDEN + between(s, -0.1, 0.1), Math.asin(1 - (2 * (i + 0.5)) / count));
    const at: Vec = add(centre, [dir[0] * r, dir[1] * half, dir[2] * r], between(s, 0.88, 0.95));
    // Along its outside, this way and that, and a little out of it.
    const side = unit(cross(dir, UP));
    const over = cross(side, dir);
    const turned = between(s, -1.2, 1.2);
    const along = unit(add(add(over, side, Math.tan(turned * 0.8)), dir, between(s, 0.25, 0.6)));
    leafAt(s, at, along, dir, size * between(s, 0.8, 1.05));
  }
  for (let i = 0; i < 3; i += 1) stemBetween(s, s.base, add(s.base, toward(i * 2.1, 1.25), half * 0.5), 5);
}
