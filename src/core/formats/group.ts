import { z } from 'zod';
import { type Group, GroupSchema } from '../groups/schema';
import { type Planting, PlantingSchema } from '../plantings/schema';
import { BadInputError, parseWith } from './parse';
import { readPlanting } from './planting';
import { climbed, type Ladder } from './versions';

export const GROUP_FORMAT = 'rillbank.group';
const LADDER: Ladder = { format: GROUP_FORMAT, rungs: [] };

/** A group as a file: where each container stands, and the containers themselves, so that it can be judged anywhere. */
export const GroupFileSchema = z
  .object({
    format: z.literal(GROUP_FORMAT),
    version: z.literal(1),
    group: GroupSchema,
    containers: z.array(PlantingSchema).max(60),
  })
  .strict();

/** A group with its containers as a file. */
export const writeGroup = (group: Group, containers: readonly Planting[]): string => {
  const named = new Set(group.stands.map((s) => s.of));
  const file = { format: GROUP_FORMAT, version: 1, group, containers: containers.filter((p) => named.has(p.id)) };
  return JSON.stringify(file, null, 2);
};

/**
 * Reads a group of any version. A container that it names and does not hold is told, not refused. Throws
 * BadInputError.
 */
export function readGroup(data: unknown): { group: Group; containers: Planting[] } {
  const raw = climbed(LADDER, data);
  if (!Array.isArray(raw.containers)) throw new BadInputError('containers: must be a list of plantings.');
  const containers = raw.containers.map((p: unknown, i) => {
    try {
      return readPlanting(p);
    } catch (e) {
      throw e instanceof BadInputError ? new BadInputError(`containers.${i}.${e.message}`) : e;
    }
  });
  const { group } = parseWith(GroupFileSchema, { ...raw, containers });
  return { group, containers };
}
