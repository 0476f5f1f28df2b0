import Dexie, { type Table } from 'dexie';

/** One container as stored: the planting as JSON, checked each time it is read, and when it was last changed. */
export interface StoredPlanting {
  id: string;
  place: string;
  updatedAt: number;
  /** Put away: kept, and not on the shelf. */
  archived?: boolean;
  planting: unknown;
}

/** One of somebody's own plants as stored, checked each time it is read. */
export interface StoredPlant {
  id: string;
  own: unknown;
}

class RillbankDb extends Dexie {
  plantings!: Table<StoredPlanting, string>;
  plants!: Table<StoredPlant, string>;
  settings!: Table<{ key: string; value: unknown }, string>;

  constructor() {
    super('rillbank');
    // A later version is declared below these with its own .upgrade(), and never changes their lines.
    this.version(1).stores({ plantings: 'id, place, updatedAt', settings: 'key' });
    this.version(2).stores({ plants: 'id' });
  }
}

export const db = new RillbankDb();
