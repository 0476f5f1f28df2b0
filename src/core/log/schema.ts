import { z } from 'zod';
import { IsoDateSchema } from '../units/date';

const id = z.string().min(1).max(60);
const text = z.string().max(2000, 'at most 2000 letters');

const common = {
  id,
  /** The container it is of. */
  of: id,
  on: IsoDateSchema,
};
/** A placement, and the plant that stood there then. */
const who = { to: id, plant: id };

/** What was seen of a container on a day. It corrects the forecast and never rewrites the plan. */
export const LogEntrySchema = z.discriminatedUnion('kind', [
  /** Words, a photograph, or both. */
  z.object({ ...common, kind: z.literal('note'), text, photo: z.boolean() }).strict(),
  /** Height over the soil and width, mm; what was not measured is null. */
  z
    .object({
      ...common,
      ...who,
      kind: z.literal('measure'),
      heightMm: z.number().min(5).max(5000).nullable(),
      spreadMm: z.number().min(5).max(5000).nullable(),
    })
    .strict(),
  z.object({ ...common, ...who, kind: z.literal('death'), why: text }).strict(),
  /** Watered by hand, to the brim; litres where they were counted. */
  z.object({ ...common, kind: z.literal('water'), litres: z.number().min(0).max(500).nullable() }).strict(),
  /** What a moisture probe said: the share of what the mix holds for roots. */
  z.object({ ...common, kind: z.literal('probe'), share: z.number().min(0).max(1) }).strict(),
  /** For next year: a plant, or the whole (plant is null). */
  z
    .object({
      ...common,
      kind: z.literal('verdict'),
      plant: id.nullable(),
      again: z.boolean(),
      text,
    })
    .strict(),
]);
export type LogEntry = z.infer<typeof LogEntrySchema>;
export type LogKind = LogEntry['kind'];
type Of<K extends LogKind> = Extract<LogEntry, { kind: K }>;
export type MeasureEntry = Of<'measure'>;

/** Those of one kind. */
export const entriesOf = <K extends LogKind>(log: readonly LogEntry[], kind: K): Of<K>[] =>
  log.filter((e): e is Of<K> => e.kind === kind);
