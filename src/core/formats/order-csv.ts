import { SHOPS } from '../materials/entry';
import { type Order } from '../buying/order';
import { buyText, type Have, isHad } from '../buying/order-line';
import { csvOf } from './csv';
import { inMoney, type Money, POUNDS } from '../units/money';

/**
 * An order as CSV (RFC 4180), a row a thing to buy, with its shop, what is wanted, what is taken to the till,
 * what is spare, the price of all of it in the currency named, how many plants are to come in the week of
 * which Monday, and whether it is there already. Names that a spreadsheet would run as a formula are quoted
 * with an apostrophe.
 */
export function orderCsv(order: Pick<Order, 'lines'>, have: Have = {}, money: Money = POUNDS): string {
  return csvOf(
    ['shop', 'item', 'about', 'size', 'need', 'buy', 'spare', 'price', 'currency', 'deliver', 'have'],
    order.lines.map((l) => [
      SHOPS[l.shop],
      l.item,
      l.about,
      l.unit,
      Number(l.need.toFixed(1)),
      buyText(l),
      Number(l.spare.toFixed(1)),
      inMoney(l.price, money).toFixed(2),
      money.code,
      l.deliveries.map(({ week, need }) => `${week}: ${need}`).join('; '),
      isHad(l, have) ? 'yes' : 'no',
    ]),
  );
}
