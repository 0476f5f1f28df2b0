import type { HabitKind } from './habit';
import { tapering } from './outlines';

/** Flowers on bare stalks over a tuft: tulip, allium. */
export const stalkHabit: HabitKind = {
  label: 'Flowers on stalks',
  typical: {
    heightMm: [200, 350],
    spreadMm: [120, 200],
    trailMm: [0, 0],
    roles: ['filler'],
    leaf: { size: 'medium', lengthMm: 160, form: 'strap', surface: 'matte' },
  },
  ratio: [0.6, 6],
  leafAreaIndex: 0.8,
  solid: 0.4,
  outline: tapering,
  drawing: 'stalk',
};
