import type { HabitKind } from './habit';
import { tapering } from './outlines';

/** Climbs what it is given: black-eyed Susan, clematis. */
export const climberHabit: HabitKind = {
  label: 'Climber',
  typical: {
    heightMm: [1000, 1800],
    spreadMm: [350, 500],
    trailMm: [0, 0],
    roles: ['thriller'],
    leaf: { size: 'medium', lengthMm: 60, form: 'ovate', surface: 'matte' },
  },
  ratio: [1.2, 6],
  leafAreaIndex: 2,
  solid: 0.85,
  outline: tapering,
  drawing: 'climber',
};
