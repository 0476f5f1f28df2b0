import { CLEAR_STEPS, STAR_HEIGHT, UNDER_STAR } from './bands';
import { backArc } from './lays/back';
import { centredRing } from './lays/ring';
import { mirroredRows, rhythmicRows } from './lays/rows';
import { laysBy, type School } from './school';

const TALLS = [[0], [-0.5, 0.5]];

/** Tall in the middle, stepping down all round. */
export const tallCentre: School = {
  label: 'Tall centre',
  about: 'Tall in the middle, stepping down all round.',
  leads: 'in the middle',
  height: STAR_HEIGHT,
  steps: CLEAR_STEPS,
  star: true,
  hangs: true,
  balanced: true,
  fillerShare: UNDER_STAR,
  lays: laysBy({
    rows: (lay) => TALLS.flatMap((talls) => [mirroredRows(lay, talls), rhythmicRows(lay, talls)]),
    wall: backArc,
    ring: centredRing,
  }),
};
