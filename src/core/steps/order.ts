import { heartOf } from '../containers/outline';
import { STARTS } from '../plants/starts';
import { type Placed, resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';

/** A placement with the number it has on the template, in the steps and on its label. */
export interface Numbered extends Placed {
  no: number;
}

/** Root balls no further apart in depth than this are set on one level of mix, mm. Working figure: a finger's width. */
const LEVEL_MM = 15;

/**
 * The order in which root balls are set: the deepest first, for mix is only ever put in; on one level from the middle
 * outward, and round from the back. Throws UnknownPlantError.
 */
export function plantingOrder(planting: Planting): Numbered[] {
  const heart = heartOf(planting.container.shape);
  const deep = (p: Placed) => Math.round(STARTS[p.start].ballDepthMm / LEVEL_MM);
  const out = (p: Placed) => Math.hypot(p.xMm - heart.x, p.yMm - heart.y);
  return resolve(planting)
    .filter((p) => p.from === null && p.until === null)
    .sort((a, b) => deep(b) - deep(a) || out(a) - out(b) || a.yMm - b.yMm || a.xMm - b.xMm)
    .map((p, i) => ({ ...p, no: i + 1 }));
}
