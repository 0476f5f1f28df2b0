import { z } from 'zod';
import { BackupSchema } from '../core/formats/backup';
import { BriefFileSchema } from '../core/formats/brief';
import { ManifestSchema } from '../core/formats/bundle';
import { GroupFileSchema } from '../core/formats/group';
import { PlantsFileSchema } from '../core/formats/own-plants';
import { BadInputError } from '../core/formats/parse';
import { PlantSchema } from '../core/plants/schema';
import { PlantingSchema } from '../core/plantings/schema';

const SCHEMAS: Record<string, z.ZodType> = {
  planting: PlantingSchema,
  brief: BriefFileSchema,
  plant: PlantSchema,
  plants: PlantsFileSchema,
  group: GroupFileSchema,
  bundle: ManifestSchema,
  backup: BackupSchema,
};

/** `rillbank schema`: the JSON Schema of a file. Throws BadInputError. */
export function run([name]: readonly string[]): unknown {
  const schema = SCHEMAS[name ?? ''];
  if (!schema) throw new BadInputError(`schema: "${name ?? ''}" must be one of ${Object.keys(SCHEMAS).join(', ')}.`);
  return z.toJSONSchema(schema, { io: 'input' });
}
