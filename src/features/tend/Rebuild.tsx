'use client';
import { useMemo } from 'react';
import { rebuildOf } from '@/core/compose/turns/rebuild';
import type { LogEntry } from '@/core/log/schema';
import type { Planting } from '@/core/plantings/schema';
import { formatVolume } from '@/core/units/quantity';
import { useUnits } from '../shell/units';
import { diedIn } from './turning';

/** Taking it apart: what is used again, by colour; what to root; how much of the mix is renewed. */
export function Rebuild({ planting, log, on }: { planting: Planting; log: readonly LogEntry[]; on: string }) {
  const units = useUnits((u) => u.units);
  const { again, cuttings, refill, mixL } = useMemo(
    () => rebuildOf(planting, on, diedIn(planting, log)),
    [planting, log, on],
  );
  return (
    <details className="text-[0.92rem]">
      <summary className="cursor-pointer text-quiet pointer-coarse:py-2">Empty it and start again</summary>
      <div className="flex flex-col gap-2 pt-2">
        {again.length === 0 ? (
          <p>Nothing can be reused.</p>
        ) : (
          <>
            <p>What can be used again, by colour:</p>
            <ul>
              {again.map(({ colour, kinds }) => (
                <li key={colour} className="border-t border-line py-1">
                  {kinds.map((k) => (
                    <span key={k.plant} className="flex items-center gap-2">
                      <span
                        aria-hidden
                        className="inline-block size-3 border border-ink/30"
                        style={{ background: k.hex }}
                      />
                      {k.name}
                      {k.count > 1 && ` × ${k.count}`}
                    </span>
                  ))}
                </li>
              ))}
            </ul>
          </>
        )}
        {cuttings.length > 0 && <p>Take cuttings first: {cuttings.map((c) => c.name).join('; ')}.</p>}
        <p>
          {refill === 'top third'
            ? `Renew the top third of the mix, ${formatVolume(mixL, units)}.`
            : `Top the mix up with a few handfuls, ${formatVolume(mixL, units)}.`}{' '}
          Dampen it first so you don’t breathe dust. Lift a full container with two people, or empty it in place.
        </p>
      </div>
    </details>
  );
}
