import { shapeOf } from '../containers/shapes';
import type { Container } from '../containers/schema';
import type { School } from '../plantings/schema';

export type Form = 'low bowl' | 'urn' | 'pot';

/** Low bowl: depth under half the width. Urn: deeper than 1.15 × its width (working figure). */
export function formOf(c: Container): Form {
  const s = shapeOf(c.shape);
  const ratio = s.depthMm(c.shape) / s.widthMm(c.shape);
  return ratio < 0.5 ? 'low bowl' : ratio > 1.15 ? 'urn' : 'pot';
}

interface Bands {
  label: string;
  /** Tallest above the rim over container height, by container form. */
  height: Record<Form, [number, number]>;
  /** Tallest over the middle of the fillers; for the dome, spread of heights over the tallest. */
  steps: { kind: 'thriller' | 'level'; band: [number, number]; outer: [number, number] };
}

/** Targets by school. Heights and steps from practice: a thriller stands clear of its fillers; a dome is level to a fifth. */
export const BANDS: Record<School, Bands> = {
  'tall-centre': {
    label: 'Tall centre',
    height: { pot: [1, 2], 'low bowl': [1.5, 2], urn: [1, 2.5] },
    steps: { kind: 'thriller', band: [1.4, 3.2], outer: [1, 5] },
  },
  'tall-back': {
    label: 'Tall back',
    height: { pot: [1, 2], 'low bowl': [1.5, 2], urn: [1, 2.5] },
    steps: { kind: 'thriller', band: [1.4, 3.2], outer: [1, 5] },
  },
  'level-dome': {
    label: 'Level dome',
    height: { pot: [0.5, 1], 'low bowl': [0.8, 1.6], urn: [0.4, 1] },
    steps: { kind: 'level', band: [0, 0.2], outer: [-1, 0.5] },
  },
};
