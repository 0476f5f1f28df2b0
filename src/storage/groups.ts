import { type Group, GroupSchema } from '@/core/groups/schema';
import { db, type StoredGroup } from './db';

const understood = (row: StoredGroup | undefined): Group | null => {
  const r = GroupSchema.safeParse(row?.group);
  return r.success ? r.data : null;
};

/** A group as it is stored. */
export const groupRow = (group: Group): StoredGroup => ({ id: group.id, place: group.place, group });

/** How the containers of a place stand together; null where nobody has set them out. */
export const readGroupOf = async (place: string): Promise<Group | null> =>
  understood(await db.groups.where('place').equals(place).first());

/** All groups that can be read. */
export const readGroups = async (): Promise<Group[]> =>
  (await db.groups.toArray()).flatMap((row) => understood(row) ?? []);

export const saveGroup = async (group: Group): Promise<void> => void (await db.groups.put(groupRow(group)));
