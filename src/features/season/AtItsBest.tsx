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
          <Mark severity="watch" /> It is over early: most of its season comes after.
        </p>
      )}
      {peak === 'late' && (
        <p>
          <Mark severity="watch" /> It comes late: most of its season is spent waiting.
        </p>
      )}
      {dry.map((d) => (
        <p key={d.from}>
          <Mark severity="watch" /> Hardly a flower from {day(d.from)} to {day(d.to, 6)}.
        </p>
      ))}
      <OptionalDateField
        label="A day to be ready for"
        value={bestOn}
        after={planting.startDate}
        onChange={(next) =>
          run('A day to be ready for', { do: 'set', change: { brief: { ...planting.brief, bestOn: next } } })
        }
      />
      {ready && (
        <div role="status" className="flex flex-col items-start gap-1.5">
          <p>
            <Mark severity={ready.ready ? 'good' : 'watch'} />{' '}
            {ready.ready
              ? 'Its best weeks hold that day.'
              : ready.ways.length > 0
                ? 'That day lies outside its best weeks. What would have it ready:'
                : 'That day lies outside its best weeks, and neither another planting day nor bigger starts bring it there. Compose again with that day in the brief.'}
          </p>
          {ready.ways.map((way) => (
            <Button key={way.label} onClick={() => run(way.label, ...way.commands)}>
              {way.label}
            </Button>
          ))}
          {weekOf !== null && weekOf >= 0 && weekOf < season.weeks.length && (
            <Button kind="bare" onClick={() => show(weekOf)}>
              Look at that day
            </Button>
          )}
        </div>
      )}
    </section>
  );
}
