import { FEED_IDS } from '../core/materials/feeds';
import { orderFor, toPay } from '../core/buying/order';
import { buyText, isHad, PLAIN_WANTS } from '../core/buying/order-line';
import { benchMinutes } from '../core/steps';
import { sum } from '../core/units/number';
import { chosenAfter, plantingsIn } from './read';

/**
 * `rillbank list`: everything to buy for some plantings, each as often as its container stands. Throws
 * BadInputError.
 */
export function run(args: readonly string[]): unknown {
  const entries = plantingsIn('list', args).map((planting) => ({ planting, count: planting.container.count }));
  const order = orderFor(entries, {
    ...PLAIN_WANTS,
    feed: chosenAfter(args, '--feed', FEED_IDS),
    drip: args.includes('--drip'),
  });
  const pay = toPay(order);
  return {
    containers: order.containers,
    plants: order.plants,
    mixL: order.mixL,
    lines: order.lines.map((l) => ({
      key: l.key,
      shop: l.shop,
      item: l.item,
      need: l.need,
      unit: l.unit,
      buy: buyText(l),
      packs: l.buy.map(({ label, holds, count, price }) => ({ label, holds, count, price })),
      spare: l.spare,
      price: l.price,
      usuallyOwned: isHad(l, {}),
    })),
    currency: 'GBP',
    pay,
    each: pay / order.containers,
    benchMinutes: sum(entries.map((e) => benchMinutes(e.planting, e.count))),
  };
}
