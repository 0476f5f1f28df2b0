'use client';
import type { ReactNode } from 'react';
import { type ShopId, SHOP_IDS, SHOPS } from '@/core/materials/entry';
import { oneWeek } from '@/core/buying/delivery';
import type { Order } from '@/core/buying/order';
import { type Have, isHad } from '@/core/buying/order-line';
import type { Plant } from '@/core/plants/schema';
import type { Stock } from '@/core/stock/schema';
import { formatDayFrom } from '@/core/units/date';
import { sum } from '@/core/units/number';
import { type Money, moneyText } from '@/core/units/money';
import { OrderRow } from './OrderRow';

interface Props {
  order: Order;
  have: Have;
  money: Money;
  stock: Stock | null;
  today: string;
  onTick: (key: string, on: boolean) => void;
  /** Finds a stand-in for a plant, where the list is for one planting. */
  onMissing: ((plant: Plant) => void) | null;
  total: ReactNode;
  under: ReactNode;
}

/** What to buy, by shop: a tick for what is in the trolley or there already. */
export function OrderTable(props: Props) {
  const { order, have, money, total, under } = props;
  return (
    <table className="w-full border-collapse text-[0.9rem] sm:text-[0.93rem]">
      <thead className="sr-only">
        <tr>
          <th scope="col">Already have</th>
          <th scope="col">Item</th>
          <th scope="col">Needed</th>
          <th scope="col">Buy</th>
          <th scope="col">Price</th>
        </tr>
      </thead>
      {SHOP_IDS.map((shop) => (
        <ShopRows key={shop} shop={shop} {...props} />
      ))}
      <tfoot>
        <tr className="[&>*]:pt-3">
          <th scope="row" className="text-left text-lg" colSpan={3}>
            Total{under}
          </th>
          <td className="text-right align-top text-lg font-semibold" colSpan={2}>
            {total}
            <span className="sr-only">
              {' '}
              for {order.lines.filter((l) => !isHad(l, have)).length} of {order.lines.length} lines, in {money.code}
            </span>
          </td>
        </tr>
      </tfoot>
    </table>
  );
}

function ShopRows({ shop, order, have, money, stock, today, onTick, onMissing }: Props & { shop: ShopId }) {
  const lines = order.lines.filter((l) => l.shop === shop);
  if (lines.length === 0) return null;
  const open = lines.filter((l) => !isHad(l, have));
  const week = oneWeek(lines);
  return (
    <tbody>
      <tr>
        <th scope="colgroup" colSpan={4} className="border-b border-ink pb-1 pt-3 text-left">
          {SHOPS[shop]}
          <span className="pl-2 text-[0.86rem] font-normal text-quiet">
            {open.length === 0 ? 'you have everything' : `${open.length} to buy`}
            {week !== null && week >= today && `, for the week of ${formatDayFrom(week, today)}`}
          </span>
        </th>
        <td className="border-b border-ink pb-1 pt-3 text-right text-quiet">
          {moneyText(sum(open.map((l) => l.price)), money)}
        </td>
      </tr>
      {lines.map((line) => (
        <OrderRow
          key={line.key}
          line={line}
          had={isHad(line, have)}
          money={money}
          stock={stock}
          today={today}
          weeks={week === null}
          onTick={onTick}
          onMissing={onMissing}
        />
      ))}
    </tbody>
  );
}
