import { z } from 'zod';
import { OwnPlantSchema, type OwnPlant } from '../plants/own';
import { PlantingSchema, type Planting } from '../plantings/schema';
import { BadInputError, parseJson, parseWith } from './parse';
import { checkVersion, readPlanting } from './planting';

const BACKUP_FORMAT = 'rillbank.backup';

/** A whole bench in one file: its containers, and the plants somebody added or corrected. */
export const BackupSchema = z
  .object({
    format: z.literal(BACKUP_FORMAT),
    version: z.literal(2),
    savedAt: z.string(),
    plantings: z.array(PlantingSchema),
    plants: z.array(OwnPlantSchema),
  })
  .strict();

/** What a file may bring to the bench. */
export interface Bench {
  plantings: readonly Planting[];
  plants: readonly OwnPlant[];
}

/** Larger files are refused before they are read: a bench of a thousand pots and a hundred photographs is under 40 MB. */
export const MOST_BYTES = 45_000_000;

export const tooLarge = (bytes: number): BadInputError =>
  new BadInputError(
    `file: ${Math.round(bytes / 1e6)} MB is far more than a bench holds. Choose a file that Rillbank saved.`,
  );

/** The text of a backup. */
export const writeBackup = ({ plantings, plants }: Bench, savedAt: string): string =>
  JSON.stringify({ format: BACKUP_FORMAT, version: 2, savedAt, plantings, plants }, null, 2);

/** Version 1 had no plants of one's own. */
const upgraded = (data: object): unknown =>
  (data as { version?: unknown }).version === 1 ? { ...data, version: 2, plants: [] } : data;

/** Reads a backup of any version or a single planting, as text. Throws BadInputError; returns all or nothing. */
export function readBench(text: string): Bench {
  if (text.length > MOST_BYTES) throw tooLarge(text.length);
  const data = parseJson(text);
  if (typeof data === 'object' && data !== null && (data as { format?: unknown }).format !== BACKUP_FORMAT)
    return { plantings: [readPlanting(data)], plants: [] };
  checkVersion(data, BACKUP_FORMAT, 2);
  const { plantings, plants } = parseWith(BackupSchema, upgraded(data as object));
  return {
    plants,
    plantings: plantings.map((p, i) => {
      try {
        return readPlanting(p);
      } catch (e) {
        throw e instanceof BadInputError ? new BadInputError(`plantings.${i}.${e.message}`) : e;
      }
    }),
  };
}
