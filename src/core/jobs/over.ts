import { judgedWeeks } from '../growth/span';
import { addDays, daysBetween, formatDay } from '../units/date';
import type { JobKind } from './job';

/** A summer's planting is over this long after its end. Working figure: what is left is seen by then. */
export const OVER_AFTER_DAYS = 10;

/** A season's planting is done with, or the day it is to be changed over has come. Never said of what is to live through the winter, unless a day is named. */
export const over: JobKind = {
  waits: true,
  of: ({ planting, today }) => {
    const { changeOver, lasting } = planting.brief;
    const planted = planting.placements.length > 0;
    if (!planted) return [];
    if (changeOver && changeOver > planting.startDate) return [{ on: changeOver, text: 'change it over' }];
    const end = addDays(planting.startDate, judgedWeeks(planting) * 7);
    return !lasting && daysBetween(end, today) > OVER_AFTER_DAYS ? [{ on: end, text: 'its season is over' }] : [];
  },
  why: 'What is left is past its best. Lift it, save what lasts, and plant for the next season.',
  says: ({ on, text }) =>
    text === 'change it over' ? `Change over, ${formatDay(on)}` : 'Season over: clear and replant',
};
