import type { Planting } from '../plantings/schema';
import { dealt, inRow } from './arrange';
import { moved } from './index';
import { sceneOf } from './scene';
import type { Group } from './schema';

/**
 * A group in which all of some containers stand in one row, the fewer kinds spread evenly among the others.
 * Throws UnknownPlantError.
 */
export function groupInRow(group: Group, plantings: readonly Planting[], ids: readonly string[], date: string): Group {
  const { bodies } = sceneOf(group, plantings, date);
  const row = bodies.filter((b) => ids.includes(b.of));
  const places = inRow({ bodies: row });
  return moved(
    group,
    dealt(row).map((b, i) => ({ ...places[i], id: b.id })),
  );
}
