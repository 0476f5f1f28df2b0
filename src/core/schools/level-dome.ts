import { levelArc } from './lays/back';
import { domeRing } from './lays/ring';
import { mirroredRows, rhythmicRows } from './lays/rows';
import { laysBy, type School } from './school';

/** A level dome with no centrepiece. Heights are working figures; level to a fifth is practice. */
export const levelDome: School = {
  label: 'Even dome',
  about: 'All one height, with no centrepiece.',
  leads: 'in an even dome',
  height: {
    pot: { of: 'depth', band: [0.5, 1.1] },
    'low bowl': { of: 'width', band: [0.3, 0.7] },
    urn: { of: 'depth', band: [0.4, 1] },
    'window box': { of: 'mm', band: [100, 300] },
    basket: { of: 'depth', band: [0.5, 1.5] },
  },
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
