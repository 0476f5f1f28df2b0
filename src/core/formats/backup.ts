import { z } from 'zod';
import type { Group } from '../groups/schema';
import { OwnPlantSchema, type OwnPlant } from '../plants/own';
import { PlantingSchema, type Planting } from '../plantings/schema';
import { KeptStockSchema, type KeptStock } from '../stock/schema';
import { GROUP_FORMAT, readGroup } from './group';
import type { LogBook } from './log-file';
import { moment } from './moment';
import { PLANTS_FORMAT } from './own-plants';
import { BadInputError, parseJson, parseWith } from './parse';
import { readPlanting } from './planting';
import { BACKUP_LADDER, climbed, newestOf } from './versions';

const BACKUP_VERSION = newestOf(BACKUP_LADDER);

/** A container as it stands in a backup: when it was last changed, and whether it was put away. */
const PotSchema = z.object({ planting: PlantingSchema, changedAt: moment, away: z.boolean() }).strict();

/** What somebody set on a device. */
export const SettingsSchema = z
  .object({
    units: z.enum(['metric', 'imperial']).optional(),
    theme: z.enum(['light', 'dark']).optional(),
    pictures: z.enum(['plain']).optional(),
  })
  .strict();
export type Settings = z.infer<typeof SettingsSchema>;

/** A whole bench in one file of text, as it was saved before photographs lay beside it (bundle.ts). Still read. */
export const BackupSchema = z
  .object({
    format: z.literal(BACKUP_LADDER.format),
    version: z.literal(BACKUP_VERSION),
    savedAt: moment,
    pots: z.array(PotSchema),
    plants: z.array(OwnPlantSchema),
    stock: KeptStockSchema.nullable(),
    settings: SettingsSchema,
  })
  .strict();

/** A container on a bench. */
export interface Pot {
  planting: Planting;
  /** When it was last changed, ISO; null where nobody knows, as in a file of one planting. */
  changedAt: string | null;
  away: boolean;
}

/** What a file may bring to the bench. */
export interface BenchFile {
  pots: readonly Pot[];
  plants: readonly OwnPlant[];
  stock: KeptStock | null;
  settings: Settings;
  /** What was seen of each container; none in files from before there were logs. */
  logs?: readonly LogBook[];
  /** How containers of a place stand together. */
  groups?: readonly Group[];
}

/** Larger files of text are refused before they are read: a bench of a thousand pots is under 40 MB. */
export const MOST_BYTES = 45_000_000;

export const tooLarge = (bytes: number): BadInputError =>
  new BadInputError(`file: ${Math.round(bytes / 1e6)} MB is too big to be a backup. Choose a file saved by Rillbank.`);

/** A planting as it stands in a backup, of any version; its place in the file is said when it cannot be read. */
function plantingAt(pot: unknown, i: number): unknown {
  if (typeof pot !== 'object' || pot === null || !('planting' in pot)) return pot;
  try {
    return { ...pot, planting: readPlanting(pot.planting) };
  } catch (e) {
    throw e instanceof BadInputError ? new BadInputError(`pots.${i}.planting.${e.message}`) : e;
  }
}

/**
 * Reads a backup of any version, a single planting or a group with its containers, as text. Throws
 * BadInputError; returns all or nothing.
 */
export function readBench(text: string): BenchFile {
  if (text.length > MOST_BYTES) throw tooLarge(text.length);
  const data = parseJson(text);
  const format = typeof data === 'object' && data !== null ? (data as { format?: unknown }).format : undefined;
  if (format === PLANTS_FORMAT)
    throw new BadInputError('format: this file contains plants, not containers. Open it from Files in the Library.');
  if (format === GROUP_FORMAT) {
    const { group, containers } = readGroup(data);
    const pots = containers.map((planting) => ({ planting, changedAt: null, away: false }));
    return { pots, plants: [], stock: null, settings: {}, groups: [group] };
  }
  if (format !== BACKUP_LADDER.format)
    return {
      pots: [{ planting: readPlanting(data), changedAt: null, away: false }],
      plants: [],
      stock: null,
      settings: {},
    };
  const raw = climbed(BACKUP_LADDER, data);
  const pots = Array.isArray(raw.pots) ? raw.pots.map(plantingAt) : raw.pots;
  const { pots: read, plants, stock, settings } = parseWith(BackupSchema, { ...raw, pots });
  return { pots: read, plants, stock, settings };
}
