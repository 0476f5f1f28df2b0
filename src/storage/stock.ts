import { z } from 'zod';
import { StockSchema } from '@/core/stock/schema';
import { db } from './db';

const KEY = 'stock';

/** The nursery's list as last told, and whether to compose from it alone. */
const StoredStockSchema = z.object({ stock: StockSchema, keepTo: z.boolean() });
export type StoredStock = z.infer<typeof StoredStockSchema>;

/** The list, or null where there is none that can be read. */
export async function readStock(): Promise<StoredStock | null> {
  const row = await db.settings.get(KEY);
  const r = StoredStockSchema.safeParse(row?.value);
  return r.success ? r.data : null;
}

export async function saveStock(value: StoredStock): Promise<void> {
  await db.settings.put({ key: KEY, value });
}

export const removeStock = (): Promise<void> => db.settings.delete(KEY);
