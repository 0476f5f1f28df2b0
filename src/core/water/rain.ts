import type { Day } from '../climate/days';
import { shapeOf } from '../containers/shapes';
import type { Planting } from '../plantings/schema';
import type { Drinking } from './canopy';
import { rimM2 } from './demand';

/** What the leaf over a container keeps of a shower before any of it drips through, mm. Working figure. */
const KEPT_MM = 2.5;
/**
 * Of what falls after that, leaf over the whole rim sheds so much beside it: an upright planting about half,
 * a dome that hangs over its basket most. Working figures.
 */
const SHED = { upright: 0.45, dome: 0.75 } as const;
/** Rain that reaches under half a roof, and under a whole one. */
const REACHES = { open: 1, part: 0.5, none: 0 } as const;

/**
 * Litres of a day’s rain that reach the mix: leaves keep the first of it and shed part of the rest. More rain
 * is never less.
 */
export function rainL(planting: Planting, drinking: Drinking, { rainMm }: Pick<Day, 'rainMm'>): number {
  const rim = rimM2(planting);
  const covered = Math.min(1, drinking.planM2 / rim);
  const { family, backless } = shapeOf(planting.container.shape);
  const shed = family === 'basket' || backless ? SHED.dome : SHED.upright;
  const through = Math.max(0, rainMm * REACHES[planting.spot.rain] - KEPT_MM * covered);
  return through * rim * (1 - shed * covered);
}
