import { heartOf } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import type { Shape } from '../containers/schema';
import type { Command } from '../plantings/commands';
import type { Planting } from '../plantings/schema';
import { tenth } from '../units/number';
import { misfits, settle } from './packing';

/** By how many degrees a planting may be turned in a shape and stand as before; null where it cannot be. */
export const turnStep = (shape: Shape): number | null => shapeOf(shape).turnsBy ?? null;

/** A press turns about this far, degrees. */
const PRESS = 15;

/** How far one press turns a planting in a shape, degrees; null where it cannot be turned. */
export function pressTurn(shape: Shape): number | null {
  const step = turnStep(shape);
  return step === null ? null : Math.ceil(PRESS / step) * step;
}

/**
 * The moves that turn a planting about the container's heart, what is kept staying where it is and the others giving
 * way to it. Null where the shape cannot be turned so, or not all can stand.
 */
export function turned({ container, placements }: Planting, degrees: number): Command[] | null {
  const step = turnStep(container.shape);
  if (step === null || degrees % step !== 0) return null;
  const heart = heartOf(container.shape);
  const a = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(a), Math.sin(a)];
  const at = placements.map((p) => {
    if (p.locked) return { ...p, fixed: true };
    const [x, y] = [p.xMm - heart.x, p.yMm - heart.y];
    return { ...p, fixed: false, xMm: heart.x + x * cos - y * sin, yMm: heart.y + x * sin + y * cos };
  });
  const kept = at.some((p) => p.fixed);
  // Without anyone kept the planting is as tight or as loose as it was: nothing is to give way.
  const settled = kept && misfits(container, at).length > 0 ? settle(container, at) : at;
  if (!settled) return null;
  return settled.filter((p) => !p.fixed).map((p) => ({ do: 'move', id: p.id, xMm: tenth(p.xMm), yMm: tenth(p.yMm) }));
}
