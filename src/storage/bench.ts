import type { BenchFile } from '@/core/formats/backup';
import { type Here, type Merge, mergeOf } from '@/core/formats/merge';
import { db } from './db';
import { readGroupOf, saveGroup } from './groups';
import { entryRow, laterRow } from './log';
import { blobOf } from './photos';
import { follow, putOwn, readOwnWhole } from './plants';
import { readShelf, rowOf } from './plantings';
import { forget, revOf, stamp } from './rows';
import { readStock, STOCK_KEY } from './stock';

async function readHere(): Promise<Here> {
  const [{ pots }, plants, stock] = await Promise.all([readShelf(), readOwnWhole(), readStock()]);
  return {
    pots: new Map(pots.map((p) => [p.planting.id, { ...p, away: p.archived }])),
    plants: new Map(plants.map((o) => [o.plant.id, o])),
    hasStock: stock !== null,
  };
}

/** What opening a file would do: to be told before it is done. */
export const meet = async (bench: BenchFile, newId: () => string): Promise<Merge> =>
  mergeOf(bench, await readHere(), newId);

/**
 * Entries that are not here yet, under the container they are of; where that got another id, under another of
 * their own.
 */
async function takeLogs({ logs = [] }: BenchFile, pots: Merge['pots']): Promise<void> {
  for (const book of logs) {
    const pot = pots.find((p) => p.pot.planting.id === book.of);
    const of = pot?.id ?? book.of;
    const as = (id: string) => (of === book.of ? id : `${of}-${id}`.slice(0, 60));
    const here = new Set((await db.log.where('of').equals(of).primaryKeys()) as string[]);
    const fresh = book.entries.filter((e) => !here.has(as(e.id)));
    const later = book.later.filter(({ entry }) => !here.has(as(entry.id)));
    await db.log.bulkPut([
      ...fresh.map((e) => entryRow({ ...e, id: as(e.id), of })),
      ...later.map((l) => laterRow({ ...l, entry: { ...l.entry, id: as(l.entry.id), of } })),
    ]);
    for (const { id } of [...fresh, ...later.map((l) => l.entry)]) {
      const blob = blobOf(book.photos[id] ?? '');
      if (blob) await db.photos.put({ id: as(id), blob });
    }
  }
}

/** How the containers of places stand where nobody has set them out here, with the containers under the ids they got. */
async function takeGroups({ groups = [] }: BenchFile, pots: Merge['pots']): Promise<void> {
  const as = new Map(pots.map((p) => [p.pot.planting.id, p.id]));
  for (const group of groups)
    if (!(await readGroupOf(group.place)))
      await saveGroup({ ...group, stands: group.stands.map((s) => ({ ...s, of: as.get(s.of) ?? s.of })) });
}

/** So many containers are laid down at once: the page answers between them. Working figure. */
const AT_ONCE = 40;

async function takePots(fresh: Merge['pots'], now: number): Promise<void> {
  const before = await db.plantings.bulkGet(fresh.map((p) => p.id));
  await db.plantings.bulkPut(
    fresh.map(({ pot, id }, i) => {
      const stamp = pot.changedAt === null ? now : Date.parse(pot.changedAt);
      return rowOf({ ...pot.planting, id }, stamp, { rev: revOf(before[i]), archived: pot.away });
    }),
  );
}

const taken = ({ fate }: { fate: string }): boolean => fate === 'new' || fate === 'newer';

/** Does what a merge says: all of it or, if any fails, none. What is newer here stays. */
export async function takeIn(bench: BenchFile, { pots, plants, stock }: Merge, now = stamp()): Promise<void> {
  const fresh = pots.filter(taken);
  await db.transaction('rw', [db.plantings, db.plants, db.photos, db.log, db.groups, db.settings], async () => {
    const own = plants.filter(taken).map((p) => p.own);
    await putOwn(own);
    await follow(new Map(own.map(({ plant }) => [plant.id, plant])), now);
    for (let at = 0; at < fresh.length; at += AT_ONCE) await takePots(fresh.slice(at, at + AT_ONCE), now);
    await takeLogs(bench, pots);
    await takeGroups(bench, pots);
    if (stock && bench.stock) await db.settings.put({ key: STOCK_KEY, value: bench.stock });
  });
  forget(fresh.map((p) => p.id));
}
