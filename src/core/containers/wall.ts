import { rimOf } from './outline';
import type { Container } from './schema';
import { shapeOf } from './shapes';
import type { Surroundings } from './surfaces';

/**
 * A wall stands this far behind the rim of a container, mm; a step this much further. What is open at the
 * back hangs flat on it. Working figures.
 */
const BEHIND_MM = 70;
const FLAT_MM = 3;
export const STEP_DEEP_MM = 320;

/**
 * Where the wall stands behind a container in its surroundings, mm from the middle of the rim toward the
 * viewer: under nought.
 */
export const wallAt = ({ shape }: Pick<Container, 'shape'>, { steps }: Pick<Surroundings, 'steps'>): number =>
  -(rimOf(shape).deep / 2 + (shapeOf(shape).backless ? FLAT_MM : BEHIND_MM) + (steps ? STEP_DEEP_MM : 0));
