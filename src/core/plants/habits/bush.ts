import type { HabitKind } from './habit';
import { domed } from './outlines';

/** Twiggy and rounded: fuchsia, coleus. */
export const bushHabit: HabitKind = {
  label: 'Bushy',
  typical: {
    heightMm: [300, 450],
    spreadMm: [280, 400],
    trailMm: [0, 0],
    roles: ['filler'],
    leaf: { size: 'medium', lengthMm: 50, form: 'ovate', surface: 'matte' },
  },
  ratio: [0.6, 4.2],
  leafAreaIndex: 2.8,
  solid: 0.9,
  outline: domed,
  drawing: 'bush',
};
