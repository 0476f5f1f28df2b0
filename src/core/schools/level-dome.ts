import { levelArc } from './lays/back';
import { domeRing } from './lays/ring';
import { mirroredRows, rhythmicRows } from './lays/rows';
import { laysBy, type School } from './school';

/** A level dome with no centrepiece. Heights are working figures; level to a fifth is practice. */
export const levelDome: School = {
  label: 'Level dome',
  about: 'Of one height, without a centrepiece.',
  leads: 'in a level dome',
  height: { pot: [0.5, 1], 'low bowl': [0.8, 1.6], urn: [0.4, 1], 'window box': [0.6, 1.2], basket: [0.5, 1.25] },
  steps: { kind: 'level', band: [0, 0.2], outer: [-1, 0.5] },
  star: false,
  hangs: true,
  balanced: true,
  fillerShare: 1,
  lays: laysBy({
    rows: (lay) => [mirroredRows(lay, []), rhythmicRows(lay, [])],
    wall: levelArc,
    ring: domeRing,
  }),
};
