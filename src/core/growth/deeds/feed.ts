import type { Effect } from './effect';

/**
 * A liquid feed: what is hungry grows and flowers again for a while. What is fed by its school already gains
 * nothing.
 */
export const feedDeed: Effect = ({ grown, tended }) => ({ grown, tended: { ...tended, sinceFeed: 0 } });
