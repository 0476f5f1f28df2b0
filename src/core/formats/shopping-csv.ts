import Papa from 'papaparse';
import type { ShoppingList } from '../materials/list';
import { STARTS } from '../plants/starts';

/** The shopping list as CSV (RFC 4180), a row a thing to buy; money in pounds. Names that a spreadsheet would run as a formula are quoted with an apostrophe. */
export function shoppingCsv(list: ShoppingList): string {
  const rows = [
    ...list.plants.map((l) => ({
      kind: l.role,
      item: l.name,
      botanical: l.plant.botanical,
      size: STARTS[l.start].label,
      count: l.count,
      buy: l.packs,
      price: l.price.toFixed(2),
    })),
    ...list.bags.map((b) => ({
      kind: 'mix',
      item: 'Peat-free potting mix',
      botanical: '',
      size: `${b.litres} L bag`,
      count: b.count,
      buy: b.count,
      price: (b.price * b.count).toFixed(2),
    })),
    {
      kind: 'feed',
      item: 'Slow-release feed',
      botanical: '',
      size: 'g',
      count: list.feedG,
      buy: list.feedG,
      price: list.feedPrice.toFixed(2),
    },
  ];
  return Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' }) + '\r\n';
}
