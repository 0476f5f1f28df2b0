import { z } from 'zod';
import type { Plant } from '../plants/schema';
import { StartSizeSchema } from '../plants/starts';

/** What a nursery has of one plant in one start size. */
export const StockLineSchema = z
  .object({
    plantId: z.string().min(1).max(60),
    start: StartSizeSchema,
    /** Pounds for one, or for one pack. */
    price: z.number().positive('must be more than zero').max(500),
    /** Plants or packs to be had now; 0 is out. */
    available: z.number().int('must be a whole number').min(0, 'cannot be negative').max(100_000),
  })
  .strict();
export type StockLine = z.infer<typeof StockLineSchema>;

/** A list as it was told, and when. */
export const StockSchema = z
  .object({ nursery: z.string().min(1).max(80), askedAt: z.string(), lines: z.array(StockLineSchema) })
  .strict();
export type Stock = z.infer<typeof StockSchema>;

/** The list as last told, and whether to compose from it alone. */
export const KeptStockSchema = z.object({ stock: StockSchema, keepTo: z.boolean() }).strict();
export type KeptStock = z.infer<typeof KeptStockSchema>;

/** A nursery that can be asked what it has. The shipped one is simulated; a real feed takes this place. */
export interface Nursery {
  name: string;
  ask: (library: readonly Plant[], today: string) => Promise<Stock>;
}
