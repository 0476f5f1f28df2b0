import type { Effect } from './effect';

const sheltered =
  (shelter: 'fleece' | 'indoors' | null): Effect =>
  ({ grown, tended }) => ({ grown, tended: { ...tended, shelter } });

/** Under fleece until it is set out again. */
export const fleeceDeed = sheltered('fleece');
/** Frost-free indoors until it is set out again. */
export const bringIn = sheltered('indoors');
/** Out in the open. */
export const setOutDeed = sheltered(null);
