'use client';
import { useState } from 'react';
import { entriesOf } from '@/core/log/schema';
import { comparedWith } from '@/core/log/learn';
import { grow } from '@/core/growth/season';
import { bestWeeks } from '@/core/growth/stretches';
import type { Planting } from '@/core/plantings/schema';
import { addDays, formatDayFrom } from '@/core/units/date';
import { mean } from '@/core/units/number';
import { formatPercent } from '@/core/units/quantity';
import { readShelf } from '@/storage/plantings';
import { useStored } from '@/storage/useStored';
import { Choose } from '@/ui/Field';
import type { TendProps } from './props';

interface Row {
  name: string;
  of: (planting: Planting, log: TendProps['surround']['log'], today: string) => string;
}

/** What two containers, or one in two years, are compared by. */
const ROWS: readonly Row[] = [
  { name: 'Planted', of: (p, _, today) => formatDayFrom(p.startDate, today) },
  { name: 'Plants', of: (p) => String(p.placements.length) },
  {
    name: 'Best from',
    of: (p, _, today) => {
      const best = bestWeeks(grow(p));
      return best ? formatDayFrom(addDays(p.startDate, best.from * 7), today) : 'none';
    },
  },
  { name: 'Waterings logged', of: (p, log) => String(entriesOf(log, 'water').filter((e) => e.of === p.id).length) },
  { name: 'Died', of: (p, log) => String(entriesOf(log, 'death').filter((e) => e.of === p.id).length) },
  {
    name: 'Height against prediction',
    of: (p, log) => {
      const ratios = comparedWith(p, log).flatMap((m) =>
        m.heightMm !== null && m.forecast ? [m.heightMm / m.forecast.heightMm] : [],
      );
      return ratios.length === 0 ? 'not measured' : formatPercent(mean(ratios));
    },
  },
  {
    name: 'For next year',
    of: (p, log) => {
      const verdicts = entriesOf(log, 'verdict').filter((e) => e.of === p.id);
      const again = verdicts.filter((v) => v.again).length;
      return verdicts.length === 0 ? 'no verdict' : `${again} again, ${verdicts.length - again} not`;
    },
  },
];

/** This container beside another: what was planted in another year is another container, put away. */
export function Beside({ planting, surround, today }: TendProps) {
  const shelf = useStored(() => readShelf().catch(() => null));
  const [id, choose] = useState('');
  const others = (shelf?.pots ?? [])
    .map((p) => p.planting)
    .filter((p) => p.id !== planting.id && p.placements.length > 0);
  const other = others.find((p) => p.id === id);
  if (others.length === 0) return null;
  return (
    <section aria-label="Compare containers" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Compare containers</h2>
      <Choose
        label="Compare with"
        value={id}
        options={[
          { value: '', text: 'nothing' },
          ...others.map((p) => ({
            value: p.id,
            text: `${p.spot.name}: ${p.name}, ${p.startDate.slice(0, 4)}`,
          })),
        ]}
        onChange={choose}
      />
      {other && (
        <table className="w-full border-collapse text-[0.9rem]">
          <thead>
            <tr>
              <td />
              {[planting, other].map((p) => (
                <th key={p.id} scope="col" className="px-1 text-left">
                  {p.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.map(({ name, of }) => (
              <tr key={name} className="border-t border-line align-top">
                <th scope="row" className="text-left font-normal text-quiet">
                  {name}
                </th>
                {[planting, other].map((p) => (
                  <td key={p.id} className="px-1 py-0.5">
                    {of(p, surround.log, today)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
