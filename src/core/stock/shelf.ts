import { libraryWith } from '../plants';
import type { Plant } from '../plants/schema';
import type { Stock, StockLine } from './schema';

/** What this browser knows besides the shipped library: its own plants, and the stock to keep to, if any. */
export interface Mine {
  own: readonly Plant[];
  stock: Stock | null;
}

export const NOTHING_OF_MINE: Mine = { own: [], stock: null };

/** Lines by plant. */
function byPlant(stock: Stock): Map<string, StockLine[]> {
  const out = new Map<string, StockLine[]>();
  for (const line of stock.lines) out.set(line.plantId, [...(out.get(line.plantId) ?? []), line]);
  return out;
}

/** The plants a nursery has now, each only in the starts it has them in, at its price. */
export function inStock(library: readonly Plant[], stock: Stock): Plant[] {
  const lines = byPlant(stock);
  return library.flatMap((p) => {
    const starts = (lines.get(p.id) ?? [])
      .filter((l) => l.available > 0)
      .map((l) => ({ size: l.start, price: l.price }));
    return starts.length > 0 ? [{ ...p, starts }] : [];
  });
}

/** Every plant to choose from. */
export function shelfOf({ own, stock }: Mine): readonly Plant[] {
  const library = libraryWith(own);
  return stock ? inStock(library, stock) : library;
}

export type StockState = 'in stock' | 'too few' | 'out' | 'not listed';

/** Whether so many of a plant in a start size can be had; `count` in plants or packs as sold. */
export function availabilityOf(
  stock: Stock,
  plantId: string,
  start: StockLine['start'],
  count: number,
): { state: StockState; line: StockLine | null; others: StockLine[] } {
  const lines = stock.lines.filter((l) => l.plantId === plantId);
  const line = lines.find((l) => l.start === start) ?? null;
  const others = lines.filter((l) => l.start !== start && l.available > 0);
  const state: StockState = !line
    ? 'not listed'
    : line.available === 0
      ? 'out'
      : line.available < count
        ? 'too few'
        : 'in stock';
  return { state, line, others };
}
