import Dexie, { type Table } from 'dexie';
import { blobOf } from './photos';

/** One container as stored: the planting as JSON, checked when it is read, and when it was last changed. */
export interface StoredPlanting {
  id: string;
  place: string;
  updatedAt: number;
  /** How often it was written: it only rises, whatever the clock says. Left out by those who did not count yet. */
  rev?: number;
  /** Put away: kept, and not on the shelf. */
  archived?: boolean;
  /**
   * Started and not touched yet: it opens by its address, and stands on no shelf. Any edit makes it a
   * container like others.
   */
  fresh?: boolean;
  planting: unknown;
}

/** One of somebody's own plants as stored, checked when it is read. Its photograph lies in a table of its own. */
export interface StoredPlant {
  id: string;
  own: unknown;
}

/**
 * An entry of the log as stored, checked when it is read. Its photograph lies in the table of photographs
 * under its id.
 */
export interface StoredEntry {
  id: string;
  /** The container it is of. */
  of: string;
  on: string;
  entry: unknown;
  /** The minor version of the later Rillbank that wrote it; left out for one’s own. */
  minor?: number;
}

/** A photograph, under the id of the plant or the log entry it is of. */
export interface StoredPhoto {
  id: string;
  blob: Blob;
}

/** A group as stored, checked when it is read. */
export interface StoredGroup {
  id: string;
  place: string;
  group: unknown;
}

class RillbankDb extends Dexie {
  plantings!: Table<StoredPlanting, string>;
  plants!: Table<StoredPlant, string>;
  photos!: Table<StoredPhoto, string>;
  log!: Table<StoredEntry, string>;
  groups!: Table<StoredGroup, string>;
  settings!: Table<{ key: string; value: unknown }, string>;

  constructor() {
    super('rillbank');
    // A later version is declared below these with its own .upgrade(), and never changes their lines.
    this.version(1).stores({ plantings: 'id, place, updatedAt', settings: 'key' });
    this.version(2).stores({ plants: 'id' });
    // Photographs were data URLs inside the plants; they are Blobs beside them.
    this.version(3)
      .stores({ photos: 'id' })
      .upgrade(async (tx) => {
        const rows: StoredPlant[] = await tx.table('plants').toArray();
        for (const row of rows) {
          const own = row.own as { photo?: unknown } | null;
          const blob = typeof own?.photo === 'string' ? blobOf(own.photo) : null;
          if (!own || !blob) continue;
          await tx.table('photos').put({ id: row.id, blob });
          await tx.table('plants').put({ ...row, own: { ...own, photo: null } });
        }
      });
    this.version(4).stores({ log: 'id, of, on', groups: 'id, place' });
  }
}

export const db = new RillbankDb();
