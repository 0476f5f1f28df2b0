import { formatDay } from '../units/date';
import { aheadOf } from '../water/ahead';
import type { JobKind } from './job';
import { isPlanted } from './plants-of';

/** What may be spent of its water is gone. */
export const waterJob: JobKind = {
  untilCleared: true,
  matters: 'dies',
  withinDays: 0,
  again: true,
  waits: true,
  of: (asked) => {
    const { whole, weather, today, found, dripL } = asked;
    if (!isPlanted(asked) || weather.length === 0) return [];
    const { next } = aheadOf(whole, weather, today, found, dripL);
    return next
      ? [{ on: next.on, text: 'water it', done: 'watered', litres: next.litres, times: next.times, key: 'water' }]
      : [];
  },
  why: 'By then half the water in reach of the roots is gone. Feel the mix first: if it is damp 5 cm down, wait. Otherwise water slowly until it runs from the base.',
  says: ({ on }) => `Water, ${formatDay(on)}`,
};
