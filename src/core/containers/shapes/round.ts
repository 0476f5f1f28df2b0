import type { Round } from '../schema';
import { clearOfCircle, ellipseRing, taper } from './outlines';
import type { ShapeFunctions } from './shape';

const diameterAt = (s: Round, below: number): number => taper(s.topMm, s.baseMm, below, s.depthMm);

/** A round pot, straight or tapered: a frustum of a cone. */
export const round: ShapeFunctions<Round> = {
  label: 'Round pot',
  family: 'pot',
  turnsBy: 5,
  depthMm: (s) => s.depthMm,
  extentsMm: (s, below) => ({ wide: diameterAt(s, below), deep: diameterAt(s, below) }),
  /** Frustum V = πh/12·(D² + Dd + d²). */
  volumeL: (s, from, to) => {
    const a = diameterAt(s, from);
    const b = diameterAt(s, to);
    return (Math.PI * (to - from) * (a * a + a * b + b * b)) / 12 / 1e6;
  },
  clear: (s, below, x, y) => clearOfCircle(diameterAt(s, below) / 2, x, y),
  ring: (s, below) => ellipseRing(diameterAt(s, below) / 2, diameterAt(s, below) / 2),
};
