import { BadInputError } from '@/core/formats/parse';
import { byName } from '@/core/units/natural';
import { apply, type Command } from '@/core/plantings/commands';
import { joined } from '@/core/plantings/joined';
import type { Planting } from '@/core/plantings/schema';
import { db, type StoredPlanting } from './db';
import { forget, storedPlanting, revOf, stamp } from './rows';

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

/** The rows of all that stands on the bench or is put away, by place. */
export const shelved = (): Promise<StoredPlanting[]> =>
  db.plantings
    .orderBy('place')
    .filter((row) => !row.fresh)
    .toArray();

/** Everything on the bench, by place and name. */
export async function readShelf(): Promise<Shelf> {
  const shelf: Shelf = { pots: [], unreadable: [] };
  for (const row of await shelved()) {
    const p = storedPlanting(row);
    if (p instanceof BadInputError) shelf.unreadable.push({ id: row.id, why: p.message, stored: row.planting });
    else shelf.pots.push({ planting: p, updatedAt: row.updatedAt, archived: row.archived ?? false });
  }
  const { pots } = shelf;
  pots.sort((a, b) => byName(a.planting.spot.name, b.planting.spot.name) || byName(a.planting.name, b.planting.name));
  return shelf;
}

/** A planting as it is kept, and how often it was written. */
export interface Kept {
  planting: Planting;
  rev: number;
}

/**
 * One planting as it is kept, or undefined when there is none of that id. Throws BadInputError for one that
 * cannot be read.
 */
export async function readOne(id: string): Promise<Kept | undefined> {
  const row = await db.plantings.get(id);
  return row && { planting: readable(row), rev: revOf(row) };
}

function readable(row: StoredPlanting): Planting {
  const planting = storedPlanting(row);
  if (planting instanceof BadInputError) throw planting;
  return planting;
}

/** A planting as the row that comes after another of its id; one that was put away stays so. */
export const rowOf = (
  planting: Planting,
  updatedAt: number,
  before?: Pick<StoredPlanting, 'rev' | 'archived'>,
): StoredPlanting => ({
  id: planting.id,
  place: planting.spot.name,
  updatedAt,
  rev: revOf(before) + 1,
  planting,
  ...(before?.archived ? { archived: true } : {}),
});

/** Keeps plantings as they are, all or none, over whatever was kept of them. */
export async function savePlantings(plantings: readonly Planting[], now = stamp()): Promise<void> {
  await db.transaction('rw', db.plantings, async () => {
    const before = await db.plantings.bulkGet(plantings.map((p) => p.id));
    await db.plantings.bulkPut(plantings.map((p, i) => rowOf(p, now, before[i])));
  });
  forget(plantings.map((p) => p.id));
}

/** One that was started and not touched is kept for so long, for whoever comes back to its page. Working figure. */
const FRESH_MS = 86_400_000;

/** Keeps a container that was just started. Those that were started before and never touched are forgotten. */
export async function startPlanting(planting: Planting, now = stamp()): Promise<void> {
  await db.transaction('rw', db.plantings, async () => {
    await db.plantings.filter((row) => row.fresh === true && now - row.updatedAt > FRESH_MS).delete();
    await db.plantings.put({ ...rowOf(planting, now), fresh: true });
  });
  forget([planting.id]);
}

/** Keeps one planting as it is. */
export const savePlanting = (planting: Planting, now = stamp()): Promise<void> => savePlantings([planting], now);

/**
 * Keeps an edit that began from something kept earlier. What another tab wrote meanwhile is joined with it, in one
 * transaction; `met` says what both changed. One that is gone comes back with the edit in it.
 */
export async function keepEdit(mine: Planting, from: Kept, now = stamp()): Promise<Kept & { met: string[] }> {
  return db.transaction('rw', db.plantings, async () => {
    const row = await db.plantings.get(mine.id);
    const meanwhile = row && revOf(row) !== from.rev ? readable(row) : from.planting;
    const { planting, met } = joined(from.planting, mine, meanwhile);
    const next = rowOf(planting, now, row ?? { rev: from.rev });
    await db.plantings.put(next);
    return { planting, rev: revOf(next), met };
  });
}

/**
 * Edits containers as they stand in storage, all or none: what another tab changed in them stays. Throws
 * BadInputError.
 */
export async function editStored(edits: ReadonlyMap<string, readonly Command[]>, now = stamp()): Promise<void> {
  await db.transaction('rw', db.plantings, async () => {
    const rows = await db.plantings.bulkGet([...edits.keys()]);
    await db.plantings.bulkPut(
      rows.flatMap((row) => (row ? [rowOf((edits.get(row.id) ?? []).reduce(apply, readable(row)), now, row)] : [])),
    );
  });
}

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
