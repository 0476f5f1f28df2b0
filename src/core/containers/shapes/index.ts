import type { Shape } from '../schema';
import { round } from './round';
import type { ShapeFunctions } from './shape';

/** The shapes, by kind. A new one is a file and a line here. */
const SHAPES: { [K in Shape['kind']]: ShapeFunctions<Extract<Shape, { kind: K }>> } = { round };

export const shapeOf = (shape: Shape): ShapeFunctions<Shape> => SHAPES[shape.kind];
