import type { Mount, Shape } from './schema';
import { shapeOf } from './shapes';

/** What each way of keeping it up is called. */
export const MOUNT_LABEL: Record<Mount, string> = {
  ground: 'on the ground',
  sill: 'on a sill',
  rail: 'on a rail',
  hook: 'from a hook',
  wall: 'on a wall',
};

/** Where each family of shapes may be kept up, the usual first. */
const MAY: Record<'pot' | 'box' | 'bowl' | 'basket', readonly Mount[]> = {
  pot: ['ground', 'wall'],
  box: ['sill', 'rail', 'wall', 'ground'],
  bowl: ['ground'],
  basket: ['hook', 'wall'],
};

/** Ways a shape may be kept up, the usual first; what is open at the back hangs on a wall. */
export const mountsFor = (shape: Shape): readonly Mount[] =>
  shapeOf(shape).backless ? ['wall'] : MAY[shapeOf(shape).family];
