import Papa from 'papaparse';
import type { ShoppingList } from '../materials/list';

/**
 * The shopping list as CSV (RFC 4180), a row a thing to buy; money in pounds. Names that a spreadsheet would run as a
 * formula are quoted with an apostrophe.
 */
export function shoppingCsv(list: ShoppingList): string {
  const rows = list.lines.map((l) => ({
    kind: l.kind === 'plant' ? l.role : l.kind,
    item: l.item,
    botanical: l.botanical,
    size: l.size,
    count: l.count,
    buy: l.buy,
    price: l.price.toFixed(2),
  }));
  return Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' }) + '\r\n';
}
