import { depthOf, rimOf } from './outline';
import type { Container } from './schema';
import { shapeOf } from './shapes';

/** What a container is when it is judged: each form has bands of its own. */
export type Form = 'low bowl' | 'urn' | 'pot' | 'window box' | 'basket';

/** A bowl is low under this depth over its width; any other container under the second. Working figures. */
const LOW_BOWL = 0.6;
const LOW = 0.5;
/** An urn is deeper than this times its width. Working figure. */
const URN = 1.15;

/** Boxes and baskets are judged as such; others by depth over the mean of their two widths. */
export function formOf(c: Container): Form {
  const { family } = shapeOf(c.shape);
  if (family === 'box') return 'window box';
  if (family === 'basket') return 'basket';
  const { wide, deep } = rimOf(c.shape);
  const ratio = depthOf(c.shape) / Math.sqrt(wide * deep);
  if (ratio < (family === 'bowl' ? LOW_BOWL : LOW)) return 'low bowl';
  return ratio > URN ? 'urn' : 'pot';
}
