import { z } from 'zod';
import { PlantingSchema, type Planting } from '../plantings/schema';
import { BadInputError, parseJson, parseWith } from './parse';
import { checkVersion, readPlanting } from './planting';

const BACKUP_FORMAT = 'rillbank.backup';

/** A whole bench in one file. */
export const BackupSchema = z.object({ format: z.literal(BACKUP_FORMAT), version: z.literal(1), savedAt: z.string(), plantings: z.array(PlantingSchema) }).strict();

/** Larger files are refused before they are read: a bench of a thousand pots is under 5 MB. */
const MOST_BYTES = 20_000_000;

/** The text of a backup. */
export const writeBackup = (plantings: readonly Planting[], savedAt: string): string => JSON.stringify({ format: BACKUP_FORMAT, version: 1, savedAt, plantings }, null, 2);

/** Reads a backup or a single planting, as text. Throws BadInputError; returns all plantings or none. */
export function readBench(text: string): Planting[] {
  if (text.length > MOST_BYTES) throw new BadInputError(`file: ${Math.round(text.length / 1e6)} MB is far more than a bench holds. Choose a file that Rillbank saved.`);
  const data = parseJson(text);
  if (typeof data === 'object' && data !== null && (data as { format?: unknown }).format !== BACKUP_FORMAT) return [readPlanting(data)];
  checkVersion(data, BACKUP_FORMAT, 1);
  return parseWith(BackupSchema, data).plantings.map((p, i) => {
    try {
      return readPlanting(p);
    } catch (e) {
      throw e instanceof BadInputError ? new BadInputError(`plantings.${i}.${e.message}`) : e;
    }
  });
}
