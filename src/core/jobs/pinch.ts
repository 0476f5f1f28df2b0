import { isSouthern } from '../climate/hemisphere';
import { isPinched } from '../plants/hand';
import { STARTS } from '../plants/starts';
import { addDays, formatDay, monthPosition } from '../units/date';
import type { Asked, JobKind } from './job';
import { capital, namesOf } from './plants-of';

/** Trailers and bushy plants set out small are pinched once they have settled. Practice: two to three weeks in. */
const WEEK = 3;
/** A season that peaks sooner leaves no time for it, weeks. Working figure. */
const BEFORE_PEAK = 2;
/** A start of this much or more was pinched at the nursery, litres. Working figure. */
const GROWN_ON_L = 0.9;
/**
 * From April to mid-July: before it nothing grows, and later it costs the flower. Month positions of the
 * north; practice.
 */
const FROM = 2.5;
const UNTIL = 6.5;

/** Who wants it, by the day they have settled. */
function byDay({ planting, season }: Pick<Asked, 'planting' | 'season'>): Map<string, Asked['season']['placed']> {
  const days = new Map<string, Asked['season']['placed']>();
  for (const p of season.placed) {
    if (!isPinched(p.plant) || STARTS[p.start].litres >= GROWN_ON_L) continue;
    const on = addDays(p.from ?? planting.startDate, WEEK * 7);
    const at = (monthPosition(on) + (isSouthern(planting.spot) ? 6 : 0) + 12) % 12;
    if (at >= FROM && at < UNTIL) days.set(on, [...(days.get(on) ?? []), p]);
  }
  return days;
}

/** Tips off, so that it bushes: every kind that wants it, in one round. */
export const pinch: JobKind = {
  matters: 'suffers',
  withinDays: 10,
  stone: 'plain',
  of: (asked) => {
    if (asked.season.peak <= WEEK + BEFORE_PEAK) return [];
    return [...byDay(asked)].map(([on, young]) => ({
      on,
      text: `pinch ${namesOf(young.map((placed) => ({ placed })))}`,
      done: young.map((p) => ({ what: 'pinch' as const, to: p.id })),
    }));
  },
  why: 'Pinching now makes a bushier plant. Pinch out the soft tip above a pair of leaves; flowering is two to three weeks later.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
