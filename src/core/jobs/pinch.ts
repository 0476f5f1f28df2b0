import { STARTS } from '../plants/starts';
import { addDays, formatDay } from '../units/date';
import type { JobKind } from './job';
import { capital } from './plants-of';

/** Trailers and bushy plants set out small are pinched once they have settled. Practice: two to three weeks in. */
const WEEK = 3;
/** A season that peaks sooner leaves no time for it, weeks. Working figure. */
const BEFORE_PEAK = 2;
/** A start of this much or more was pinched at the nursery, litres. Working figure. */
const GROWN_ON_L = 0.9;

/** Tips off, so that it bushes. */
export const pinch: JobKind = {
  stone: 'plain',
  of: ({ planting, season }) => {
    const young = season.placed.find((p) => p.plant.pinch === 'helps' && STARTS[p.start].litres < GROWN_ON_L);
    if (!young || season.peak <= WEEK + BEFORE_PEAK) return [];
    return [
      {
        on: addDays(planting.startDate, WEEK * 7),
        text: `pinch ${young.plant.common.toLowerCase()}`,
        done: season.placed
          .filter((p) => p.plant.id === young.plant.id)
          .map((p) => ({ what: 'pinch' as const, to: p.id })),
      },
    ];
  },
  why: 'Tips off now make side shoots, and a denser plant. Nip out the soft tip above a pair of leaves; flower comes two to three weeks later.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
