import { db } from './db';

/** What is told once, to whom had containers before it. */
const KEY = 'forecasts';
/**
 * Which forecasts this device was told of: 2 since plants start, grow and flower as growers measure them, 3
 * since scores ask whether the asked colours arrive and who is buried.
 */
const TOLD = 3;

/** How many containers were changed here before forecasts changed, while that has not been said; else 0. */
export async function untold(): Promise<number> {
  if ((await db.settings.get(KEY))?.value === TOLD) return 0;
  return db.plantings.filter((row) => (row.rev ?? 0) > 1).count();
}

/** It has been read. */
export const noteTold = (): Promise<unknown> => db.settings.put({ key: KEY, value: TOLD });

/** A device on which nothing was changed yet has nothing that could read differently. */
export const noteNew = (): Promise<void> =>
  db.transaction('rw', db.plantings, db.settings, async () => {
    if ((await db.settings.get(KEY)) === undefined && (await untold()) === 0) await noteTold();
  });
