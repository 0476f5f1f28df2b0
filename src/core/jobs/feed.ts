import { addDays, formatDay } from '../units/date';
import { rhythm } from './done';
import type { JobKind } from './job';
import { capital, isPlanted } from './plants-of';

/** When each way of feeding begins, and how often it is given. Practice; the mix’s own feed is spent in five to six weeks, and slow-release in five months. */
const RHYTHM = {
  slow: { fromWeek: 20, everyDays: 140 },
  liquid: { fromWeek: 6, everyDays: 7 },
  pellets: { fromWeek: 4, everyDays: 30 },
} as const;
const SAYS = {
  slow: 'add slow-release feed',
  liquid: 'give liquid feed',
  pellets: 'work in feed pellets',
} as const;
/** The last feed is so long before the first frost: later growth is soft. Days, practice. */
const STOP_BEFORE_DAYS = 28;

/** Feed by its school. */
export const feed: JobKind = {
  again: true,
  of: (asked) => {
    const { planting, season, feed: by } = asked;
    const hungry = season.placed.some((p) => p.plant.feed !== 'light');
    if (!isPlanted(asked) || !hungry) return [];
    const { fromWeek, everyDays } = RHYTHM[by];
    const stop = addDays(planting.startDate, (season.frostWeek ?? season.weeks.length) * 7 - STOP_BEFORE_DAYS);
    return rhythm(asked, 'feed', addDays(planting.startDate, fromWeek * 7), everyDays)
      .filter(({ on }) => on <= stop)
      .map(({ on, nth }) => ({ on, text: SAYS[by], done: [{ what: 'feed' as const, to: null }], key: `feed-${nth}` }));
  },
  why: 'Plants that flower for months use up the feed in the mix. Feed when the mix is damp, at no more than the label rate; if it is dry, water first.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
