import { formatDay } from '../units/date';
import type { JobKind } from './job';

/** The day it is planted. */
export const plant: JobKind = {
  of: ({ planting, today }) =>
    planting.placements.length > 0 && planting.startDate >= today ? [{ on: planting.startDate, text: 'plant it' }] : [],
  why: 'Roots take best in moist mix on a dull day. Water the starts an hour before, and the pot until it runs out below.',
  says: ({ on }) => `Plant on ${formatDay(on)}`,
};
