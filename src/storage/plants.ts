import { libraryPlant } from '@/core/plants';
import { OwnPlantSchema, type OwnPlant } from '@/core/plants/own';
import type { Plant } from '@/core/plants/schema';
import { dataUrlOf } from '@/core/units/picture';
import { plantIdOf } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { db } from './db';
import { blobOf } from './photos';
import { forget, revOf, stamp } from './rows';

/** One of somebody's own plants, without its photograph. */
export interface Own {
  plant: Plant;
  updatedAt: string;
}

/** One to keep: `photo` as a data URL, null for none, left out to leave it as it is. */
export interface OwnToKeep extends Own {
  photo?: string | null;
}

/** Somebody's own plants: what could be read, and the ids of what could not, which is kept. */
export interface OwnShelf {
  own: Own[];
  unreadable: string[];
}

/** Own plants without their photographs. */
export async function readOwn(): Promise<OwnShelf> {
  const shelf: OwnShelf = { own: [], unreadable: [] };
  for (const row of await db.plants.toArray()) {
    const r = OwnPlantSchema.safeParse(row.own);
    if (r.success) shelf.own.push({ plant: r.data.plant, updatedAt: r.data.updatedAt });
    else shelf.unreadable.push(row.id);
  }
  return shelf;
}

/** The photograph of one own plant as a data URL, or null. */
export async function readPhoto(id: string): Promise<string | null> {
  const row = await db.photos.get(id);
  return row ? dataUrlOf(new Uint8Array(await row.blob.arrayBuffer()), row.blob.type) : null;
}

/** Own plants as they stand in files, photographs with them. */
export async function readOwnWhole(): Promise<OwnPlant[]> {
  const { own } = await readOwn();
  return Promise.all(own.map(async (o) => ({ ...o, photo: await readPhoto(o.plant.id) })));
}

/**
 * Every placement of these plants, in every container on this bench, refers to them as given by id. Returns
 * how many containers changed.
 */
export async function follow(as: ReadonlyMap<string, string | Plant>, now: number): Promise<number> {
  const changed: string[] = [];
  await db.plantings.toCollection().modify((row) => {
    const planting = row.planting as Planting;
    if (!Array.isArray(planting?.placements) || !planting.placements.some((p) => as.has(plantIdOf(p)))) return;
    row.planting = {
      ...planting,
      placements: planting.placements.map((p) => ({ ...p, plant: as.get(plantIdOf(p)) ?? p.plant })),
    };
    row.updatedAt = now;
    row.rev = revOf(row) + 1;
    changed.push(row.id);
  });
  forget(changed);
  return changed.length;
}

/** Writes own plants and their photographs. Inside a transaction over both tables. */
export async function putOwn(plants: readonly OwnToKeep[]): Promise<void> {
  await db.plants.bulkPut(
    plants.map(({ plant, updatedAt }) => ({ id: plant.id, own: { plant, updatedAt, photo: null } })),
  );
  for (const { plant, photo } of plants) {
    if (photo === undefined) continue;
    const blob = photo === null ? null : blobOf(photo);
    if (blob) await db.photos.put({ id: plant.id, blob });
    else await db.photos.delete(plant.id);
  }
}

/** Keeps own plants, all or none; containers that hold one of them follow. Returns how many containers changed. */
export async function saveOwn(plants: readonly OwnToKeep[], now = stamp()): Promise<number> {
  return db.transaction('rw', db.plants, db.photos, db.plantings, async () => {
    await putOwn(plants);
    return follow(new Map(plants.map(({ plant }) => [plant.id, plant])), now);
  });
}

/**
 * Takes an own plant away, its photograph too. Where it stood in for a shipped one, containers go back to
 * that; others keep their copy of it.
 */
export async function removeOwn(id: string, now = stamp()): Promise<void> {
  await db.transaction('rw', db.plants, db.photos, db.plantings, async () => {
    await db.plants.delete(id);
    await db.photos.delete(id);
    if (libraryPlant(id)) await follow(new Map([[id, id]]), now);
  });
}
