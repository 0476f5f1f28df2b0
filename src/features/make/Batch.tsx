'use client';
import type { Entry } from '@/core/materials/entry';
import type { BatchRow } from '@/core/buying/making';
import type { Planting } from '@/core/plantings/schema';
import { benchMinutes } from '@/core/steps';
import { sum } from '@/core/units/number';
import { Button } from '@/ui/Button';
import { Choose, NumberField } from '@/ui/Field';
import { keepMaking } from './keep';

const USUAL = [6, 40, 200] as const;
const MINUTES_AN_HOUR = 60;

const hours = (minutes: number): string =>
  minutes < MINUTES_AN_HOUR ? `${minutes} min` : `${(minutes / MINUTES_AN_HOUR).toFixed(1)} h`;

interface Props {
  planting: Planting;
  bench: readonly Planting[];
  rows: readonly BatchRow[];
  entries: readonly Entry[];
}

/** So many of one recipe, or of several by turns: the standing ones and those made to order beside them. */
export function Batch({ planting, bench, rows, entries }: Props) {
  // By what is kept now, not by what was drawn last: two quick presses are both meant.
  const set = (change: (now: readonly BatchRow[]) => BatchRow[]) => keepMaking((m) => ({ batch: change(m.batch) }));
  const total = sum(rows.map((r) => r.count));
  const nameOf = ({ spot, name }: Planting) => `${spot.name}: ${name}`;
  const change = (i: number, row: BatchRow) => set((now) => now.map((r, k) => (k === i ? row : r)));
  const next = bench.find((p) => !rows.some((r) => r.id === p.id) && p.placements.length > 0);
  const shareOut = (n: number) =>
    set((now) => {
      const list = now.length > 0 ? now : [{ id: planting.id, count: 0 }];
      return list.map((r, i) => ({ ...r, count: Math.floor(n / list.length) + (i < n % list.length ? 1 : 0) }));
    });
  const minutes = sum(entries.map((e) => benchMinutes(e.planting, e.count)));
  return (
    <section aria-label="Batch" className="flex flex-col gap-2 border-l-2 border-glaze pl-3">
      {rows.map((row, i) => (
        <div key={i} className="flex flex-wrap items-end gap-2">
          <span className="w-24">
            <NumberField
              label={`How many, ${i + 1}`}
              value={row.count}
              min={0}
              max={500}
              whole
              onChange={(count) => change(i, { ...row, count })}
            />
          </span>
          <span className="min-w-52 flex-1">
            <Choose
              label={`Container, row ${i + 1}`}
              value={row.id}
              options={bench.map((p) => ({ value: p.id, text: nameOf(p) }))}
              onChange={(id) => change(i, { ...row, id })}
            />
          </span>
          <Button aria-label={`Remove row ${i + 1}`} onClick={() => set((now) => now.filter((_, k) => k !== i))}>
            Remove
          </Button>
        </div>
      ))}
      <p className="flex flex-wrap items-center gap-2">
        {USUAL.map((n) => (
          <Button key={n} onClick={() => shareOut(n)}>
            {n} in total
          </Button>
        ))}
        <Button
          disabled={rows.length > 0 && !next}
          onClick={() =>
            set((now) => [
              ...now,
              { id: now.length === 0 ? planting.id : (next?.id ?? planting.id), count: now[0]?.count ?? 6 },
            ])
          }
        >
          {rows.length === 0 ? `Start with ${planting.name}` : 'Add another'}
        </Button>
      </p>
      {total > 0 && (
        <p className="text-quiet">
          {total} {total === 1 ? 'container' : 'containers'}: about {hours(minutes)} of work for one person.
        </p>
      )}
    </section>
  );
}
