import type { Planting } from '../plantings/schema';
import { addDays, daysBetween } from '../units/date';
import { seasonEvents } from './events';
import { grow } from './season';

export type JobKind = 'compose' | 'plant' | 'pinch' | 'rescue' | 'frost' | 'over';

/** Something a container asks for, and the day it is due (ISO). */
export interface Job {
  kind: JobKind;
  planting: string;
  due: string;
  /** What it says of this container alone: “pinch petunia”. */
  text: string;
}

const DAY_OF: Record<string, JobKind> = { pinch: 'pinch', smothered: 'rescue', frost: 'frost' };
/** A job missed is still told for so many days. */
const LATE_DAYS = 10;

/** What a container asks for from `today` over so many days, soonest first. Its season comes from `grow`, so a plan changed is a job changed. */
export function jobsOf(planting: Planting, today: string, days = 14): Job[] {
  const job = (kind: JobKind, due: string, text: string): Job => ({ kind, planting: planting.id, due, text });
  if (planting.placements.length === 0) return [job('compose', today, 'compose it')];
  const until = addDays(today, days);
  if (planting.startDate > until) return [];
  if (planting.startDate >= today) return [job('plant', planting.startDate, 'plant it')];
  const season = grow(planting);
  const end = addDays(planting.startDate, (season.frostWeek ?? season.weeks.length - 1) * 7);
  if (!planting.brief.lasting && daysBetween(end, today) > LATE_DAYS) return [job('over', end, 'its season is over')];
  return seasonEvents(planting, season)
    .map((e) => ({ e, due: addDays(planting.startDate, e.week * 7) }))
    .filter(({ due }) => due >= addDays(today, -LATE_DAYS) && due <= until)
    .flatMap(({ e, due }) => {
      const kind = DAY_OF[e.kind];
      return kind ? [job(kind, due, e.text)] : [];
    });
}
