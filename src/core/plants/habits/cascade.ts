import type { HabitKind } from './habit';
import { domed } from './outlines';

/** Mounds first, then hangs: calibrachoa, bacopa. */
export const cascade: HabitKind = {
  label: 'Mounding, then trailing',
  typical: {
    heightMm: [150, 230],
    spreadMm: [260, 380],
    trailMm: [150, 280],
    roles: ['filler', 'spiller'],
    leaf: { size: 'fine', lengthMm: 20, form: 'ovate', surface: 'matte' },
  },
  ratio: [0.15, 1.1],
  leafAreaIndex: 2.6,
  solid: 0.85,
  outline: domed,
  drawing: 'cascade',
};
