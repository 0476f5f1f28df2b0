import Papa from 'papaparse';
import { SHOPS } from '../materials/entry';
import { type Order } from '../buying/order';
import { buyText, type Have, isHad } from '../buying/order-line';
import { inMoney, type Money, POUNDS } from '../units/money';

/**
 * An order as CSV (RFC 4180), a row a thing to buy, with its shop, what is wanted, what is taken to the till,
 * what is spare, the price of all of it in the currency named, how many plants are to come in the week of
 * which Monday, and whether it is there already. Names that a spreadsheet would run as a formula are quoted
 * with an apostrophe.
 */
export function orderCsv(order: Pick<Order, 'lines'>, have: Have = {}, money: Money = POUNDS): string {
  const rows = order.lines.map((l) => ({
    shop: SHOPS[l.shop],
    item: l.item,
    about: l.about,
    size: l.unit,
    need: Number(l.need.toFixed(1)),
    buy: buyText(l),
    spare: Number(l.spare.toFixed(1)),
    price: inMoney(l.price, money).toFixed(2),
    currency: money.code,
    deliver: l.deliveries.map(({ week, need }) => `${week}: ${need}`).join('; '),
    have: isHad(l, have) ? 'yes' : 'no',
  }));
  return Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' }) + '\r\n';
}
