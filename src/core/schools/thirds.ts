import { thirdsRing } from './lays/ring';
import { thirdsRows } from './lays/rows';
import { levelDome } from './level-dome';
import { laysBy, type School } from './school';

/** All of them hang a little, or none does: cousins share a role as they share a leaf. */
const ALL = ['spiller', 'filler'] as const;

/** Close cousins in thirds: one leaf, one flower, one height, and three colours of it. */
export const thirds: School = {
  ...levelDome,
  label: 'One plant, three colours',
  about: 'One kind of plant in three colours, a third of each.',
  leads: 'in thirds',
  steps: null,
  asks: { ...levelDome.asks, contrast: false, repeat: false, kin: true, rim: [0, 1] },
  lays: (shape, lay) =>
    ALL.flatMap((role) =>
      laysBy({ rows: (l) => [thirdsRows(l, role)], ring: (l, turn) => thirdsRing(l, turn, role) })(shape, lay),
    ),
};
