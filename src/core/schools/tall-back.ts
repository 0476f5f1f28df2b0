import { CLEAR_STEPS, STAR_HEIGHT, UNDER_STAR } from './bands';
import { backArc } from './lays/back';
import { mirroredRows, rhythmicRows } from './lays/rows';
import { laysBy, type School } from './school';

const TALLS = [[0], [-0.6, 0, 0.6]];

/** Tall behind, stepping down to the front: for a container that is seen from one side. */
export const tallBack: School = {
  label: 'Tall back',
  about: 'Tall behind, stepping down to the front: for a wall.',
  leads: 'at the back',
  height: STAR_HEIGHT,
  steps: CLEAR_STEPS,
  star: true,
  hangs: true,
  balanced: true,
  fillerShare: UNDER_STAR,
  lays: laysBy({
    rows: (lay) => TALLS.flatMap((talls) => [mirroredRows(lay, talls), rhythmicRows(lay, talls)]),
    wall: backArc,
    ring: backArc,
    turns: false,
  }),
};
