import { type Group, GroupSchema } from '@/core/groups/schema';
import { db, type StoredGroup } from './db';

const understood = (rows: readonly StoredGroup[]): Group[] =>
  rows.flatMap(({ group }) => {
    const r = GroupSchema.safeParse(group);
    return r.success ? [r.data] : [];
  });

/** How the containers of a place stand together; null where nobody has set them out. */
export const readGroupOf = async (place: string): Promise<Group | null> =>
  understood(await db.groups.where('place').equals(place).toArray())[0] ?? null;

/** All groups that can be read. */
export const readGroups = async (): Promise<Group[]> => understood(await db.groups.toArray());

/** Groups that nobody can read, as they are stored. */
export const readUnreadableGroups = async (): Promise<StoredGroup[]> =>
  (await db.groups.toArray()).filter((row) => understood([row]).length === 0);

/** Whether a row would be lost if a group were written over it: it cannot be read, or is of another place. */
const isAnother = (row: StoredGroup, place: string): boolean => row.place !== place || understood([row]).length === 0;

/** Keeps a group; where another lies under its id, under the next that is free. */
export const saveGroup = (group: Group): Promise<void> =>
  db.transaction('rw', db.groups, async () => {
    let { id } = group;
    for (let n = 2, row = await db.groups.get(id); row && isAnother(row, group.place); n += 1) {
      id = `${group.id.slice(0, 56)}-${n}`;
      row = await db.groups.get(id);
    }
    await db.groups.put({ id, place: group.place, group: { ...group, id } });
  });
