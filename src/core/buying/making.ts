import { z } from 'zod';
import { CURRENCY_CODES } from '../units/money';
import { FEED_IDS } from '../materials/feeds';

const key = z.string().min(1).max(200);

/** So many of a container in a batch. */
export const RowSchema = z.object({ id: z.string().min(1).max(60), count: z.number().int().min(0).max(500) }).strict();
export type BatchRow = z.infer<typeof RowSchema>;

/** What is kept of buying and planting on this device: each with what holds where nothing was said. */
export const MakingSchema = z
  .object({
    feed: z.enum(FEED_IDS as [(typeof FEED_IDS)[number]]).default('slow'),
    drip: z.boolean().default(false),
    /** Plants bought over what is set out, a share. */
    spare: z.number().min(0).max(0.25).default(0),
    currency: z.enum(CURRENCY_CODES as [(typeof CURRENCY_CODES)[number]]).default('GBP'),
    /** So much of the currency is a pound. */
    perPound: z.number().positive('must be more than zero').max(1000).default(1),
    /** Prices of one’s own, pounds for a pack, a piece or a litre of mix, by line of an order. */
    prices: z.record(key, z.number().min(0).max(5000)).default({}),
    /** What is there already, by list and line. */
    have: z.record(key, z.record(key, z.boolean())).default({}),
    batch: z.array(RowSchema).max(60).default([]),
    /** The step at which each planting was left. */
    steps: z.record(key, key).default({}),
    sheet: z.enum(['a4', 'letter']).default('a4'),
    /** Pixels of this screen for a millimetre, once something has been held to it. */
    pxPerMm: z.number().min(1).max(40).nullable().default(null),
  })
  .strip();
export type Making = z.infer<typeof MakingSchema>;

/** As it is before anything was said. */
export const PLAIN_MAKING: Making = MakingSchema.parse({});
