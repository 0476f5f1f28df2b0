'use client';
import { useState } from 'react';
import { buyText, type OrderLine } from '@/core/buying/order-line';
import type { Delivery } from '@/core/buying/delivery';
import type { Plant } from '@/core/plants/schema';
import type { Stock } from '@/core/stock/schema';
import { formatDayFrom } from '@/core/units/date';
import { listed } from '@/core/units/listed';
import { inMoney, type Money, moneyText } from '@/core/units/money';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { PlantGlyph } from '@/ui/PlantGlyph';
import { keepMaking } from './keep';
import { InStock } from './InStock';

interface Props {
  line: OrderLine;
  had: boolean;
  money: Money;
  stock: Stock | null;
  today: string;
  /** Plants of the list come in several weeks: each says its own. */
  weeks: boolean;
  onTick: (key: string, on: boolean) => void;
  /** Finds a stand-in for a plant, where the list is for one planting. */
  onMissing: ((plant: Plant) => void) | null;
}

/** One thing to buy. */
export function OrderRow({ line: l, had, money, stock, today, weeks, onTick, onMissing }: Props) {
  return (
    <tr className={`[&>td]:border-b [&>td]:border-line [&>td]:py-1.5 [&>td+td]:pl-2.5 ${had ? 'text-quiet' : ''}`}>
      <td className="w-11">
        <label className="grid size-11 cursor-pointer place-items-center work:size-8">
          <input
            type="checkbox"
            checked={had}
            aria-label={`Have ${l.item}, ${l.unit}`}
            className="size-6 accent-glaze"
            onChange={(e) => onTick(l.key, e.target.checked)}
          />
        </label>
      </td>
      <td>
        <span className="flex items-center gap-2">
          {l.plant && (
            <span className="max-sm:hidden">
              <PlantGlyph plant={l.plant.plant} size={26} />
            </span>
          )}
          <What line={l} had={had} onMissing={onMissing} />
        </span>
      </td>
      <td className="max-sm:min-w-18 max-sm:text-[0.84rem]">
        {l.plant ? `${l.need} × ${l.unit}` : wanted(l)}
        {weeks && <Deliveries of={l.deliveries} today={today} />}
        {l.plant && stock && <InStock line={l} stock={stock} />}
        {l.plant && !l.plant.soldSo && (
          <span className="block text-[0.82rem] text-watchink">rarely sold in this size; estimated price</span>
        )}
      </td>
      <td className="text-right">
        {buyText(l)}
        {l.spare > 0 && l.plant && <span className="block text-[0.82rem] text-quiet">{l.spare} spare</span>}
        {l.spare >= 1 && !l.plant && (
          <span className="block text-[0.82rem] text-quiet">
            {Math.round(l.spare)} {MEASURED.has(l.unit) && l.unit} left over
          </span>
        )}
      </td>
      <td className="text-right">
        <Price line={l} money={money} />
      </td>
    </tr>
  );
}

/** In which weeks plants are to come, where the last is not past. */
function Deliveries({ of, today }: { of: readonly Delivery[]; today: string }) {
  const week = (d: Delivery) => `week of ${formatDayFrom(d.week, today)}`;
  if (of.every((d) => d.week < today)) return null;
  return (
    <span className="block text-[0.82rem] text-quiet">
      {of.length === 1 ? 'for the ' : ''}
      {listed(of.map((d) => (of.length === 1 ? week(d) : `${d.need} for the ${week(d)}`)))}
    </span>
  );
}

/**
 * What is sold by weight, length or volume is wanted in so much of it; pieces are counted where they are
 * bought, unless that is in packs.
 */
const MEASURED = new Set(['L', 'g', 'mL', 'm', 'm²']);
function wanted({ need, unit, buy }: OrderLine): string {
  if (MEASURED.has(unit)) return `${need < 10 ? Number(need.toFixed(1)) : Math.round(need)} ${unit}`;
  return buy.some((b) => b.holds > 1) ? String(Math.ceil(need)) : '';
}

function What({
  line: l,
  had,
  onMissing,
}: {
  line: OrderLine;
  had: boolean;
  onMissing: ((plant: Plant) => void) | null;
}) {
  const { plant } = l;
  return (
    <span>
      <span className={`block font-semibold leading-tight ${had ? 'line-through decoration-1' : ''}`}>{l.item}</span>
      <span className="flex flex-wrap items-baseline gap-x-3 text-[0.83rem] leading-tight text-quiet">
        <span className={plant ? 'italic' : ''}>{l.about}</span>
        {plant && onMissing && !had && (
          <Button
            kind="bare"
            className="min-h-[24px]! px-0! text-[0.83rem]! print:hidden"
            aria-label={`Find a substitute for ${l.item}`}
            onClick={() => onMissing(plant.plant)}
          >
            Find a substitute
          </Button>
        )}
      </span>
      {l.note && <span className="block text-[0.83rem] leading-tight text-quiet">{l.note}</span>}
      {plant?.escapes && (
        <span className="block text-[0.83rem] leading-tight text-watchink">
          Has spread from gardens in climates like this. Check your local list of invasive plants.
        </span>
      )}
    </span>
  );
}

/** Keeps a price of one’s own, or goes back to the ordinary one. */
const keepPrice = (key: string, pounds: number | null): void =>
  keepMaking(({ prices }) => ({
    prices: Object.fromEntries([
      ...Object.entries(prices).filter(([k]) => k !== key),
      ...(pounds === null ? [] : [[key, pounds]]),
    ]) as Record<string, number>,
  }));

/** A price: pressed, it asks for one’s own. */
function Price({ line: l, money }: { line: OrderLine; money: Money }) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Button
        kind="bare"
        className="min-h-[24px]! px-0!"
        aria-label={`Price of ${l.item}, ${moneyText(l.price, money)}: change`}
        onClick={() => setOpen(true)}
      >
        {moneyText(l.price, money)}
        {l.own && <span className="block text-[0.8rem] text-quiet">your price</span>}
      </Button>
    );
  return (
    <span className="ml-auto flex w-36 flex-col max-sm:w-24 items-end gap-1 text-left">
      <NumberField
        label={`${money.code} for ${l.priced.of === 'each' ? 'each' : `one ${l.priced.of}`}`}
        value={inMoney(l.priced.pounds, money)}
        min={0}
        max={5000}
        onChange={(n) => {
          keepPrice(l.key, n / money.perPound);
          setOpen(false);
        }}
      />
      <span className="flex gap-2">
        {l.own && (
          <Button
            kind="bare"
            className="px-0!"
            onClick={() => {
              keepPrice(l.key, null);
              setOpen(false);
            }}
          >
            Use the typical price
          </Button>
        )}
        <Button kind="bare" className="px-0!" onClick={() => setOpen(false)}>
          Close
        </Button>
      </span>
    </span>
  );
}
