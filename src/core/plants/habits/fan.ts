import type { HabitKind } from './habit';
import { arching } from './outlines';

/** Straps that stand up from one foot: cordyline, phormium, iris. */
export const fanHabit: HabitKind = {
  label: 'Upright straps',
  typical: {
    heightMm: [500, 900],
    spreadMm: [400, 600],
    trailMm: [0, 0],
    roles: ['thriller'],
    leaf: { size: 'bold', lengthMm: 500, form: 'strap', surface: 'glossy' },
  },
  ratio: [0.6, 5],
  leafAreaIndex: 0.5,
  solid: 0.5,
  outline: arching,
  drawing: 'fan',
};
