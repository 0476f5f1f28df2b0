'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { shoppingCsv } from '@/core/formats/shopping-csv';
import { linesOf, type PlantLine, shoppingList } from '@/core/materials/list';
import { type Plant } from '@/core/plants/schema';
import { ROLES } from '@/core/plants/traits';
import { STARTS } from '@/core/plants/starts';
import type { Stock } from '@/core/stock/schema';
import { stateOf } from '@/core/stock/shelf';
import type { Planting } from '@/core/plantings/schema';
import type { UnitSystem } from '@/core/units/length';
import { sum } from '@/core/units/number';
import { formatMoney, formatVolume } from '@/core/units/quantity';
import { Button } from '@/ui/Button';
import { Mark } from '@/ui/Mark';
import { PlantGlyph } from '@/ui/PlantGlyph';
import { Segments } from '@/ui/Segments';
import { download, fileName } from '../shell/download';
import { stationPath } from '../shell/stations';
import { readyToWeigh } from '../shell/workers';
import type { Known } from '../shell/known';
import { StandIns } from './StandIns';

/** The shopping list: plants in the sizes and packs sold, mix in whole bags, feed, and what it comes to. */
export function MakePanel({ planting, units, known }: { planting: Planting; units: UnitSystem; known: Known }) {
  const [missing, setMissing] = useState<Plant | null>(null);
  const stock = known.stock?.stock ?? null;
  // Ready before it is asked, so that a stand-in is found at the nursery without a signal.
  useEffect(() => readyToWeigh(known.mine), [known.mine]);
  const [whole, setWhole] = useState(planting.container.count > 1);
  const sets = whole ? planting.container.count : 1;
  const list = shoppingList(planting, sets, stock);
  const planted = planting.placements.length > 0;
  const { budget } = planting.brief;
  const over = budget === null ? 0 : list.each - budget;
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 className="text-xl leading-none">
          Shopping list
          <span className="block pt-1 text-[0.9rem] font-normal text-quiet">
            for {sets === 1 ? 'one pot' : `${sets} pots the same`}
            {!planted && ', not planted yet'}
          </span>
        </h2>
        {planting.container.count > 1 && (
          <Segments
            label="For"
            value={whole ? 'set' : 'one'}
            options={[
              { value: 'one', text: 'One' },
              { value: 'set', text: `All ${planting.container.count}` },
            ]}
            onChange={(v) => setWhole(v === 'set')}
          />
        )}
        <div className="flex gap-2 print:hidden">
          <Button
            kind="deep"
            onClick={() => download(fileName(planting.name, 'shopping.csv'), shoppingCsv(list), 'text/csv')}
          >
            Save as CSV
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
        </div>
      </div>
      {!planted && (
        <p>
          This is what the empty container needs. Compose a planting first, and its plants are on the list.{' '}
          <Link className="text-glaze underline underline-offset-4" href={stationPath(planting.id, 'plants')}>
            Compose one
          </Link>
        </p>
      )}
      <table className="w-full border-collapse text-[0.9rem] sm:text-[0.93rem]">
        <thead>
          <tr className="text-left text-[0.86rem] text-quiet [&>th]:border-b [&>th]:border-ink [&>th]:pb-1 [&>th]:font-normal [&>th+th]:pl-2">
            <th scope="col">Plant</th>
            <th scope="col">Start</th>
            <th scope="col" className="text-right">
              Count
            </th>
            <th scope="col" className="text-right">
              Buy
            </th>
            <th scope="col" className="text-right">
              Price
            </th>
          </tr>
        </thead>
        <tbody>
          {ROLES.flatMap((r) => linesOf(list, 'plant').filter((l) => l.role === r)).map((l) => (
            <PlantRow
              key={l.plant.id + l.start + l.role}
              line={l}
              stock={stock}
              onMissing={() => setMissing(l.plant)}
            />
          ))}
          <Line
            what="Potting mix, peat-free"
            note={`${formatVolume(list.mixL, units)} with settling, less the root balls`}
            how={linesOf(list, 'mix')
              .map((b) => `${b.buy} × ${b.bagL} L`)
              .join(' + ')}
            price={sum(linesOf(list, 'mix').map((l) => l.price))}
          />
          {linesOf(list, 'feed').map((l) => (
            <Line
              key={l.item}
              what={l.item}
              note="5 to 6 months; the label rules. Wear gloves."
              how={`${l.buy} g`}
              price={l.price}
            />
          ))}
          {linesOf(list, 'support').map((l) => (
            <Line
              key={l.item}
              what={l.item}
              note="Cap cane ends: they are at eye height."
              how={`${l.buy} × ${l.size}`}
              price={l.price}
            />
          ))}
        </tbody>
        <tfoot>
          <tr className="[&>*]:pt-2">
            <th scope="row" className="text-left text-lg" colSpan={2}>
              Total
              {budget !== null && (
                <span className={`block text-[0.88rem] font-normal ${over > 0 ? 'text-wrong' : 'text-quiet'}`}>
                  {over > 0
                    ? `${formatMoney(over)} over the budget of ${formatMoney(budget)} a pot`
                    : `${formatMoney(-over)} under the budget of ${formatMoney(budget)} a pot`}
                </span>
              )}
            </th>
            <td className="text-right align-top text-lg font-semibold" colSpan={3}>
              {formatMoney(list.total)}
              {sets > 1 && (
                <span className="block text-[0.88rem] font-normal text-quiet">{formatMoney(list.each)} each</span>
              )}
            </td>
          </tr>
        </tfoot>
      </table>
      <p className="text-[0.84rem] text-quiet">
        {stock
          ? `Plants at the prices of ${stock.nursery}; the rest is ordinary.`
          : 'Prices are ordinary ones and yours will differ.'}{' '}
        Damp the mix before you tip it, and wash your hands after.
      </p>
      {missing && <StandIns plant={missing} planting={planting} known={known} onClose={() => setMissing(null)} />}
    </div>
  );
}

