import { z } from 'zod';
import { IsoDateSchema } from '../units/date';

/**
 * The minor version of logs that is written: kinds of entries and fields since version 1 that an earlier
 * Rillbank sets aside.
 */
export const LOG_MINOR = 0;

const id = z.string().min(1).max(60);
const entry = z.looseObject({ id, of: id, on: IsoDateSchema });

/** An entry that a later Rillbank wrote and this one cannot show: as it came, with the minor version it is of. */
export const LaterEntrySchema = z.object({ entry, minor: z.number().int().min(1) }).strip();
export type LaterEntry = z.infer<typeof LaterEntrySchema>;
