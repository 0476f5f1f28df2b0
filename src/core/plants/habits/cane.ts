import type { HabitKind } from './habit';
import { tapering } from './outlines';

/** Stout stems with big leaves: canna, ginger. */
export const caneHabit: HabitKind = {
  label: 'Leafy canes',
  typical: {
    heightMm: [600, 1000],
    spreadMm: [350, 500],
    trailMm: [0, 0],
    roles: ['thriller'],
    leaf: { size: 'bold', lengthMm: 280, form: 'ovate', surface: 'glossy' },
  },
  ratio: [0.8, 4],
  leafAreaIndex: 1.1,
  solid: 0.55,
  outline: tapering,
  drawing: 'cane',
};
