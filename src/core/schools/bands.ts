import type { Form } from '../containers/form';
import type { TallReach, LayerSteps } from './school';

/**
 * Bands that the schools with a star share. Practice: a pot by its depth; a low bowl by its width, and a
 * window box as it is, for their depth says nothing of what they carry. The urn is a working figure.
 */
export const STAR_HEIGHT: Record<Form, TallReach> = {
  pot: { of: 'depth', band: [0.9, 2.3] },
  'low bowl': { of: 'width', band: [0.35, 0.95] },
  urn: { of: 'depth', band: [0.9, 2] },
  'window box': { of: 'mm', band: [150, 450] },
  basket: { of: 'depth', band: [0.5, 1.5] },
};

/** A thriller stands clear of its fillers: at least 1.4 × their middle. Practice; the upper end is a working figure. */
export const CLEAR_STEPS: LayerSteps = { kind: 'thriller', band: [1.4, 3.2], outer: [1, 5] };

/** A filler reaches a little under half of the star. Working figure. */
export const UNDER_STAR = 0.45;
