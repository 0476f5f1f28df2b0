'use client';
import { useMemo } from 'react';
import { byUrgency, jobsOf } from '@/core/jobs';
import { dayOf } from '@/core/plantings/deeds';
import { formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { useWorkspace } from '../shell/store';
import { JobLine } from './JobLine';
import type { TendProps } from './props';

/** Jobs are told so far ahead, and done ones so far back. Days. */
const AHEAD_DAYS = 21;
const DONE_SHOWN = 6;

const words = (what: string): string => what.replace(/-/g, ' ');

/** What it asks for now and in the three weeks ahead, and what was done last. */
export function Jobs({ planting, season, today, around, units }: TendProps) {
  const run = useWorkspace((s) => s.run);
  const jobs = useMemo(() => {
    const all = jobsOf(planting, { today, days: AHEAD_DAYS }, around).filter((j) => j.kind !== 'water');
    // What is due now as it is best done; what is ahead by its day.
    return [...all.filter((j) => j.due <= today).sort(byUrgency), ...all.filter((j) => j.due > today)];
  }, [planting, today, around]);
  const done = planting.deeds
    .filter((d) => d.done !== null)
    .sort((a, b) => dayOf(b).localeCompare(dayOf(a)))
    .slice(0, DONE_SHOWN);
  const nameOf = (id: string | null) =>
    season.placed.find((p) => p.id === id)?.plant.common.toLowerCase() ?? 'the whole container';
  return (
    <section aria-label="Jobs" className="flex flex-col text-[0.95rem]">
      <h2 className="pb-1.5 text-[0.95rem]">Jobs</h2>
      {jobs.length === 0 && <p className="border-t border-line py-1.5">Nothing in the next three weeks.</p>}
      <ul>
        {jobs.map((job) => (
          <JobLine key={`${job.kind}.${job.key}`} planting={planting} job={job} today={today} units={units} />
        ))}
      </ul>
      {done.length > 0 && (
        <details className="pt-2 text-[0.9rem]">
          <summary className="cursor-pointer text-quiet pointer-coarse:py-2">Recently done</summary>
          <ul>
            {done.map((d) => (
              <li key={d.id} className="flex items-center justify-between gap-2 border-t border-line py-1">
                <span>
                  {words(d.what)}, {nameOf(d.to)}, {formatDay(dayOf(d))}
                </span>
                <Button
                  kind="bare"
                  aria-label={`Undo: ${words(d.what)}, ${formatDay(dayOf(d))}`}
                  onClick={() => run(`Undo: ${words(d.what)}`, { do: 'unplan', id: d.id })}
                >
                  Undo
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
