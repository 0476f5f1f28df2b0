import { judgedWeeks } from '../growth/span';
import { addDays, daysBetween, formatDay } from '../units/date';
import type { Due, JobKind } from './job';
import type { Planting } from '../plantings/schema';

/** A summer's planting is over this long after its end. Working figure: what is left is seen by then. */
const OVER_AFTER_DAYS = 10;

/** The day on which a planting is over, or is to be changed over; nothing before that is in sight. */
export function overOn(planting: Planting, today: string): Due[] {
  const { changeOver, lasting } = planting.brief;
  if (planting.placements.length === 0) return [];
  if (changeOver && changeOver > planting.startDate) return [{ on: changeOver, text: 'replant it' }];
  const end = addDays(planting.startDate, judgedWeeks(planting) * 7);
  return !lasting && daysBetween(end, today) > OVER_AFTER_DAYS ? [{ on: end, text: 'its season has ended' }] : [];
}

/** A season's planting is done with, or the day it is to be changed over has come. Never said of what is to live through the winter, unless a day is named. */
export const over: JobKind = {
  waits: true,
  of: ({ planting, today }) => overOn(planting, today),
  why: 'The planting is past its best. Lift it, save what will last and replant for the next season.',
  says: ({ on, text }) => (text === 'replant it' ? `Replant, ${formatDay(on)}` : 'Season over: clear and replant'),
};
