import type { HabitKind } from './habit';
import { arching } from './outlines';

/** Grass that rises and arches over: pennisetum, sedge. */
export const fountainHabit: HabitKind = {
  label: 'Arching grass',
  typical: {
    heightMm: [300, 500],
    spreadMm: [300, 450],
    trailMm: [0, 80],
    roles: ['thriller', 'filler'],
    leaf: { size: 'fine', lengthMm: 350, form: 'grass', surface: 'matte' },
  },
  ratio: [0.4, 3],
  leafAreaIndex: 0.9,
  solid: 0.55,
  outline: arching,
  drawing: 'fountain',
};
