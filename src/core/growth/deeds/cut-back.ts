import { comesAgain, LEFT_AFTER } from '../../plants/cutting';
import { factsOf } from '../../plants/facts';
import type { Facts } from '../../plants/traits';
import type { Effect } from './effect';

/** What is left where nobody says: half. Practice. */
const HALF = 0.5;

/**
 * What of its size it makes again: all of it where it comes again or was clipped in leaf, what was left where
 * it was cut past that.
 */
const regrowsFrom = (cutBack: Facts['cutBack'], leave: number): number =>
  comesAgain({ cutBack }) || (cutBack === 'in leaf only' && leave >= LEFT_AFTER[cutBack]) ? 1 : leave;

/**
 * Height, spread and trail to a share of what they were; it grows again and flowers late, or stays as it was
 * cut where old wood does not sprout.
 */
export const cutBackDeed: Effect = ({ grown, tended }, { leave = HALF }, plant) => ({
  grown: {
    ...grown,
    heightMm: grown.heightMm * leave,
    spreadMm: grown.spreadMm * leave,
    trailMm: grown.trailMm * leave,
  },
  tended: {
    ...tended,
    sinceCut: 0,
    regrows: regrowsFrom(factsOf(plant).cutBack, leave) * tended.regrows,
  },
});
