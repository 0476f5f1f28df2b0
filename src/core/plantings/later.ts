import { z } from 'zod';

/**
 * A thing that a later Rillbank wrote into a planting and this one does not know: where it stood, and what it
 * was. Steps of the way are fields, and in a list the id of an entry; a way of one step that names a list
 * holds a whole entry of it. `now` is what stands there meanwhile.
 */
export const LaterSchema = z
  .object({
    at: z.array(z.string().min(1).max(60)).min(1).max(8),
    is: z.unknown(),
    now: z.unknown().optional(),
  })
  .strict();
export type Later = z.infer<typeof LaterSchema>;

/**
 * The minor version that is written: new fields, entries and values since version 2 that an earlier Rillbank
 * may set aside.
 */
export const PLANTING_MINOR = 0;
