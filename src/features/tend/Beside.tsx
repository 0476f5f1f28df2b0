'use client';
import { useState } from 'react';
import { readShelf } from '@/storage/plantings';
import { useStored } from '@/storage/useStored';
import { Choose } from '@/ui/Field';
import type { TendProps } from './props';
import { SideBySide } from './SideBySide';

/** This container beside another: what was planted in another year is another container. */
export function Beside({ planting, surround: { log }, today, units }: TendProps) {
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
        <SideBySide pair={[planting, other]} log={log} today={today} units={units} onClose={() => choose('')} />
      )}
    </section>
  );
}
