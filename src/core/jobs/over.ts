import { judgedWeeks } from '../growth/span';
import { addDays, formatDay, nextMonthDay } from '../units/date';
import type { Due, JobKind } from './job';
import { occasionOf } from '../plantings/occasion';
import type { Planting } from '../plantings/schema';

/**
 * What was planted for the winter flowers on in spring, and makes room once the summer's may go out: so long
 * after the last frost, days. Growers' dates: the middle of May.
 */
const WINTER_STANDS_DAYS = 11;

/** The day on which a planting is over, or is to be changed over. */
export function overOn(planting: Planting): Due[] {
  const { changeOver, lasting } = planting.brief;
  if (planting.placements.length === 0) return [];
  if (changeOver && changeOver > planting.startDate) return [{ on: changeOver, text: 'replant it' }];
  if (lasting) return [];
  if (occasionOf(planting) === 'winter') {
    const last = nextMonthDay(planting.startDate, planting.spot.lastFrost);
    return [{ on: addDays(last, WINTER_STANDS_DAYS), text: 'clear it: time for the summer planting' }];
  }
  return [{ on: addDays(planting.startDate, judgedWeeks(planting) * 7), text: 'clear it: its season ends' }];
}

/**
 * A season's planting is done with, or the day it is to be changed over has come. Never said of what is to
 * live through the winter, unless a day is named.
 */
export const over: JobKind = {
  matters: 'looks',
  withinDays: 10,
  waits: true,
  of: ({ planting }) =>
    overOn(planting).map((due) => ({ ...due, done: [{ what: 'clear' as const, to: null }], within: 30, key: 'over' })),
  why: 'The planting is past its best. Lift it, keep what will last, compost the rest and save the mix for shrubs. Replant the same day, or wash and store the pot.',
  says: ({ on, text }) =>
    text === 'replant it' ? `Replant, ${formatDay(on)}` : `Season over on ${formatDay(on)}: clear and replant`,
};

/** Washed once it is cleared; what is replanted the same day is looked over on that day. */
export const wash: JobKind = {
  matters: 'looks',
  withinDays: 21,
  of: ({ planting }) =>
    overOn(planting).map(({ on }) => ({
      on,
      text: 'wash the container and look it over',
      done: [{ what: 'wash' as const, to: null }],
      key: 'wash',
    })),
  why: 'Salts and moulds of one season pass to the next. Brush it out, wash it in warm water and look for cracks and blocked holes. Store terracotta dry and off the ground; wear gloves.',
  says: ({ on }) => `Wash the container and look it over, ${formatDay(on)}`,
};
