import type { Shape } from '../schema';
import { basket, bowl } from './bowl';
import { box } from './box';
import { free } from './free';
import { oval } from './oval';
import { round } from './round';
import type { ShapeFunctions } from './shape';
import { square } from './square';
import { wallBasket } from './wall-basket';

/** The shapes, by kind. A new one is a file and a line here. */
const SHAPES: { [K in Shape['kind']]: ShapeFunctions<Extract<Shape, { kind: K }>> } = {
  round,
  square,
  box,
  bowl,
  basket,
  'wall-basket': wallBasket,
  oval,
  free,
};

export const shapeOf = (shape: Shape): ShapeFunctions<Shape> => SHAPES[shape.kind] as ShapeFunctions<Shape>;

export const SHAPE_LABELS = Object.fromEntries(Object.entries(SHAPES).map(([kind, s]) => [kind, s.label])) as Record<
  Shape['kind'],
  string
>;
