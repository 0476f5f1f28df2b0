'use client';
import type { OrderLine } from '@/core/buying/order-line';
import { STARTS } from '@/core/plants/starts';
import type { Stock } from '@/core/stock/schema';
import { availabilityOf } from '@/core/stock/shelf';
import { Mark } from '@/ui/Mark';

/** What the nursery has of a plant. */
export function InStock({ line: l, stock }: { line: OrderLine; stock: Stock }) {
  if (!l.plant) return null;
  const { plant, start } = l.plant;
  // Stock is counted in the packs a record prices, whatever packs are bought.
  const packs = Math.ceil(l.need / STARTS[start].perPack);
  const { state, line, others } = availabilityOf(stock, plant.id, start, packs);
  const good = state === 'in stock';
  const instead = !good && others[0] ? `; in stock as ${others.map((o) => STARTS[o.start].label).join(', ')}` : '';
  return (
    <span className={`flex items-center gap-1.5 text-[0.83rem] leading-tight ${good ? 'text-quiet' : 'text-watchink'}`}>
      <Mark severity={good ? 'good' : 'watch'} />
      {state === 'too few' ? `only ${line?.available ?? 0} in stock` : state}
      {instead}
    </span>
  );
}
