import { useMemo } from 'react';
import { dripKit } from '@/core/buying/drip';
import type { Entry } from '@/core/materials/entry';
import type { UnitSystem } from '@/core/units/length';
import { formatVolume } from '@/core/units/quantity';
import { countOf } from '@/ui/words';

/** How the drip is laid out and how long it runs, place by place. */
export function Drip({ entries, units }: { entries: readonly Entry[]; units: UnitSystem }) {
  const { zones } = useMemo(() => dripKit(entries), [entries]);
  if (zones.length === 0) return null;
  return (
    <section aria-label="Drip irrigation" className="flex flex-col gap-1 text-[0.92rem]">
      <h3 className="hair pb-1 text-[0.95rem]">Drip irrigation</h3>
      <ul>
        {zones.map((z) => (
          <li key={z.place} className="flex flex-wrap justify-between gap-x-4 border-b border-line py-1">
            <span>
              {z.place}: {countOf(z.containers, 'container')}
              {z.lines > 1 && `, on ${z.lines} lines`}
            </span>
            <span>
              {z.minutes} minutes on a hot day, {formatVolume((z.litresAnHour * z.minutes) / 60, units)}
            </span>
          </li>
        ))}
      </ul>
      <p className="text-[0.84rem] text-quiet">
        At the tap: timer, non-return valve, filter, pressure reducer, in that order. Run the main line past the
        containers, a connector and 6 mm tubing to each, emitters on stakes beside the root balls. On an ordinary day
        two thirds of the time is enough. Most water suppliers require the non-return valve: ask yours. Keep the timer
        and its batteries away from live sockets.
      </p>
    </section>
  );
}
