import type { HabitKind } from './habit';
import { domed } from './outlines';

/** Hangs from the start: ivy, sweet-potato vine. */
export const trailHabit: HabitKind = {
  label: 'Trailing',
  typical: {
    heightMm: [80, 150],
    spreadMm: [260, 380],
    trailMm: [300, 600],
    roles: ['spiller'],
    leaf: { size: 'medium', lengthMm: 40, form: 'heart', surface: 'matte' },
  },
  ratio: [0.1, 0.8],
  leafAreaIndex: 2.4,
  solid: 0.8,
  outline: domed,
  drawing: 'trail',
};
