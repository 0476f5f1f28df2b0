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

class RillbankDb extends Dexie {
  plantings!: Table<StoredPlanting, string>;
  settings!: Table<{ key: string; value: unknown }, string>;

  constructor() {
    super('rillbank');
    // Version 1. A later version is declared below this one with its own .upgrade(), and never changes this line.
    this.version(1).stores({ plantings: 'id, place, updatedAt', settings: 'key' });
  }
}

export const db = new RillbankDb();
