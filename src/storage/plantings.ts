import { BadInputError } from '@/core/formats/parse';
import type { Bench } from '@/core/formats/backup';
import { readPlanting } from '@/core/formats/planting';
import type { Planting } from '@/core/plantings/schema';
import { db, type StoredPlanting } from './db';

/** A bench as read: what could be understood, and what could not, which is kept and told. */
export interface Shelf {
  pots: { planting: Planting; updatedAt: number; archived: boolean }[];
  unreadable: { id: string; why: string }[];
}

function read(row: StoredPlanting): Planting | BadInputError {
  try {
    return readPlanting(row.planting);
  } catch (e) {
    if (e instanceof BadInputError) return e;
    throw e;
  }
}

export async function readShelf(): Promise<Shelf> {
  const shelf: Shelf = { pots: [], unreadable: [] };
  for (const row of await db.plantings.orderBy('place').toArray()) {
    const p = read(row);
    if (p instanceof BadInputError) shelf.unreadable.push({ id: row.id, why: p.message });
    else shelf.pots.push({ planting: p, updatedAt: row.updatedAt, archived: row.archived ?? false });
  }
  return shelf;
}

/** One planting and its stamp, or undefined when there is none of that id. Throws BadInputError for one that cannot be read. */
export async function readOne(id: string): Promise<{ planting: Planting; updatedAt: number } | undefined> {
  const row = await db.plantings.get(id);
  return row && { planting: readPlanting(row.planting), updatedAt: row.updatedAt };
}

const rowOf = (planting: Planting, updatedAt: number): StoredPlanting => ({
  id: planting.id,
  place: planting.spot.name,
  updatedAt,
  planting,
});

/** Keeps a planting; the stamp it was kept under. One that was put away stays so. */
export async function savePlanting(planting: Planting, now = Date.now()): Promise<number> {
  await db.transaction('rw', db.plantings, async () => {
    const archived = (await db.plantings.get(planting.id))?.archived;
    await db.plantings.put({ ...rowOf(planting, now), ...(archived ? { archived } : {}) });
  });
  return now;
}

/** Puts a planting away, or back on the shelf. */
export async function archivePlanting(id: string, archived: boolean): Promise<void> {
  await db.plantings.update(id, { archived });
}

export const deletePlanting = (id: string): Promise<void> => db.plantings.delete(id);

/** Keeps all or, if any fails, none. Containers whose id is on the bench are given a new one, and own plants already here stay as they are, so nothing is overwritten. Returns how many of each were kept. */
export async function importBench(
  { plantings, plants }: Bench,
  newId: () => string,
  now = Date.now(),
): Promise<{ plantings: number; plants: number }> {
  return db.transaction('rw', db.plantings, db.plants, async () => {
    const known = new Set(await db.plants.toCollection().primaryKeys());
    const fresh = plants.filter((o) => !known.has(o.plant.id));
    await db.plants.bulkAdd(fresh.map((own) => ({ id: own.plant.id, own })));
    const taken = new Set(await db.plantings.toCollection().primaryKeys());
    await db.plantings.bulkAdd(plantings.map((p) => rowOf(taken.has(p.id) ? { ...p, id: newId() } : p, now)));
    return { plantings: plantings.length, plants: fresh.length };
  });
}

/** Puts the demonstration on an empty bench that has never had it; true when it did. */
export async function loadOnce(key: string, plantings: readonly Planting[]): Promise<boolean> {
  return db.transaction('rw', db.plantings, db.settings, async () => {
    if ((await db.settings.get(key)) || (await db.plantings.count()) > 0) return false;
    await db.settings.put({ key, value: true });
    await db.plantings.bulkAdd(plantings.map((p) => rowOf(p, Date.now())));
    return true;
  });
}
