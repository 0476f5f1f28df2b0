import type { HabitKind } from './habit';
import { tapering } from './outlines';

/** Leafy stems ending in flower: salvia, angelonia. */
export const wandHabit: HabitKind = {
  label: 'Upright wands',
  typical: {
    heightMm: [350, 550],
    spreadMm: [250, 350],
    trailMm: [0, 0],
    roles: ['thriller', 'filler'],
    leaf: { size: 'medium', lengthMm: 50, form: 'ovate', surface: 'matte' },
  },
  ratio: [0.9, 4],
  leafAreaIndex: 1,
  solid: 0.55,
  outline: tapering,
  drawing: 'wand',
};