function PlantRow({ line: l, stock, onMissing }: { line: PlantLine; stock: Stock | null; onMissing: () => void }) {
  const pack = STARTS[l.start].perPack > 1;
  return (
    <tr className="[&>td]:border-b [&>td]:border-line [&>td]:py-1.5 [&>td+td]:pl-2.5">
      <td>
        <span className="flex items-center gap-2">
          <span className="max-sm:hidden">
            <PlantGlyph plant={l.plant} size={28} />
          </span>
          <span>
            <span className="block font-semibold leading-tight">{l.item}</span>
            <span className="flex flex-wrap items-baseline gap-x-3 text-[0.83rem] leading-tight text-quiet">
              <span className="italic">{l.plant.botanical}</span>
              <Button
                kind="bare"
                className="min-h-[24px]! px-0! text-[0.83rem]! print:hidden"
                aria-label={`Find a stand-in for ${l.item}`}
                onClick={onMissing}
              >
                Find a stand-in
              </Button>
            </span>
            {l.escapes && (
              <span className="block text-[0.83rem] leading-tight text-watchink">
                Has run wild in climates like this: check your local list.
              </span>
            )}
          </span>
        </span>
      </td>
      <td>
        {STARTS[l.start].label}
        {stock && <Standing line={l} stock={stock} />}
        {!l.soldSo && <span className="block text-[0.82rem] text-watchink">seldom sold so; price is a guess</span>}
      </td>
      <td className="text-right">{l.count}</td>
      <td className="text-right">
        {l.buy} {pack ? (l.buy === 1 ? 'pack' : 'packs') : ''}
        {l.spare > 0 && <span className="block text-[0.82rem] text-quiet">{l.spare} spare</span>}
      </td>
      <td className="text-right">{formatMoney(l.price)}</td>
    </tr>
  );
}

/** What the nursery has of it. */
function Standing({ line: l, stock }: { line: PlantLine; stock: Stock }) {
  const { state, line, others } = stateOf(stock, l.plant.id, l.start, l.buy);
  const good = state === 'in stock';
  const instead = !good && others[0] ? `; has ${others.map((o) => STARTS[o.start].label).join(', ')}` : '';
  return (
    <span className={`flex items-center gap-1.5 text-[0.83rem] leading-tight ${good ? 'text-quiet' : 'text-watchink'}`}>
      <Mark severity={good ? 'good' : 'watch'} />
      {state === 'too few' ? `only ${line?.available ?? 0} there` : state}
      {instead}
    </span>
  );
}

function Line({ what, note, how, price }: { what: string; note: string; how: string; price: number }) {
  return (
    <tr className="[&>td]:border-b [&>td]:border-line [&>td]:py-1.5 [&>td+td]:pl-2.5">
      <td colSpan={2}>
        <span className="block font-semibold leading-tight">{what}</span>
        <span className="block text-[0.83rem] leading-tight text-quiet">{note}</span>
      </td>
      <td className="text-right" colSpan={2}>
        {how}
      </td>
      <td className="text-right">{formatMoney(price)}</td>
    </tr>
  );
}
