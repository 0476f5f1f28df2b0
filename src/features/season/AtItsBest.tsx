'use client';
import { useMemo } from 'react';
import { peaking } from '@/core/balance/by-month';
import { readyFor } from '@/core/compose/changes/ready';
import { bestWeeks, dryStretches } from '@/core/growth/stretches';
import { addDays, daysBetween, formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { OptionalDateField } from '@/ui/Field';
import { Mark } from '@/ui/Mark';
import type { StationProps } from '../shell/panels';
import { useWorkspace } from '../shell/store';

/** When it is at its best, when nothing flowers, and a day it is to be ready for. */
export function AtItsBest({ planting, season }: StationProps) {
  const run = useWorkspace((s) => s.run);
  const show = useWorkspace((s) => s.show);
  const best = useMemo(() => bestWeeks(season), [season]);
  const dry = useMemo(() => dryStretches(season), [season]);
  const peak = best && peaking(planting, best);
  const { bestOn } = planting.brief;
  const ready = useMemo(() => (bestOn ? readyFor(planting, bestOn) : null), [planting, bestOn]);
  const day = (week: number, end = 0) => formatDay(addDays(planting.startDate, week * 7 + end));
  const weekOf = bestOn ? Math.floor(daysBetween(planting.startDate, bestOn) / 7) : null;
  return (
    <section aria-label="At its best" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">At its best</h2>
      {best && (
        <p>
          From {day(best.from)} to {day(best.to, 6)}, weeks {best.from} to {best.to}.
        </p>
      )}
      {peak === 'early' && (
        <p>
          <Mark severity="watch" /> It peaks early: most of the season is still to come.
        </p>
      )}
      {peak === 'late' && (
        <p>
          <Mark severity="watch" /> It peaks late: you wait most of the season for it.
        </p>
      )}
      {dry.map((d) => (
        <p key={d.from}>
          <Mark severity="watch" /> Almost no flowers from {day(d.from)} to {day(d.to, 6)}.
        </p>
      ))}
      <OptionalDateField
        label="A date to be at its best"
        value={bestOn}
        after={planting.startDate}
        onChange={(next) =>
          run('A date to be at its best', { do: 'set', change: { brief: { ...planting.brief, bestOn: next } } })
        }
      />
      {ready && (
        <div role="status" className="flex flex-col items-start gap-1.5">
          <p>
            <Mark severity={ready.ready ? 'good' : 'watch'} />{' '}
            {ready.ready
              ? 'That day falls in its best weeks.'
              : ready.ways.length > 0
                ? 'That day falls outside its best weeks. What would bring it forward or hold it back:'
                : 'That day falls outside its best weeks, and neither another planting date nor larger plants would fix that. Add the date to the brief and compose again.'}
          </p>
          {ready.ways.map((way) => (
            <Button key={way.label} onClick={() => run(way.label, ...way.commands)}>
              {way.label}
            </Button>
          ))}
          {weekOf !== null && weekOf >= 0 && weekOf < season.weeks.length && (
            <Button kind="bare" onClick={() => show(weekOf)}>
              Show that day
            </Button>
          )}
        </div>
      )}
    </section>
  );
}
