import { headspaceMm } from '../containers';
import { STARTS } from '../plants/starts';
import type { Planting } from '../plantings/schema';
import type { Numbered } from './order';

/**
 * So much of a stem that roots along its length goes under, as a share of the root ball’s depth. Working
 * figure: to the lowest leaves.
 */
const DEEPER = 0.5;
/** Plants that root along a buried stem. Practice. */
const ROOTS_ALONG_STEM = ['Solanum lycopersicum', 'Tagetes'];
/** Root balls whose feet lie no further apart are set on one level, mm. Working figure. */
const LEVEL_MM = 12;

/** Whether it is set deeper than it grew. */
export const setDeep = ({ plant, start }: Pick<Numbered, 'plant' | 'start'>): boolean =>
  ROOTS_ALONG_STEM.some((name) => plant.botanical.startsWith(name)) && start !== 'seed';

/**
 * How far under the rim the foot of a root ball stands when its top is level with the soil, mm; deeper for
 * what is set deep.
 */
export function footBelowRimMm(
  { container }: Pick<Planting, 'container'>,
  p: Pick<Numbered, 'plant' | 'start'>,
): number {
  const { ballDepthMm } = STARTS[p.start];
  return headspaceMm(container) + ballDepthMm * (setDeep(p) ? 1 + DEEPER : 1);
}

/** A level to which mix is filled, and the plants that are set on it. */
export interface Fill {
  belowRimMm: number;
  ids: readonly string[];
}

/** The levels mix is filled to, the deepest first, each with those set on it. */
export function fillDepths(planting: Planting, order: readonly Numbered[]): Fill[] {
  const levels: { belowRimMm: number; ids: string[] }[] = [];
  const deepest = [...order].sort((a, b) => footBelowRimMm(planting, b) - footBelowRimMm(planting, a));
  for (const p of deepest) {
    const foot = footBelowRimMm(planting, p);
    const level = levels.find((l) => l.belowRimMm - foot <= LEVEL_MM);
    if (level) level.ids.push(p.id);
    else levels.push({ belowRimMm: foot, ids: [p.id] });
  }
  return levels;
}
