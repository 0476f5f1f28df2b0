import type { Reading } from '../balance/finding';
import type { Judged } from './candidate';

/**
 * What is watched here is not offered where anything else is: over the budget, strangers in one pot, two
 * waterings, two mixes, what runs, what pines for light, herbs beside what must not be eaten, what the winter
 * takes, what takes the whole pot.
 */
export const SPOILS: ReadonlySet<Reading['check']> = new Set<Reading['check']>([
  'cost',
  'worlds',
  'water',
  'mix',
  'thug',
  'light',
  'safety',
  'winter',
  'spread',
]);

/**
 * Nothing in it will fail, cannot be planted so, or can hurt someone; it keeps to the budget, and they belong
 * together.
 */
export const isClean = (j: Pick<Judged, 'measured'>): boolean => !j.measured.readings.some(isSpoilt);

/** Whether this alone keeps a planting from being offered. */
export const isSpoilt = (f: Pick<Reading, 'check' | 'severity'>): boolean =>
  f.severity === 'wrong' || (f.severity !== 'good' && SPOILS.has(f.check));

/** Nothing in it is wrong. */
export const isHarmless = (j: Pick<Judged, 'measured'>): boolean =>
  j.measured.readings.every((f) => f.severity !== 'wrong');
