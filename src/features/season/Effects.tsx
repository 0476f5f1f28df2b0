'use client';
import { useMemo } from 'react';
import { checkOf } from '@/core/balance';
import { movesOf, trial } from '@/core/compose/changes/trial';
import type { Command } from '@/core/plantings/commands';
import { Mark } from '@/ui/Mark';
import type { StationProps } from '../shell/panels';

/** The levels as they are and with what is tried: those that move, and what it is worth in all. */
export function Effects({
  planting,
  report,
  commands,
}: Pick<StationProps, 'planting' | 'report'> & { commands: readonly Command[] }) {
  const { moves, change } = useMemo(() => {
    const tried = trial(planting, report, commands);
    return { moves: movesOf(report, tried.report), change: tried.change };
  }, [planting, report, commands]);
  return (
    <div className="self-stretch">
      {moves.length === 0 && <p className="text-quiet">No check changes.</p>}
      <ul>
        {moves.map((m) => (
          <li key={m.check} className="flex justify-between gap-2">
            <span>{checkOf(m.check).name}</span>
            <span className="flex items-center gap-1.5">
              <Mark severity={m.from} /> <span aria-hidden>→</span> <Mark severity={m.to} withWord />
            </span>
          </li>
        ))}
      </ul>
      {change !== 0 && (
        <p className="text-quiet">
          Overall {Math.abs(change).toFixed(1)} points {change > 0 ? 'better' : 'worse'}.
        </p>
      )}
    </div>
  );
}
