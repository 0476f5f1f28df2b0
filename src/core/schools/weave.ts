import { UNDER_STAR } from './bands';
import { weaveRing } from './lays/ring';
import { weaveRows } from './lays/rows';
import { laysBy, type School } from './school';

/**
 * Naturalistic: see-through height, a mid weave and a low ground, each kind three times or more, scattered
 * and never in a row.
 */
export const weave: School = {
  label: 'Weave',
  about: 'Airy tall plants through a mixed middle and a low layer, scattered like a meadow.',
  leads: 'here and there',
  height: {
    pot: { of: 'depth', band: [1, 2.6] },
    'low bowl': { of: 'width', band: [0.5, 1.2] },
    urn: { of: 'depth', band: [0.8, 2.2] },
    'window box': { of: 'depth', band: [1.5, 3.2] },
    basket: { of: 'depth', band: [0.75, 2] },
  },
  steps: null,
  star: false,
  hangs: true,
  balanced: false,
  fillerShare: UNDER_STAR,
  asks: { rim: [0.35, 0.75], colour: 0.3, flower: [0.12, 0.35] },
  lays: laysBy({ rows: weaveRows, ring: weaveRing }),
};
