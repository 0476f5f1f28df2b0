import { BadInputError } from '@/core/formats/parse';
import type { Planting } from '@/core/plantings/schema';
import { db, type StoredPlanting } from './db';
import { forget, plantingOf, stamp } from './rows';

/** A container on the bench. */
export interface ShelvedPot {
  planting: Planting;
  updatedAt: number;
  archived: boolean;
}

/** A bench as read: what could be understood, and what could not, which is kept and told. */
export interface Shelf {
  pots: ShelvedPot[];
  unreadable: { id: string; why: string; stored: unknown }[];
}

/** Everything on the bench, by place. */
export async function readShelf(): Promise<Shelf> {
  const shelf: Shelf = { pots: [], unreadable: [] };
  for (const row of await db.plantings.orderBy('place').toArray()) {
    const p = plantingOf(row);
    if (p instanceof BadInputError) shelf.unreadable.push({ id: row.id, why: p.message, stored: row.planting });
    else shelf.pots.push({ planting: p, updatedAt: row.updatedAt, archived: row.archived ?? false });
  }
  return shelf;
}

/** One planting and its stamp, or undefined when there is none of that id. Throws BadInputError for one that cannot be read. */
export async function readOne(id: string): Promise<{ planting: Planting; updatedAt: number } | undefined> {
  const row = await db.plantings.get(id);
  if (!row) return undefined;
  const planting = plantingOf(row);
  if (planting instanceof BadInputError) throw planting;
  return { planting, updatedAt: row.updatedAt };
}

export const rowOf = (planting: Planting, updatedAt: number, archived = false): StoredPlanting => ({
  id: planting.id,
  place: planting.spot.name,
  updatedAt,
  planting,
  ...(archived ? { archived } : {}),
});

/** Keeps plantings, all or none; the stamp they were kept under. One that was put away stays so. */
export async function savePlantings(plantings: readonly Planting[], now = stamp()): Promise<number> {
  await db.transaction('rw', db.plantings, async () => {
    const before = await db.plantings.bulkGet(plantings.map((p) => p.id));
    await db.plantings.bulkPut(plantings.map((p, i) => rowOf(p, now, before[i]?.archived)));
  });
  forget(plantings.map((p) => p.id));
  return now;
}

/** Keeps one planting; the stamp it was kept under. */
export const savePlanting = (planting: Planting, now = stamp()): Promise<number> => savePlantings([planting], now);

/** Puts a planting away, or back on the shelf. */
export async function archivePlanting(id: string, archived: boolean): Promise<void> {
  await db.plantings.update(id, { archived });
}

/** Takes a planting off the bench for good. */
export async function deletePlanting(id: string): Promise<void> {
  await db.plantings.delete(id);
  forget([id]);
}

/** Puts the demonstration on an empty bench that has never had it; true when it did. */
export async function loadOnce(key: string, plantings: readonly Planting[]): Promise<boolean> {
  return db.transaction('rw', db.plantings, db.settings, async () => {
    if ((await db.settings.get(key)) || (await db.plantings.count()) > 0) return false;
    await db.settings.put({ key, value: true });
    await db.plantings.bulkAdd(plantings.map((p) => rowOf(p, stamp())));
    return true;
  });
}
