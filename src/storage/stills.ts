import Dexie, { type Table } from 'dexie';

interface StoredStill {
  /** All that the picture shows, and the release that drew it. */
  key: string;
  url: string;
  /** When it was last wanted, ms. */
  at: number;
}

/**
 * Pictures that can be drawn again at any time: a house of their own, so that nothing that matters is lost
 * with them.
 */
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

/** What is asked for in one go, and who waits for it. */
let asked: { key: string; answer: (url: string | null) => void }[] = [];

/** Reads all that was asked for in one go, and notes that it was wanted. */
async function readAll(now: number): Promise<void> {
  const wanted = asked;
  asked = [];
  try {
    const rows = await db.stills.bulkGet(wanted.map(({ key }) => key));
    wanted.forEach(({ answer }, i) => answer(rows[i]?.url ?? null));
    await db.stills.bulkPut(rows.flatMap((row) => (row ? [{ ...row, at: now }] : [])));
  } catch {
    for (const { answer } of wanted) answer(null);
  }
}

/** A picture kept from an earlier visit; null where there is none, or the browser will not say. */
export const readStill = (key: string, now = Date.now()): Promise<string | null> =>
  new Promise((answer) => {
    if (asked.length === 0) queueMicrotask(() => void readAll(now));
    asked.push({ key, answer });
  });

/**
 * Keeps a picture for the next visit, and lets go of those that were wanted longest ago. A browser without
 * room keeps none.
 */
export async function keepStill(key: string, url: string, now = Date.now()): Promise<void> {
  try {
    await db.stills.put({ key, url, at: now });
    const over = (await db.stills.count()) - MOST_STILLS;
    if (over > MORE) await db.stills.bulkDelete(await db.stills.orderBy('at').limit(over).primaryKeys());
  } catch {
    // It is drawn again next time.
  }
}
