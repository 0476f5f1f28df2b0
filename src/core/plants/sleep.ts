import type { Facts } from './traits';

/** Whether a plant's top is down at a month position (0 is mid-January), as it is read in the north. */
export function asleep({ top: [from, to] }: Pick<Facts, 'top'>, at: number): boolean {
  const month = (((Math.floor(at + 0.5) % 12) + 12) % 12) + 1;
  return from <= to ? month < from || month > to : month < from && month > to;
}
