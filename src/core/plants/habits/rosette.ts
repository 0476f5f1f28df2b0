import type { HabitKind } from './habit';
import { domed } from './outlines';

/** Leaves in a rose: houseleek, echeveria. */
export const rosetteHabit: HabitKind = {
  label: 'Rosette',
  typical: {
    heightMm: [80, 160],
    spreadMm: [120, 220],
    trailMm: [0, 0],
    roles: ['filler'],
    leaf: { size: 'medium', lengthMm: 70, form: 'rosette', surface: 'waxy' },
  },
  ratio: [0.25, 2.6],
  leafAreaIndex: 2,
  solid: 0.85,
  outline: domed,
  drawing: 'rosette',
};
