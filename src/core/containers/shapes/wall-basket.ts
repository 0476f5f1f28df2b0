import type { WallBasket } from '../schema';
import { bulge, bulgeL, clearOfPolygon, halfRing } from './outlines';
import type { ShapeFunctions } from './shape';

const at = (s: WallBasket, below: number) => ({
  a: (s.widthMm / 2) * bulge(below, s.depthMm),
  deep: s.projectionMm * bulge(below, s.depthMm),
});

/**
 * A half-round wall basket or manger: half of a half-ellipsoid, flat against the wall. The flat stays where
 * it is as it narrows.
 */
export const wallBasket: ShapeFunctions<WallBasket> = {
  label: 'Wall basket',
  family: 'basket',
  backless: true,
  depthMm: (s) => s.depthMm,
  extentsMm: (s, below) => ({ wide: 2 * at(s, below).a, deep: at(s, below).deep }),
  volumeL: (s, from, to) => bulgeL(s.widthMm / 2, s.projectionMm, s.depthMm, from, to) / 2,
  clear: (s, below, x, y) => clearOfPolygon(ringAt(s, below), x, y),
  ring: ringAt,
};

function ringAt(s: WallBasket, below: number) {
  const { a, deep } = at(s, below);
  return halfRing(a, deep).map((p) => ({ x: p.x, y: p.y + (deep - s.projectionMm) / 2 }));
}
