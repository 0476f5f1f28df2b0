import { CLEAR_STEPS, STAR_HEIGHT, UNDER_STAR } from './bands';
import { backArc } from './lays/back';
import { thirdRing } from './lays/ring';
import { rhythmicRows } from './lays/rows';
import { laysBy, type School } from './school';

const TALLS = [[-0.33], [-0.4, 0.75]];

/** The peak a third along: heavier on one side on purpose. */
export const offCentre: School = {
  label: 'Off-centre third',
  about: 'The tallest plant is a third of the way along.',
  leads: 'a third along',
  height: STAR_HEIGHT,
  steps: CLEAR_STEPS,
  star: true,
  hangs: true,
  balanced: false,
  fillerShare: UNDER_STAR,
  lays: laysBy({ rows: (lay) => TALLS.map((talls) => rhythmicRows(lay, talls)), wall: backArc, ring: thirdRing }),
};
