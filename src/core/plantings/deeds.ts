import { z } from 'zod';
import { IsoDateSchema } from '../units/date';

/** What can be done to one plant or to the whole container. What each does to growth is told in growth/deeds. */
export const DEED_KINDS = [
  'pinch',
  'cut-back',
  'deadhead',
  'feed',
  'top-up',
  'repot',
  'fleece',
  'bring-in',
  'set-out',
  'turn',
  'move',
  'tidy',
  'stake',
  'harden-off',
  'check',
  'look-over',
  'cuttings',
  'lift',
  'clip',
  'top-dress',
  'clear',
  'wash',
  'ready-for-winter',
  'wrap',
  'iron',
  'secure',
] as const;

/** Something done, or planned, on a day. */
export const DeedSchema = z
  .object({
    id: z.string().min(1).max(40),
    what: z.enum(DEED_KINDS),
    /** The placement it is done to; null for the whole container. */
    to: z.string().min(1).max(40).nullable(),
    /** The day it is planned for. */
    on: IsoDateSchema,
    /** The day it was done; null while it is only planned. */
    done: IsoDateSchema.nullable(),
    /** For cutting back: the share of height, spread and trail that is left. */
    leave: z.number().min(0.1, 'must leave a tenth or more').max(1).optional(),
  })
  .strict();
export type Deed = z.infer<typeof DeedSchema>;

/** The day that counts: when it was done, else when it is planned. */
export const dayOf = (d: Pick<Deed, 'on' | 'done'>): string => d.done ?? d.on;
