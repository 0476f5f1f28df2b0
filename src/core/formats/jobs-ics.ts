import { createEvents } from 'ics';
import { changeOvers } from '../growth/turn';
import { type Job, JOBS, jobsOf } from '../jobs';
import type { Around } from '../jobs/job';
import type { Planting } from '../plantings/schema';
import { spotName } from '../spots/schema';
import { addDays, daysBetween, formatDay } from '../units/date';

/** A job of a container with the container it is of. */
export interface DatedJob extends Job {
  of: Planting;
  /** Where it is overdue: the day it was due. It is then put on the first day asked for. */
  since?: string;
}

/**
 * A container’s jobs from a day up to and with another: what comes of its season is asked once more from the
 * day after it is planted. What was due before the first day and is not done yet stands on that day.
 */
function jobsOfOne(of: Planting, from: string, to: string, around: Partial<Around>): DatedJob[] {
  const seen = new Map<string, DatedJob>();
  for (const asked of [from, ...[of.startDate, ...changeOvers(of)].map((day) => addDays(day, 1))])
    if (asked >= from && asked <= to)
      for (const j of jobsOf(of, { today: asked, days: daysBetween(asked, to), all: true }, around))
        if (j.due >= from) seen.set(nameOf({ ...j, of }), { ...j, of });
        else if (asked === from) seen.set(nameOf({ ...j, of }), { ...j, of, due: from, since: j.due });
  return [...seen.values()];
}

/**
 * All that some containers need from one day up to and with another, what is overdue included, soonest first.
 * Throws UnknownPlantError.
 */
export const jobsBetween = (
  plantings: readonly Planting[],
  from: string,
  to: string,
  around: (of: Planting) => Partial<Around> = () => ({}),
): DatedJob[] =>
  plantings.flatMap((of) => jobsOfOne(of, from, to, around(of))).sort((a, b) => a.due.localeCompare(b.due));

/** What a job is told apart by: the container, the kind, and what it is done to. Never its day, which moves. */
const nameOf = ({ of, kind, key }: DatedJob): string => `${of.id}.${kind}.${key}@rillbank`;

const dayOf = (date: string): [number, number, number] => {
  const [y = 0, m = 1, d = 1] = date.split('-').map(Number);
  return [y, m, d];
};

/**
 * Jobs as a calendar (RFC 5545), a whole day each. A job keeps its identifier when its day moves, so that
 * opening a later file moves it and doubles nothing. Null for no jobs: a calendar without an event is not a
 * valid file. Throws Error where the calendar cannot be written.
 */
export function jobsIcs(jobs: readonly DatedJob[]): string | null {
  if (jobs.length === 0) return null;
  const { value, error } = createEvents(
    jobs.map((j) => ({
      uid: nameOf(j),
      title: `${j.of.name}: ${j.text}${j.since ? ` (due since ${formatDay(j.since)})` : ''}`,
      description: [j.how, JOBS[j.kind].why].filter(Boolean).join(' '),
      location: spotName(j.of.spot),
      start: dayOf(j.due),
      end: dayOf(addDays(j.due, 1)),
      productId: 'rillbank',
      calName: 'Rillbank',
    })),
  );
  if (typeof value !== 'string') throw error ?? new Error('The calendar could not be written.');
  return value;
}
