import { formatDay } from '../units/date';
import type { JobKind } from './job';
import { capital } from './plants-of';

/**
 * One may be brought forward and, days later, put under cover: done so near its day it is this move and no
 * other. Working figure.
 */
const WITHIN_DAYS = 5;

/** A container that is to stand elsewhere, as the group it stands in asks. */
export const move: JobKind = {
  matters: 'suffers',
  withinDays: 3,
  of: ({ moves, until }) =>
    moves
      .filter(({ on }) => on <= until)
      .map(({ on, text }) => ({ on, text, done: [{ what: 'move' as const, to: null }], within: WITHIN_DAYS })),
  why: 'Put what looks best in front and what has faded behind. Water after the move, not before. Lift with two people, or tilt it and roll it on its base.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
