import type { HabitKind } from './habit';
import { domed } from './outlines';

/** Fine stems with air between: white spurge, gypsophila. */
export const cloudHabit: HabitKind = {
  label: 'Airy cloud',
  typical: {
    heightMm: [250, 400],
    spreadMm: [280, 400],
    trailMm: [0, 60],
    roles: ['filler'],
    leaf: { size: 'fine', lengthMm: 25, form: 'ovate', surface: 'matte' },
  },
  ratio: [0.5, 3],
  leafAreaIndex: 0.7,
  solid: 0.5,
  outline: domed,
  drawing: 'cloud',
};
