import { tallRing } from './lays/ring';
import { tallRows } from './lays/rows';
import { laysBy, type School } from './school';

/** All tall and nothing hanging: for a box looked out at from inside. Heights are working figures. */
export const tallOnly: School = {
  label: 'Tall only',
  about: 'All tall, nothing hanging: for a box seen from inside.',
  leads: 'in a tall row',
  height: {
    pot: { of: 'depth', band: [1, 2] },
    'low bowl': { of: 'width', band: [0.5, 1] },
    urn: { of: 'depth', band: [1, 2.5] },
    'window box': { of: 'mm', band: [200, 500] },
    basket: { of: 'depth', band: [0.75, 1.5] },
  },
  steps: null,
  star: true,
  hangs: false,
  balanced: true,
  fillerShare: 1,
  lays: laysBy({ rows: tallRows, ring: tallRing, turns: false }),
};
