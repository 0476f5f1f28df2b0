import { plantName, type Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { formatLength, type UnitSystem } from '../units/length';
import { apartMm, roomAt } from './packing';

/** Less than this is no misfit: a hand is not finer. mm */
const SLACK_MM = 0.5;

interface Neighbour {
  id: string;
  plant: Plant;
  start: Parameters<typeof apartMm>[0];
  xMm: number;
  yMm: number;
}

/** Why the root ball of a placement cannot stand at a point, as a sentence; null when it can. */
export function whyNotThere(
  planting: Planting,
  neighbours: readonly Neighbour[],
  id: string,
  to: { xMm: number; yMm: number },
  units: UnitSystem = 'metric',
): string | null {
  const me = planting.placements.find((p) => p.id === id);
  if (!me) return null;
  const over = -roomAt(planting.container, me.start, to.xMm, to.yMm).mm;
  if (over > SLACK_MM) return `The root ball would stick out of the mix by ${formatLength(over, units)}.`;
  for (const p of neighbours) {
    if (p.id === id) continue;
    const lack = apartMm(me.start, p.start) - Math.hypot(to.xMm - p.xMm, to.yMm - p.yMm);
    if (lack > SLACK_MM) return `The root ball would overlap ${plantName(p.plant)} by ${formatLength(lack, units)}.`;
  }
  return null;
}
