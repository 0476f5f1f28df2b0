import { KeptStockSchema, type KeptStock } from '@/core/stock/schema';
import { db } from './db';

export const STOCK_KEY = 'stock';

/** The nursery's list as last told, or null where there is none that can be read. */
export async function readStock(): Promise<KeptStock | null> {
  const row = await db.settings.get(STOCK_KEY);
  const r = KeptStockSchema.safeParse(row?.value);
  return r.success ? r.data : null;
}

export async function saveStock(value: KeptStock): Promise<void> {
  await db.settings.put({ key: STOCK_KEY, value });
}

export const removeStock = (): Promise<void> => db.settings.delete(STOCK_KEY);
