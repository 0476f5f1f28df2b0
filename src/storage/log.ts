import { type LaterEntry, LaterEntrySchema } from '@/core/log/later';
import { type LogEntry, LogEntrySchema } from '@/core/log/schema';
import { db, type StoredEntry } from './db';

const byDay = (a: LogEntry, b: LogEntry): number => b.on.localeCompare(a.on) || b.id.localeCompare(a.id);

/** Those that can be read, the newest first; what cannot be is kept, and left out. */
const understood = (rows: readonly StoredEntry[]): LogEntry[] =>
  rows
    .flatMap(({ entry }) => {
      const r = LogEntrySchema.safeParse(entry);
      return r.success ? [r.data] : [];
    })
    .sort(byDay);

/** The log of one container, or of all, the newest first. */
export async function readLog(of?: string): Promise<LogEntry[]> {
  return understood(await (of === undefined ? db.log.toArray() : db.log.where('of').equals(of).toArray()));
}

const isUnderstood = ({ entry }: StoredEntry): boolean => LogEntrySchema.safeParse(entry).success;

/**
 * Those that a later Rillbank wrote, of one container or of all: a Rillbank that knows them by now reads them
 * as its own.
 */
export async function readLaterLog(of?: string): Promise<LaterEntry[]> {
  const rows = await (of === undefined ? db.log.toArray() : db.log.where('of').equals(of).toArray());
  return rows.flatMap((row) => {
    const r = LaterEntrySchema.safeParse(row);
    return r.success && !isUnderstood(row) ? [r.data] : [];
  });
}

/** Entries that nobody can read, as they are stored. */
export const readUnreadableLog = async (): Promise<StoredEntry[]> =>
  (await db.log.toArray()).filter((row) => !isUnderstood(row) && !LaterEntrySchema.safeParse(row).success);

/** An entry that a later Rillbank wrote, as it is stored. */
export const laterRow = ({ entry, minor }: LaterEntry): StoredEntry => ({
  id: entry.id,
  of: entry.of,
  on: entry.on,
  entry,
  minor,
});

/** An entry as it is stored. */
export const entryRow = (entry: LogEntry): StoredEntry => ({ id: entry.id, of: entry.of, on: entry.on, entry });

/** Keeps an entry, with its photograph where it has one: both or neither. */
export async function addEntry(entry: LogEntry, photo: Blob | null = null): Promise<void> {
  await db.transaction('rw', db.log, db.photos, async () => {
    await db.log.put(entryRow(entry));
    if (photo) await db.photos.put({ id: entry.id, blob: photo });
  });
}

/** Takes entries out; what brings them back is returned. */
export async function removeEntries(ids: readonly string[]): Promise<() => Promise<void>> {
  return db.transaction('rw', db.log, db.photos, async () => {
    const rows = (await db.log.bulkGet([...ids])).flatMap((r) => r ?? []);
    const photos = (await db.photos.bulkGet([...ids])).flatMap((p) => p ?? []);
    await db.log.bulkDelete([...ids]);
    await db.photos.bulkDelete(photos.map((p) => p.id));
    return () =>
      db.transaction('rw', db.log, db.photos, async () => {
        await db.log.bulkPut(rows);
        await db.photos.bulkPut(photos);
      });
  });
}

/** The photograph of an entry, or null. */
export const readEntryPhoto = async (id: string): Promise<Blob | null> => (await db.photos.get(id))?.blob ?? null;
