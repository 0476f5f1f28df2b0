import { z } from 'zod';
import { LogEntrySchema, type LogEntry } from '../log/schema';
import { parseWith } from './parse';
import { climbed, type Ladder } from './versions';

const LADDER: Ladder = { format: 'rillbank.log', rungs: [] };

/** The log of one container as a file of a bundle: its entries, and where their photographs lie. */
export const LogFileSchema = z
  .object({
    format: z.literal(LADDER.format),
    version: z.literal(1),
    of: z.string().min(1).max(60),
    entries: z.array(LogEntrySchema).max(20_000),
    photos: z.record(z.string(), z.string()),
  })
  .strict();
type LogFile = z.infer<typeof LogFileSchema>;

/** The log of one container, photographs as data URLs by the id of their entry. */
export interface LogBook {
  of: string;
  entries: readonly LogEntry[];
  photos: Readonly<Record<string, string>>;
}

/** A log as data to be written. */
export const logFile = (of: string, entries: readonly LogEntry[], photos: LogFile['photos']): LogFile => ({
  format: 'rillbank.log',
  version: 1,
  of,
  entries: [...entries],
  photos,
});

/** Reads a log of any version. Throws BadInputError. */
export const readLogFile = (data: unknown): LogFile => parseWith(LogFileSchema, climbed(LADDER, data));
