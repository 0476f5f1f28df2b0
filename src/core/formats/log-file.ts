import { z } from 'zod';
import { type LaterEntry, LaterEntrySchema, LOG_MINOR } from '../log/later';
import { LogEntrySchema, type LogEntry } from '../log/schema';
import { NEW } from './later';
import { parseWith } from './parse';
import { climbed, type Ladder } from './versions';

const LADDER: Ladder = { format: 'rillbank.log', rungs: [] };

/** The log of one container as a file of a bundle: its entries, and where their photographs lie. */
export const LogFileSchema = z
  .object({
    format: z.literal(LADDER.format),
    version: z.literal(1),
    /** Left out for 0. */
    minor: z.number().int().min(0).optional(),
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
  /** What a later Rillbank wrote into it. */
  later: readonly LaterEntry[];
  photos: Readonly<Record<string, string>>;
}

/** A log as data to be written, with what a later Rillbank wrote among its entries and under that one’s version. */
export const logFile = (
  of: string,
  entries: readonly LogEntry[],
  photos: LogFile['photos'],
  later: readonly LaterEntry[] = [],
): object => ({
  format: LADDER.format,
  version: 1,
  ...(later.length > 0 ? { minor: Math.max(...later.map((l) => l.minor)) } : {}),
  of,
  entries: [...entries, ...later.map((l) => l.entry)],
  photos,
});

/**
 * Whether an entry is refused for nothing but what something new would make: a kind, a choice or a field that
 * is not known.
 */
function looksNew(entry: unknown): boolean {
  const r = LogEntrySchema.safeParse(entry);
  return !r.success && r.error.issues.every((i) => NEW.has(i.code) || i.code === 'unrecognized_keys');
}

/** Reads a log of any version; entries that a later minor version brought are set aside. Throws BadInputError. */
export function readLogFile(data: unknown): LogBook {
  const raw = climbed(LADDER, data);
  const later: LaterEntry[] = [];
  let known = raw.entries;
  if (typeof raw.minor === 'number' && raw.minor > LOG_MINOR && Array.isArray(known))
    known = known.filter((entry: unknown) => {
      const aside = looksNew(entry) ? LaterEntrySchema.safeParse({ entry, minor: raw.minor }) : null;
      if (aside?.success) later.push(aside.data);
      return !aside?.success;
    });
  const { of, entries, photos } = parseWith(LogFileSchema, { ...raw, entries: known });
  return { of, entries, later, photos };
}
