import { z } from 'zod';
import { OwnPlantSchema, type OwnPlant } from '../plants/own';
import { parseJson, parseWith } from './parse';
import { versionOf } from './versions';

export const PLANTS_FORMAT = 'rillbank.plants';

/** Somebody's own plants in one file, photographs with them. */
export const PlantsFileSchema = z
  .object({
    format: z.literal(PLANTS_FORMAT),
    version: z.literal(1),
    savedAt: z.string(),
    plants: z.array(OwnPlantSchema),
  })
  .strict();

export const writePlants = (plants: readonly OwnPlant[], savedAt: string): string =>
  JSON.stringify({ format: PLANTS_FORMAT, version: 1, savedAt, plants }, null, 2);

/** Reads a file of own plants, all or none. Throws BadInputError. */
export function readPlants(text: string): OwnPlant[] {
  const data = parseJson(text);
  versionOf(data, PLANTS_FORMAT, 1);
  return parseWith(PlantsFileSchema, data).plants;
}
