import type { z } from 'zod';
import type { RoundSchema } from '../schema';
import type { ShapeFunctions } from './shape';

type Round = z.infer<typeof RoundSchema>;

/** Inside diameter `belowRimMm` under the rim, mm. */
const diameterAt = (s: Round, belowRimMm: number): number => s.topMm + (s.baseMm - s.topMm) * Math.min(1, Math.max(0, belowRimMm / s.depthMm));

/** A round pot, straight or tapered: a frustum of a cone. */
export const round: ShapeFunctions<Round> = {
  label: 'Round pot',
  depthMm: (s) => s.depthMm,
  widthMm: (s) => s.topMm,
  /** Frustum V = πh/12·(D² + Dd + d²), between two depths below the rim. Litres. */
  volumeL: (s, fromMm, toMm) => {
    const a = diameterAt(s, fromMm);
    const b = diameterAt(s, toMm);
    return (Math.PI * (toMm - fromMm) * (a * a + a * b + b * b)) / 12 / 1e6;
  },
  /** Half width at a depth, mm. */
  radiusMm: (s, belowRimMm) => diameterAt(s, belowRimMm) / 2,
  /** Area of wall and base, m². */
  wallM2: (s) => {
    const slant = Math.hypot(s.depthMm, (s.topMm - s.baseMm) / 2);
    return (Math.PI * (s.topMm + s.baseMm) * slant) / 2 / 1e6 + (Math.PI * s.baseMm * s.baseMm) / 4 / 1e6;
  },
};
