import { called } from '../../plants/called';
import { type Placed, resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { listed } from '../../units/listed';
import type { Sorted } from './sort-out';

/** Who takes part in a turn, each in a sentence: “3 pink petunias and a wine cordyline”; empty where nobody does. */
export interface Actors {
  comes: string;
  stays: string;
  goes: string;
}

/** Kinds in a sentence, with how many of each. */
function told(placed: readonly Placed[]): string {
  const kinds = [...new Map(placed.map((p) => [p.plant.id, p.plant])).values()];
  const many = (id: string) => placed.filter((p) => p.plant.id === id).length;
  return listed(kinds.map((k) => `${many(k.id)} ${called(k, many(k.id) > 1)}`));
}

/**
 * Who is set out on the day of a turn, who stays and who is lifted. `after` is the planting with the turn in
 * it. Throws UnknownPlantError.
 */
export function actorsOf(after: Planting, fresh: readonly string[], sorted: readonly Sorted[] = []): Actors {
  const placed = resolve(after);
  const among = (ids: readonly string[]) => told(placed.filter((p) => ids.includes(p.id)));
  const ids = (stays: boolean) => sorted.filter((s) => (s.goes === null) === stays).map((s) => s.id);
  return { comes: among(fresh), stays: among(ids(true)), goes: among(ids(false)) };
}
