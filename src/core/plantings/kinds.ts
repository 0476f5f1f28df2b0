import { plantName } from '../plants/schema';
import { resolve } from './resolve';
import type { Planting } from './schema';

/** What stands in it: “3 petunia, 2 ivy”, in the order it was put in. Throws UnknownPlantError. */
export function kindsIn(planting: Planting): string {
  const counts = new Map<string, number>();
  for (const { plant } of resolve(planting)) counts.set(plantName(plant), (counts.get(plantName(plant)) ?? 0) + 1);
  return [...counts].map(([name, n]) => `${n} ${name}`).join(', ');
}
