import { factsOf } from '../../plants/facts';
import type { Effect } from './effect';

/** What is left where nobody says: half. Practice. */
const HALF = 0.5;

/** Height, spread and trail to a share of what they were; it grows again and flowers late, or stays as it was cut where old wood does not sprout. */
export const cutBack: Effect = ({ grown, tended }, { leave = HALF }, plant) => ({
  grown: {
    ...grown,
    heightMm: grown.heightMm * leave,
    spreadMm: grown.spreadMm * leave,
    trailMm: grown.trailMm * leave,
  },
  tended: {
    ...tended,
    sincePinch: 0,
    regrows: factsOf(plant).cutBack === 'no' ? tended.regrows * leave : tended.regrows,
  },
});
