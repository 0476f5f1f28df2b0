import { type Making, MakingSchema, PLAIN_MAKING } from '@/core/materials/making';
import { db } from './db';

const KEY = 'making';

/** What is kept of buying and planting; what cannot be read counts as not said. */
export async function readMaking(): Promise<Making> {
  const row = await db.settings.get(KEY);
  const r = MakingSchema.safeParse(row?.value ?? {});
  return r.success ? r.data : PLAIN_MAKING;
}

/** Changes it by what it is now, so that two tabs lose nothing of each other’s. */
export const changeMaking = (change: (now: Making) => Making): Promise<void> =>
  db.transaction('rw', db.settings, async () => {
    await db.settings.put({ key: KEY, value: change(await readMaking()) });
  });
