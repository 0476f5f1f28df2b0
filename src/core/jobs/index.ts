import type { Season } from '../growth/grown';
import { grow } from '../growth/season';
import type { Planting } from '../plantings/schema';
import { addDays, daysBetween } from '../units/date';
import { compose } from './compose';
import { frost } from './frost';
import type { JobKind } from './job';
import { keep } from './keep';
import { over } from './over';
import { pinch } from './pinch';
import { plant } from './plant';
import { rescue } from './rescue';

/** The kinds of job. A new one is a file and a line here. */
export const JOBS = { compose, plant, pinch, rescue, keep, frost, over } satisfies Record<string, JobKind>;
export type JobId = keyof typeof JOBS;

const KINDS: readonly [string, JobKind][] = Object.entries(JOBS);

/** Something a container asks for, and the day it is due (ISO). */
export interface Job {
  kind: JobId;
  planting: string;
  due: string;
  /** What it says of this container alone: “pinch petunia”. */
  text: string;
  /** What it says on the bench. */
  says: string;
}

/** A job missed is still told for so many days. */
const LATE_DAYS = 10;

/**
 * What a container asks for from `today` over so many days, soonest first. Its season comes from `grow`, so a plan
 * changed is a job changed.
 */
export function jobsOf(
  planting: Planting,
  today: string,
  days = 14,
  kinds: readonly (readonly [string, JobKind])[] = KINDS,
): Job[] {
  const [late, until] = [addDays(today, -LATE_DAYS), addDays(today, days)];
  const planted = planting.placements.length > 0 && planting.startDate < today;
  const asked = { planting, season: grow(planting), today };
  return kinds
    .flatMap(([id, kind]) =>
      (kind.stone && !planted ? [] : kind.of(asked))
        .filter(({ on }) => (on >= late || kind.waits) && on <= until)
        .map((due): Job => ({
          kind: id as JobId,
          planting: planting.id,
          due: due.on,
          text: due.text,
          says: kind.says(due),
        })),
    )
    .sort((a, b) => a.due.localeCompare(b.due));
}

/** Something that happens in the season, by week. */
export interface Stone {
  kind: JobId;
  week: number;
  text: string;
  /** Why it matters, and what is done. */
  why: string;
  bad: boolean;
}

/** The stones in the rill, in order of week. */
export function stonesOf(planting: Planting, season: Season): Stone[] {
  if (planting.placements.length === 0) return [];
  const asked = { planting, season, today: planting.startDate };
  return KINDS.filter(([, kind]) => kind.stone)
    .flatMap(([id, kind]) =>
      kind.of(asked).map(({ on, text }) => ({
        kind: id as JobId,
        week: Math.round(daysBetween(planting.startDate, on) / 7),
        text,
        why: kind.why,
        bad: kind.stone === 'bad',
      })),
    )
    .sort((a, b) => a.week - b.week);
}
