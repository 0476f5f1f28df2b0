import { z } from 'zod';
import { HOSE_L_A_MINUTE } from './rota';

/** What is kept of watering on this device: each with what holds where nothing was said. */
export const TendingSchema = z
  .object({
    /** Who waters, in the order of their turns. */
    people: z.array(z.string().min(1).max(40)).max(30).default([]),
    litresAMinute: z.number().min(0.5).max(60).default(HOSE_L_A_MINUTE),
    /** Litres that a drip timer gives a container each morning, by its id. */
    drip: z.record(z.string(), z.number().min(0).max(200)).default({}),
    /** Containers with a moisture probe in them. */
    probes: z.array(z.string().max(60)).max(500).default([]),
  })
  .strip();
export type Tending = z.infer<typeof TendingSchema>;

/** As it is before anything was said. */
export const PLAIN_TENDING: Tending = TendingSchema.parse({});
