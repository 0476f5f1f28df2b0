'use client';
import Link from 'next/link';
import { type Job, JOBS } from '@/core/jobs';
import type { Planting } from '@/core/plantings/schema';
import { addDays, formatDay } from '@/core/units/date';
import { formatTemperature, formatVolume } from '@/core/units/quantity';
import type { UnitSystem } from '@/core/units/length';
import { dayWords, timesWords } from '@/core/water/words';
import { Button, buttonLook } from '@/ui/Button';
import { doJob, told } from '../shell/doing';
import { type Station, stationPath } from '../shell/stations';

interface Props {
  planting: Planting;
  job: Job;
  today: string;
  units: UnitSystem;
  /** Whether the container is named: where several stand together. */
  named?: boolean;
}

/** Where a job is done that leaves no deed. */
const DONE_AT: Partial<Record<Job['kind'], { station: Station; text: string }>> = {
  compose: { station: 'plants', text: 'Compose' },
  plant: { station: 'make', text: 'Steps' },
  over: { station: 'tend', text: 'Replant' },
  rescue: { station: 'season', text: 'Look' },
};

/** What a job that is left undone costs. */
const LATE: Record<Job['matters'], string> = {
  dies: 'If this is left undone, plants can die.',
  suffers: 'If this is late, plants flower or grow less.',
  looks: 'If this is late, it only looks less tidy.',
};

const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** How much, and how often, where it is watered. */
function amount({ litres, times = 1 }: Job, { container: { count } }: Planting, units: UnitSystem): string {
  if (litres === undefined) return '';
  const each = formatVolume(litres, units);
  const often = times > 1 ? ` ${timesWords(times)}` : '';
  return count > 1 ? `, ${each} each${often}` : `, ${each}${often}`;
}

/** What a job asks for, how much of it, and how cold it may be. */
function whatOf(job: Job, planting: Planting, units: UnitSystem): string {
  const night = job.nightC === undefined ? '' : `: ${formatTemperature(job.nightC, units)} expected overnight`;
  const kept = job.keptAtC === undefined ? '' : `; keep it at ${formatTemperature(job.keptAtC, units)} or more`;
  return `${capital(job.text)}${amount(job, planting, units)}${night}${kept}`;
}

/** A job with its day, done with a tap; why and how lie behind it. */
export function JobLine({ planting, job, today, units, named = false }: Props) {
  const what = whatOf(job, planting, units);
  const at = DONE_AT[job.kind];
  return (
    <li className="flex items-start gap-3 border-t border-line py-1.5">
      <details className="min-w-0 flex-1">
        <summary className="cursor-pointer py-0.5 pointer-coarse:py-2">
          {named && <span className="font-semibold">{planting.name}: </span>}
          {named ? `${job.text}${what.slice(job.text.length)}` : what}
          <span className="text-quiet">
            {' '}
            {job.due < today ? `due since ${formatDay(job.due)}` : dayWords(job.due, today)}
            {job.until > addDays(today, 1) && job.until > job.due ? `, do it by ${formatDay(job.until)}` : ''}
          </span>
        </summary>
        <p className="max-w-prose py-1 pl-4 text-[0.9rem] text-quiet">
          {job.how} {JOBS[job.kind].why} {LATE[job.matters]}
        </p>
      </details>
      {job.done ? (
        <Button
          className="shrink-0 print:hidden"
          aria-label={`Done: ${planting.name}, ${job.text}`}
          onClick={() => told(doJob(planting, job, today))}
        >
          Done
        </Button>
      ) : (
        at && (
          <Link className={`${buttonLook('plain')} shrink-0 print:hidden`} href={stationPath(planting.id, at.station)}>
            {at.text}
          </Link>
        )
      )}
      <span aria-hidden className="mt-1 hidden size-4 shrink-0 border border-ink print:block" />
    </li>
  );
}
