import { db } from './db';

/** Storage as the browser tells it. */
export interface StorageSpace {
  /** Bytes kept, and how many there may be; null where the browser does not say. */
  used: number | null;
  most: number | null;
  /** True where the browser promised not to clear it of its own accord. */
  promised: boolean;
}

const storage = (): StorageManager | undefined => (typeof navigator === 'undefined' ? undefined : navigator.storage);

/** What is kept here and how much room there is. */
export async function readRoom(): Promise<StorageSpace> {
  const told = await storage()?.estimate?.();
  return {
    used: told?.usage ?? null,
    most: told?.quota ?? null,
    promised: (await storage()?.persisted?.()) ?? false,
  };
}

/** Asks the browser not to clear what is kept when it runs out of room. True when it promises. */
export const askForPromise = async (): Promise<boolean> => (await storage()?.persist?.()) ?? false;

const SAVED_AT = 'backup';

/** Notes that a backup was saved. */
export const noteBackup = (at: number): Promise<unknown> => db.settings.put({ key: SAVED_AT, value: at });

/**
 * Working figures: a reminder from so many containers that are in no backup, or so many days after the first
 * of them was changed.
 */
const MANY = 3;
const OLD_MS = 7 * 86_400_000;

/**
 * How many containers changed since the last backup, when it is time for one; else 0. One that was set out and never
 * changed again, as the demonstration's, is no loss.
 */
export async function unsaved(now: number): Promise<number> {
  const at = (await db.settings.get(SAVED_AT))?.value;
  const since = typeof at === 'number' ? at : 0;
  const changed = await db.plantings.filter((row) => row.updatedAt > since && (row.rev ?? 0) > 1).toArray();
  const old = changed.some((row) => now - row.updatedAt > OLD_MS);
  return changed.length >= MANY || old ? changed.length : 0;
}
