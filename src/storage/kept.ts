import type { ZodType } from 'zod';
import { db } from './db';

/** One thing kept under a name: read as it is understood, and changed by what it is now. */
export interface KeptUnder<T> {
  /** As it is kept; as it is before anything was said where there is nothing, or nothing that can be read. */
  read: () => Promise<T>;
  /** Changes it by what it is now, so that two tabs lose nothing of each other’s. */
  change: (change: (now: T) => T) => Promise<void>;
}

/** Something kept among the settings of this device. */
export function keptUnder<T>(key: string, schema: ZodType<T>, plain: T): KeptUnder<T> {
  const read = async (): Promise<T> => {
    const row = await db.settings.get(key);
    const r = schema.safeParse(row?.value ?? {});
    return r.success ? r.data : plain;
  };
  const change = (by: (now: T) => T): Promise<void> =>
    db.transaction('rw', db.settings, async () => {
      await db.settings.put({ key, value: by(await read()) });
    });
  return { read, change };
}
