import { jobsBetween, jobsIcs } from '@/core/formats/jobs-ics';
import type { Planting } from '@/core/plantings/schema';
import { addDays } from '@/core/units/date';
import type { Surround } from './around';
import { download } from './download';
import { tell } from './tell';

/** How far ahead a calendar goes, days. */
const YEAR_DAYS = 365;

/** Saves a year’s jobs of some containers as a calendar, what is overdue included; says so where there is none. */
export function saveCalendar(file: string, plantings: readonly Planting[], today: string, of: Surround['of']): void {
  const calendar = jobsIcs(jobsBetween(plantings, today, addDays(today, YEAR_DAYS), of));
  if (calendar === null) tell.said('There are no jobs in the coming year, so no calendar was saved.');
  else download(file, calendar, 'text/calendar');
}
