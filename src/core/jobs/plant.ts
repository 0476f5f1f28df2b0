import { formatDay } from '../units/date';
import type { JobKind } from './job';

/** The day it is planted. */
export const plant: JobKind = {
  matters: 'suffers',
  withinDays: 14,
  of: ({ planting, today }) =>
    planting.placements.length > 0 && planting.startDate >= today ? [{ on: planting.startDate, text: 'plant it' }] : [],
  why: 'Roots establish best in moist mix on a dull day. Water the young plants an hour before, and the container afterwards until it runs from the base.',
  says: ({ on }) => `Plant on ${formatDay(on)}`,
};
