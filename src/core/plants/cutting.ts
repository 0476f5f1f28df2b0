import type { Facts } from './traits';

/**
 * What is left of a plant that is cut as far as it bears: shares of its size. Practice: half, a hand over the
 * base, a light clip.
 */
export const LEFT_AFTER: Record<Facts['cutBack'], number> = {
  'to the base': 0.3,
  'by half': 0.5,
  'in leaf only': 0.8,
  never: 1,
};

/** Whether it grows again when half of it is cut off. */
export const comesAgain = ({ cutBack }: Pick<Facts, 'cutBack'>): boolean =>
  cutBack === 'by half' || cutBack === 'to the base';
