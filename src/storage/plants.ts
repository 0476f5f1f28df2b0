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

/** Every placement of a plant, in every container on this bench, refers to it as given. Returns how many containers changed. */
async function followIn(id: string, plant: string | Plant, now: number): Promise<number> {
  let changed = 0;
  await db.plantings.toCollection().modify((row) => {
    const planting = row.planting as Planting;
    if (!Array.isArray(planting?.placements) || !planting.placements.some((p) => plantIdOf(p) === id)) return;
    row.planting = { ...planting, placements: planting.placements.map((p) => (plantIdOf(p) === id ? { ...p, plant } : p)) };
    row.updatedAt = now;
    changed += 1;
  });
  return changed;
}

/** Keeps own plants, all or none; containers that hold one of them follow. Returns how many containers changed. */
export async function saveOwn(plants: readonly OwnPlant[], now = Date.now()): Promise<number> {
  return db.transaction('rw', db.plants, db.plantings, async () => {
    await db.plants.bulkPut(plants.map((own) => ({ id: own.plant.id, own })));
    let changed = 0;
    // A great import is of plants that nothing holds yet.
    for (const { plant } of plants.length > 200 ? [] : plants) changed += await followIn(plant.id, plant, now);
    return changed;
  });
}

/** Takes an own plant away. Where it stood in for a shipped one, containers go back to that; others keep their copy of it. */
export async function removeOwn(id: string, now = Date.now()): Promise<void> {
  await db.transaction('rw', db.plants, db.plantings, async () => {
    await db.plants.delete(id);
    if (libraryPlant(id)) await followIn(id, id, now);
  });
}
