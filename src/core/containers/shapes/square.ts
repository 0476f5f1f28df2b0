import type { Square } from '../schema';
import { boxRing, clearOfBox, prismoidL, taper } from './outlines';
import type { ShapeFunctions } from './shape';

const sideAt = (s: Square, below: number): number => taper(s.topMm, s.baseMm, below, s.depthMm);

/** A square pot or planter, straight or tapered. */
export const square: ShapeFunctions<Square> = {
  label: 'Square pot',
  family: 'pot',
  turnsBy: 90,
  depthMm: (s) => s.depthMm,
  extentsMm: (s, below) => ({ wide: sideAt(s, below), deep: sideAt(s, below) }),
  volumeL: (s, from, to) => prismoidL((z) => sideAt(s, z) ** 2, from, to),
  clear: (s, below, x, y) => clearOfBox(sideAt(s, below) / 2, sideAt(s, below) / 2, x, y),
  ring: (s, below) => boxRing(sideAt(s, below) / 2, sideAt(s, below) / 2),
};
