import { clamp } from '../../units/number';
import type { Effect } from './effect';

/** The tips that come off, as a share of its height. Working figure: two leaf pairs of a young plant. */
const TIPS = 0.2;
/**
 * Side shoots make it this much broader in the end, and no more than this however often it is done. Working
 * figures.
 */
const BROADER = 1.08;
const BROADEST = 1.25;

/** Tips off: lower for now, broader in the end, and two to three weeks without much flower. */
export const pinchDeed: Effect = ({ grown, tended }, _, plant) => ({
  grown: { ...grown, heightMm: grown.heightMm * (1 - TIPS) },
  tended: {
    ...tended,
    sincePinch: 0,
    bushier: plant.pinch === 'helps' ? clamp(tended.bushier * BROADER, 1, BROADEST) : tended.bushier,
  },
});
