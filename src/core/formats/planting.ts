import { resolve, UnknownPlantError } from '../plantings/resolve';
import { PlantingSchema, type Planting } from '../plantings/schema';
import { BadInputError, parseWith } from './parse';
import { climbed, PLANTING_LADDER } from './versions';

/** Reads one planting of any version. Throws BadInputError; every plant in it is known afterwards. */
export function readPlanting(data: unknown): Planting {
  const planting = parseWith(PlantingSchema, climbed(PLANTING_LADDER, data));
  try {
    resolve(planting);
  } catch (e) {
    if (e instanceof UnknownPlantError) throw new BadInputError(e.message);
    throw e;
  }
  return planting;
}
