import type { Effect } from './effect';

/** Spent flowers off: what sets seed and stops goes on for a month more. */
export const deadheadDeed: Effect = ({ grown, tended }) => ({ grown, tended: { ...tended, sinceDeadhead: 0 } });
