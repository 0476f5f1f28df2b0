import { libraryPlant } from '@/core/plants';
import { OwnPlantSchema, type OwnPlant } from '@/core/plants/own';
import type { Plant } from '@/core/plants/schema';
import { plantIdOf } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { db } from './db';

/** Somebody's own plants: what could be read, and the ids of what could not, which is kept. */
export interface OwnShelf {
  own: OwnPlant[];
  unreadable: string[];
}

export async function readOwn(): Promise<OwnShelf> {
  const shelf: OwnShelf = { own: [], unreadable: [] };
  for (const row of await db.plants.toArray()) {
    const r = OwnPlantSchema.safeParse(row.own);
    if (r.success) shelf.own.push(r.data);
    else shelf.unreadable.push(row.id);
  }
  return shelf;
}

/** Every placement of these plants, in every container on this bench, refers to them as given by id. Returns how many containers changed. */
async function follow(as: ReadonlyMap<string, string | Plant>, now: number): Promise<number> {
  let changed = 0;
  await db.plantings.toCollection().modify((row) => {
    const planting = row.planting as Planting;
    if (!Array.isArray(planting?.placements) || !planting.placements.some((p) => as.has(plantIdOf(p)))) return;
    row.planting = {
      ...planting,
      placements: planting.placements.map((p) => ({ ...p, plant: as.get(plantIdOf(p)) ?? p.plant })),
    };
    row.updatedAt = now;
    changed += 1;
  });
  return changed;
}

/** Keeps own plants, all or none; containers that hold one of them follow. Returns how many containers changed. */
export async function saveOwn(plants: readonly OwnPlant[], now = Date.now()): Promise<number> {
  return db.transaction('rw', db.plants, db.plantings, async () => {
    await db.plants.bulkPut(plants.map((own) => ({ id: own.plant.id, own })));
    return follow(new Map(plants.map(({ plant }) => [plant.id, plant])), now);
  });
}

/** Takes an own plant away. Where it stood in for a shipped one, containers go back to that; others keep their copy of it. */
export async function removeOwn(id: string, now = Date.now()): Promise<void> {
  await db.transaction('rw', db.plants, db.plantings, async () => {
    await db.plants.delete(id);
    if (libraryPlant(id)) await follow(new Map([[id, id]]), now);
  });
}
