import type { HabitKind } from './habit';
import { arching } from './outlines';

/** Fronds from a crown: ferns. */
export const frond: HabitKind = {
  label: 'Fronds',
  typical: {
    heightMm: [250, 450],
    spreadMm: [300, 500],
    trailMm: [0, 60],
    roles: ['filler'],
    leaf: { size: 'medium', lengthMm: 300, form: 'feather', surface: 'matte' },
  },
  ratio: [0.5, 2],
  leafAreaIndex: 1.6,
  solid: 0.6,
  outline: arching,
  drawing: 'frond',
};
