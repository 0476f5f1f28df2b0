import Dexie, { type Table } from 'dexie';

interface StoredStill {
  /** All that the picture shows, and the release that drew it. */
  key: string;
  url: string;
  /** When it was last wanted, ms. */
  at: number;
}

/** Pictures that can be drawn again at any time: a house of their own, so that nothing that matters is lost with them. */
class StillsDb extends Dexie {
  stills!: Table<StoredStill, string>;

  constructor() {
    super('rillbank-stills');
    this.version(1).stores({ stills: 'key, at' });
  }
}

const db = new StillsDb();

/** So many are kept: a large bench, and what was proposed last. Working figure. */
export const MOST_STILLS = 240;
/** They are thinned out when there are so many more. */
const MORE = 40;

/** A picture kept from an earlier visit; null where there is none, or the browser will not say. */
export async function readStill(key: string, now = Date.now()): Promise<string | null> {
  try {
    const row = await db.stills.get(key);
    if (row) await db.stills.update(key, { at: now });
    return row?.url ?? null;
  } catch {
    return null;
  }
}

/** Keeps a picture for the next visit, and lets go of those that were wanted longest ago. A browser without room keeps none. */
export async function keepStill(key: string, url: string, now = Date.now()): Promise<void> {
  try {
    await db.stills.put({ key, url, at: now });
    const over = (await db.stills.count()) - MOST_STILLS;
    if (over > MORE) await db.stills.bulkDelete(await db.stills.orderBy('at').limit(over).primaryKeys());
  } catch {
    // It is drawn again next time.
  }
}
