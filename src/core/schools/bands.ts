import type { Form } from '../containers/form';
import type { Band, Steps } from './school';

/** Bands that the schools with a star share. Practice; the urn and the basket's upper end are working figures. */
export const STAR_HEIGHT: Record<Form, Band> = {
  pot: [1, 2],
  'low bowl': [1.5, 2],
  urn: [1, 2.5],
  'window box': [1, 1.75],
  basket: [0.75, 1.5],
};

/** A thriller stands clear of its fillers: at least 1.4 × their middle. Practice; the upper end is a working figure. */
export const CLEAR_STEPS: Steps = { kind: 'thriller', band: [1.4, 3.2], outer: [1, 5] };

/** A filler reaches a little under half of the star. Working figure. */
export const UNDER_STAR = 0.45;
