'use client';
import Link from 'next/link';
import { useMemo } from 'react';
import type { Scene } from '@/core/groups/scene';
import { plantedMass } from '@/core/containers';
import { orderCsv } from '@/core/formats/order-csv';
import { PLAIN_MAKING } from '@/core/buying/making';
import { orderFor, toPay } from '@/core/buying/order';
import { buyText, isHad } from '@/core/buying/order-line';
import { toBuy } from '@/core/materials/turn';
import { groupSheetOf } from '@/core/papers/group-sheet';
import { ballsL } from '@/core/plantings/resolve';
import { formatDay } from '@/core/units/date';
import type { UnitSystem } from '@/core/units/length';
import { moneyText } from '@/core/units/money';
import { sum } from '@/core/units/number';
import { formatMass, formatVolume } from '@/core/units/quantity';
import { aheadOf } from '@/core/water/ahead';
import { rotaOf } from '@/core/water/rota';
import { dayWords } from '@/core/water/words';
import { readMaking } from '@/storage/making';
import { readStock } from '@/storage/stock';
import { useStored } from '@/storage/useStored';
import { Button, buttonLook } from '@/ui/Button';
import { useAround } from '../shell/around';
import { download, fileName } from '../shell/download';
import { useSaving } from '../shell/useSaving';
import type { Taken } from './Picture';

/** Days of the rota that are shown. */
const DAYS = 5;

/** The group in one: what to buy, what it costs, weighs and drinks, who waters when, and the page for a board. */
export function InAll({
  scene,
  today,
  units,
  take,
}: {
  scene: Scene;
  today: string;
  units: UnitSystem;
  take: () => Taken | null;
}) {
  const plantings = useMemo(() => [...new Map(scene.bodies.map((b) => [b.of, b.planting])).values()], [scene]);
  const making = useStored(readMaking) ?? PLAIN_MAKING;
  const stock = useStored(() => readStock().catch(() => null));
  const around = useAround(plantings);
  const { busy, save } = useSaving();
  const { place } = scene.group;
  const money = { code: making.currency, perPound: making.perPound };
  const order = useMemo(
    () =>
      orderFor(
        plantings.map((p) => ({ planting: toBuy(p, today), count: p.container.count })),
        {
          feed: making.feed,
          drip: making.drip,
          spare: making.spare,
          units,
          stock: stock?.stock ?? null,
          prices: making.prices,
        },
      ),
    [plantings, today, making, units, stock],
  );
  const have = making.have[`place:${place}`] ?? {};
  const lines = order.lines.filter((l) => !isHad(l, have));
  const asking = around.ready
    ? plantings.map((planting) => {
        const { weather, found, dripL } = around.of(planting);
        return { planting, ahead: aheadOf(planting, weather, today, found, dripL) };
      })
    : [];
  const turns = rotaOf(asking, around.tending.people, around.tending.litresAMinute).slice(0, DAYS);
  const kg = sum(
    plantings.map((p) => plantedMass(p.container, ballsL(p.placements), 'soaked').totalKg * p.container.count),
  );
  const [next] = turns;
  const figures = [
    { label: 'To buy', text: moneyText(toPay(order, have), money) },
    { label: 'Plants', text: String(order.plants) },
    { label: 'Mix', text: formatVolume(sum(Object.values(order.mixL)), units) },
    { label: 'Weight when watered', text: formatMass(kg, units) },
    ...(next ? [{ label: 'Water each time', text: formatVolume(next.litres, units) }] : []),
  ];
  const sheet = () => {
    const picture = take();
    const says = `${place}, ${formatDay(scene.date)}, true to scale`;
    return [groupSheetOf(scene, making.sheet, picture && { ...picture, says }, figures, units)];
  };
  return (
    <section aria-label="Totals" className="flex flex-col gap-2 text-[0.93rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Totals</h2>
      <dl className="grid grid-cols-2 gap-x-3 gap-y-1 tabular-nums">
        {figures.map((f) => (
          <div key={f.label} className="flex items-baseline justify-between gap-2 border-b border-line py-0.5">
            <dt className="text-quiet">{f.label}</dt>
            <dd className="font-semibold">{f.text}</dd>
          </div>
        ))}
      </dl>
      <div className="flex flex-wrap gap-2">
        <Button kind="deep" disabled={busy} onClick={() => save(fileName(place, 'group-sheet.pdf'), sheet)}>
          {busy ? 'Writing…' : 'One-page summary'}
        </Button>
        <Button onClick={() => download(fileName(place, 'shopping.csv'), orderCsv(order, have, money), 'text/csv')}>
          Save list as CSV
        </Button>
      </div>
      <details open={lines.length <= 8}>
        <summary className="cursor-pointer text-quiet pointer-coarse:py-2">
          {lines.length === 0 ? 'Nothing to buy' : `${lines.length} things to buy`}
        </summary>
        <ul className="pt-1">
          {lines.map((l) => (
            <li key={l.key} className="flex justify-between gap-3 border-b border-line py-1">
              <span>
                {l.item} <span className="text-quiet">{buyText(l)}</span>
              </span>
              <span className="tabular-nums">{moneyText(l.price, money)}</span>
            </li>
          ))}
        </ul>
      </details>
      <h3 className="pt-1 text-quiet">Watering schedule</h3>
      {turns.length === 0 ? (
        <p>{around.ready ? 'No watering needed in the forecast.' : 'Loading the weather…'}</p>
      ) : (
        <ul>
          {turns.map((t) => (
            <li key={t.date} className="flex justify-between gap-3 border-b border-line py-1 tabular-nums">
              <span>
                {dayWords(t.date, today)}
                {t.who && <span className="text-glaze"> {t.who}</span>}
              </span>
              <span>
                {formatVolume(t.litres, units)}, {Math.max(1, Math.round(t.minutes))} min
              </span>
            </li>
          ))}
        </ul>
      )}
      <Link href="/today" className={`${buttonLook('plain')} self-start`}>
        Today’s jobs
      </Link>
    </section>
  );
}
