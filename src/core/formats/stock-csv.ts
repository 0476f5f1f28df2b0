import { csvOf } from './csv';
import { plantName, type Plant } from '../plants/schema';
import { StockLineSchema, type Stock, type StockLine } from '../stock/schema';
import { checkedWith } from '../units/plainly';
import { CellError, number, startSize } from './cells';
import { LONGEST, readSheet } from './plants-csv';

export interface ReadStock {
  lines: StockLine[];
  errors: { row: number; message: string }[];
}

const HEADS: Record<'plant' | 'start' | 'price' | 'available', RegExp> = {
  plant: /^(plant|plant id|id|name|item|common name|variety)$/,
  start: /^(start|size|pot|pot size|start size)$/,
  price: /^(price|cost|each)$/,
  available: /^(available|stock|count|quantity|qty|in stock)$/,
};

/** Words in order of the alphabet: “violet, deep Petunia” is the same plant as “Petunia, deep violet”. */
const key = (text: string): string => (text.toLowerCase().match(/[a-z0-9]+/g) ?? []).sort().join(' ');

/**
 * A nursery's list: a row a plant and start size, by id, by name or by botanical name with variety. Rows that
 * cannot be read are told, a line each. Throws BadInputError where there is no table.
 */
export function readStockCsv(text: string, library: readonly Plant[]): ReadStock {
  const sheet = readSheet(text);
  const at = (of: keyof typeof HEADS) =>
    sheet.headings.findIndex((h) =>
      HEADS[of].test(
        h
          .toLowerCase()
          .replace(/[_(£)]+/g, ' ')
          .trim(),
      ),
    );
  const columns = { plant: at('plant'), start: at('start'), price: at('price'), available: at('available') };
  const missing = (Object.keys(columns) as (keyof typeof HEADS)[]).filter((k) => columns[k] < 0);
  if (missing.length > 0)
    return {
      lines: [],
      errors: [
        {
          row: 1,
          message: `There is no column for ${missing.join(', ')}. Name the columns plant, start, price, available.`,
        },
      ],
    };
  const known = new Map<string, Plant>();
  for (const p of [...library].reverse())
    for (const k of [p.id, key(plantName(p)), key(`${p.botanical} ${p.variety}`)]) known.set(k, p);
  const out: ReadStock = { lines: [], errors: [] };
  const seen = new Set<string>();
  sheet.rows.forEach((cells, i) => {
    const row = i + 2;
    const cell = (of: keyof typeof HEADS) =>
      (cells[columns[of]] ?? '')
        .slice(0, LONGEST)
        .trim()
        .replace(/^'(?=[=+\-@])/, '');
    try {
      const plant = known.get(cell('plant')) ?? known.get(key(cell('plant')));
      if (!plant)
        throw new CellError(`“${cell('plant')}” is not in the library. Add it first, or use the library’s name for it`);
      const line: StockLine = {
        plantId: plant.id,
        start: startSize(cell('start')),
        price: number(cell('price').replace(/^[£$€]\s*/, ''), 0.01, 500, 'price'),
        available: number(cell('available'), 0, 100_000, 'count'),
      };
      const checked = checkedWith(StockLineSchema, line);
      if (!checked.success) throw new CellError(`available ${checked.error.issues[0]?.message ?? 'cannot be read'}`);
      const twice = `${line.plantId}|${line.start}`;
      if (seen.has(twice)) throw new CellError(`${plantName(plant)} in that size appears twice in this file`);
      seen.add(twice);
      out.lines.push(line);
    } catch (e) {
      if (!(e instanceof CellError)) throw e;
      out.errors.push({ row, message: `${e.message}.` });
    }
  });
  return out;
}

/** A stock list as CSV, as `readStockCsv` reads it. */
export function stockCsv(stock: Stock, library: readonly Plant[]): string {
  const names = new Map(library.map((p) => [p.id, plantName(p)]));
  return csvOf(
    ['plant', 'name', 'start', 'price', 'available'],
    stock.lines.map((l) => [l.plantId, names.get(l.plantId) ?? '', l.start, l.price.toFixed(2), l.available]),
  );
}
