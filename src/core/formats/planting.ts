import { resolve, UnknownPlantError } from '../plantings/resolve';
import { PLANTING_FORMAT, PlantingSchema, type Planting } from '../plantings/schema';
import { BadInputError, parseWith } from './parse';

/** Reads one planting of any version known. Throws BadInputError; every plant in it is known afterwards. */
export function readPlanting(data: unknown): Planting {
  checkVersion(data, PLANTING_FORMAT, 1);
  const planting = parseWith(PlantingSchema, data);
  try {
    resolve(planting);
  } catch (e) {
    if (e instanceof UnknownPlantError) throw new BadInputError(e.message);
    throw e;
  }
  return planting;
}

/** Says plainly when a file is of another kind or was written by a later version. */
export function checkVersion(data: unknown, format: string, newest: number): void {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    throw new BadInputError('file: must hold one JSON object.');
  const { format: found, version } = data as { format?: unknown; version?: unknown };
  if (found !== format)
    throw new BadInputError(
      `format: expected "${format}", found ${JSON.stringify(found) ?? 'nothing'}. This file is of another kind.`,
    );
  if (typeof version !== 'number' || version < 1)
    throw new BadInputError(
      `version: expected a whole number from 1 to ${newest}, found ${JSON.stringify(version) ?? 'nothing'}.`,
    );
  if (version > newest)
    throw new BadInputError(
      `version: this file is version ${version}; this Rillbank reads up to ${newest}. Update Rillbank, then open it again.`,
    );
}
