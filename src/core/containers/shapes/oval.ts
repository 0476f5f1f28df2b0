import type { Oval } from '../schema';
import { clearOfEllipse, ellipseRing, prismoidL, taper } from './outlines';
import type { ShapeFunctions } from './shape';

const at = (s: Oval, below: number) => ({
  wide: s.lengthMm * taper(1, s.baseShare, below, s.depthMm),
  deep: s.widthMm * taper(1, s.baseShare, below, s.depthMm),
});

/** An oval tub, straight or tapered the same all round. */
export const oval: ShapeFunctions<Oval> = {
  label: 'Oval tub',
  family: 'pot',
  turnsBy: 180,
  depthMm: (s) => s.depthMm,
  extentsMm: at,
  volumeL: (s, from, to) => prismoidL((z) => (Math.PI / 4) * at(s, z).wide * at(s, z).deep, from, to),
  clear: (s, below, x, y) => clearOfEllipse(at(s, below).wide / 2, at(s, below).deep / 2, x, y),
  ring: (s, below) => ellipseRing(at(s, below).wide / 2, at(s, below).deep / 2),
};
