import type { Effect } from './effect';

/** Potted on, or its roots cut and given fresh mix: they have room again. */
export const repotDeed: Effect = ({ grown, tended }) => ({ grown, tended: { ...tended, pottedWeeks: 0 } });
