import { addDays } from '../units/date';
import type { KnownDay } from './days';

/**
 * Since when the days up to and with one are one’s own records, without a gap; null where that day itself is not, so
 * that what is worked out for it is an estimate.
 */
export function ownSince(days: readonly KnownDay[], on: string): string | null {
  const own = new Set(days.filter((d) => d.known === 'written down').map((d) => d.date));
  if (!own.has(on)) return null;
  let since = on;
  while (own.has(addDays(since, -1))) since = addDays(since, -1);
  return since;
}

/** The year of one’s own records that a day is taken to be like; null for none. */
export const likeOn = (days: readonly KnownDay[], on: string): number | null =>
  days.find((d) => d.date === on)?.asIn ?? null;
