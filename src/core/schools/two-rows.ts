import { UNDER_STAR } from './bands';
import { levelArc } from './lays/back';
import { domeRing } from './lays/ring';
import { twoRows } from './lays/rows';
import { laysBy, type School } from './school';

/**
 * The street box: a back row of even height, a front row over the edge, mirrored or in a steady beat; the
 * colour is the star.
 */
export const twoRowsSchool: School = {
  label: 'Two rows',
  about: 'A tall row at the back and a trailing row at the front, symmetrical.',
  leads: 'along the back',
  height: {
    pot: { of: 'depth', band: [0.6, 1.5] },
    'low bowl': { of: 'width', band: [0.3, 0.8] },
    urn: { of: 'depth', band: [0.5, 1.5] },
    'window box': { of: 'mm', band: [150, 450] },
    basket: { of: 'depth', band: [0.5, 1.5] },
  },
  steps: null,
  star: false,
  hangs: true,
  balanced: true,
  fillerShare: UNDER_STAR * 1.8,
  lays: laysBy({ rows: twoRows, wall: levelArc, ring: domeRing }),
};
