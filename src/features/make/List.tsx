'use client';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import { orderCsv } from '@/core/formats/order-csv';
import { orderFor, toPay } from '@/core/buying/order';
import { isHad } from '@/core/buying/order-line';
import { turnToBuy } from '@/core/materials/turn';
import type { Plant } from '@/core/plants/schema';
import { formatDayFrom } from '@/core/units/date';
import { sum } from '@/core/units/number';
import { type Money, moneyText } from '@/core/units/money';
import { Button } from '@/ui/Button';
import { Choose } from '@/ui/Field';
import type { StationProps } from '../shell/panels';
import { useToday } from '../shell/diary';
import { download, fileName } from '../shell/download';
import { stationPath } from '../shell/stations';
import { readyToWeigh } from '../shell/workers';
import { Batch } from './Batch';
import { Drip } from './Drip';
import { keepMaking } from './keep';
import { type Scope, useAtMake, useMaking } from './making';
import { OrderTable } from './OrderTable';
import { StandIns } from './StandIns';
import { Terms } from './Terms';
import { entriesFor, useBench } from './useEntries';

/** Each list keeps its own ticks. */
const listKey = (scope: Scope, { planting }: Pick<StationProps, 'planting'>): string =>
  scope === 'place' ? `place:${planting.spot.name}` : scope === 'bench' || scope === 'batch' ? scope : planting.id;

/** The shopping list of one container, a set, a place, the bench or a batch: ticked off as it is bought. */
export function List(at: StationProps) {
  const { planting, units, known } = at;
  const { scope: asked, ask } = useAtMake();
  const making = useMaking();
  const bench = useBench(planting);
  const today = useToday();
  const [missing, setMissing] = useState<Plant | null>(null);
  const stock = known.stock?.stock ?? null;
  // Ready before it is asked, so that a stand-in is found at the nursery without a signal.
  useEffect(() => readyToWeigh(known.mine), [known.mine]);
  const { count } = planting.container;
  const scope: Scope = asked === 'set' && count === 1 ? 'one' : (asked ?? (count > 1 ? 'set' : 'one'));
  const { feed, drip, spare, prices } = making;
  const money: Money = { code: making.currency, perPound: making.perPound };
  const entries = useMemo(
    () => entriesFor(scope, planting, bench, making.batch, today),
    [scope, planting, bench, making.batch, today],
  );
  const order = useMemo(
    () => orderFor(entries, { feed, drip, spare, units, stock, prices }),
    [entries, feed, drip, spare, units, stock, prices],
  );
  const key = listKey(scope, at);
  const have = making.have[key] ?? {};
  const pay = toPay(order, have);
  const saved = sum(order.lines.filter((l) => isHad(l, have) && !l.usuallyOwned).map((l) => l.price));
  const { budget } = planting.brief;
  const own = scope === 'one' || scope === 'set';
  const turn = turnToBuy(planting, today);
  const each = order.containers > 0 ? pay / order.containers : 0;
  const over = budget === null ? 0 : each - budget;
  const options = [
    { value: 'one' as const, text: 'One of this container' },
    ...(count > 1 ? [{ value: 'set' as const, text: `This container, all ${count}` }] : []),
    { value: 'place' as const, text: `Every container at ${planting.spot.name}` },
    { value: 'bench' as const, text: 'The whole bench' },
    { value: 'batch' as const, text: 'A batch' },
  ];
  const tick = (line: string, on: boolean) =>
    keepMaking((m) => ({ have: { ...m.have, [key]: { ...m.have[key], [line]: on } } }));
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 className="text-xl leading-none">
          Shopping list
          <span className="block pt-1 text-[0.9rem] font-normal text-quiet">
            {order.containers === 1 ? 'for one container' : `for ${order.containers} containers`},{' '}
            {order.plants === 0 ? 'not planted yet' : order.plants === 1 ? '1 plant' : `${order.plants} plants`}
            {own && turn !== null && `, to replant on ${formatDayFrom(turn, today)}`}
          </span>
        </h2>
        <div className="min-w-52 print:hidden">
          <Choose label="For" value={scope} options={options} onChange={ask} />
        </div>
        <div className="flex gap-2 print:hidden">
          <Button
            kind="deep"
            onClick={() =>
              download(
                fileName(own ? planting.name : scope === 'place' ? planting.spot.name : scope, 'shopping.csv'),
                orderCsv(order, have, money),
                'text/csv',
              )
            }
          >
            Save as CSV
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
        </div>
      </div>
      {scope === 'batch' && <Batch planting={planting} bench={bench} rows={making.batch} entries={entries} />}
      {own && planting.placements.length === 0 && (
        <p>
          This covers the empty container only. Compose a planting to add its plants.{' '}
          <Link className="text-glaze underline underline-offset-4" href={stationPath(planting.id, 'plants')}>
            Compose one
          </Link>
        </p>
      )}
      <Terms making={making} />
      <OrderTable
        order={order}
        have={have}
        money={money}
        stock={stock}
        today={today}
        onTick={tick}
        onMissing={own ? setMissing : null}
        total={
          <>
            {moneyText(pay, money)}
            {order.containers > 1 && (
              <span className="block text-[0.88rem] font-normal text-quiet">{moneyText(each, money)} each</span>
            )}
          </>
        }
        under={
          <>
            {own && budget !== null && (
              <span className={`block text-[0.88rem] font-normal ${over > 0 ? 'text-wrong' : 'text-quiet'}`}>
                {moneyText(Math.abs(over), money)} {over > 0 ? 'over' : 'under'} the budget of{' '}
                {moneyText(budget, money)} a container
              </span>
            )}
            {saved > 0 && (
              <span className="block text-[0.88rem] font-normal text-quiet">
                You already have {moneyText(saved, money)} worth
              </span>
            )}
          </>
        }
      />
      {drip && <Drip entries={entries} units={units} />}
      <p className="text-[0.84rem] text-quiet">
        {stock
          ? `Plant prices from ${stock.nursery}; other prices are typical.`
          : 'Prices are typical; yours will differ. Select a price to enter your own.'}{' '}
        Dampen the mix before you pour it and wash your hands afterwards.
      </p>
      {missing && <StandIns plant={missing} planting={planting} known={known} onClose={() => setMissing(null)} />}
    </div>
  );
}
