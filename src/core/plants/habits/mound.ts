import type { HabitKind } from './habit';
import { domed } from './outlines';

/** A low cushion of leaf and flower: petunia, viola. */
export const moundHabit: HabitKind = {
  label: 'Mound',
  typical: {
    heightMm: [200, 300],
    spreadMm: [250, 350],
    trailMm: [0, 60],
    roles: ['filler'],
    leaf: { size: 'medium', lengthMm: 40, form: 'ovate', surface: 'matte' },
  },
  ratio: [0.35, 1.8],
  leafAreaIndex: 3,
  solid: 0.92,
  outline: domed,
  drawing: 'mound',
};
