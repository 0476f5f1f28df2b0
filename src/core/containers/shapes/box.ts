import type { Box } from '../schema';
import { boxRing, clearOfBox, prismoidL, taper } from './outlines';
import type { ShapeFunctions } from './shape';

const at = (s: Box, below: number) => ({
  wide: taper(s.lengthMm, s.baseLengthMm, below, s.depthMm),
  deep: taper(s.widthMm, s.baseWidthMm, below, s.depthMm),
});

/** A window box, rail box or trough: long, straight or tapered. Prismoid V = h/6·(A_top + 4A_mid + A_base). */
export const box: ShapeFunctions<Box> = {
  label: 'Box or trough',
  family: 'box',
  turnsBy: 180,
  depthMm: (s) => s.depthMm,
  extentsMm: at,
  volumeL: (s, from, to) => prismoidL((z) => at(s, z).wide * at(s, z).deep, from, to),
  clear: (s, below, x, y) => clearOfBox(at(s, below).wide / 2, at(s, below).deep / 2, x, y),
  ring: (s, below) => boxRing(at(s, below).wide / 2, at(s, below).deep / 2),
};
