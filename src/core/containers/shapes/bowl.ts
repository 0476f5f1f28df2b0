import type { Bowl } from '../schema';
import { bulge, bulgeL, clearOfCircle, ellipseRing } from './outlines';
import type { ShapeFunctions } from './shape';

const radiusAt = (s: Bowl, below: number): number => (s.topMm / 2) * bulge(below, s.depthMm);

/** Half an ellipsoid, V = ⅔·π·a·b·h: a bowl when it stands, a basket when it hangs. */
const halfEllipsoid = (label: string, family: 'bowl' | 'basket'): ShapeFunctions<Bowl> => ({
  label,
  family,
  turnsBy: 5,
  depthMm: (s) => s.depthMm,
  extentsMm: (s, below) => ({ wide: 2 * radiusAt(s, below), deep: 2 * radiusAt(s, below) }),
  volumeL: (s, from, to) => bulgeL(s.topMm / 2, s.topMm / 2, s.depthMm, from, to),
  clear: (s, below, x, y) => clearOfCircle(radiusAt(s, below), x, y),
  ring: (s, below) => ellipseRing(radiusAt(s, below), radiusAt(s, below)),
});

export const bowl = halfEllipsoid('Bowl', 'bowl');
export const basket = halfEllipsoid('Hanging basket', 'basket');
