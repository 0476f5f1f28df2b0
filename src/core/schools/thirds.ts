import { levelDome } from './level-dome';
import { thirdsRing } from './lays/ring';
import { mirroredRows, rhythmicRows } from './lays/rows';
import { laysBy, type School } from './school';

/** Close cousins in thirds: one leaf, one flower, one height, and three colours of it. */
export const thirds: School = {
  ...levelDome,
  label: 'Thirds of one kind',
  about: 'One kind of plant in three colours, a third of each.',
  leads: 'in thirds',
  steps: null,
  asks: { ...levelDome.asks, contrast: false, repeat: false, kin: true },
  lays: laysBy({ rows: (lay) => [mirroredRows(lay, []), rhythmicRows(lay, [])], ring: thirdsRing }),
};
