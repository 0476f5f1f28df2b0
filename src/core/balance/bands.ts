import { depthOf, rimOf } from '../containers/outline';
import type { Container } from '../containers/schema';
import { shapeOf } from '../containers/shapes';
import type { Planting, School } from '../plantings/schema';
import { usefulFor } from '../spots/sightline';

export type Form = 'low bowl' | 'urn' | 'pot' | 'window box' | 'basket';

/** Boxes and baskets are judged as such; else low bowl: depth under half the width, urn: deeper than 1.15 × its width (working figure). */
export function formOf(c: Container): Form {
  const { family } = shapeOf(c.shape);
  if (family === 'box') return 'window box';
  if (family === 'basket') return 'basket';
  const { wide, deep } = rimOf(c.shape);
  const ratio = depthOf(c.shape) / Math.sqrt(wide * deep);
  return ratio < 0.5 || (family === 'bowl' && ratio < 0.6) ? 'low bowl' : ratio > 1.15 ? 'urn' : 'pot';
}

interface Bands {
  label: string;
  /** Tallest above the rim over container height, by container form. */
  height: Record<Form, [number, number]>;
  /** Tallest over the middle of the fillers; for the dome, spread of heights over the tallest. */
  steps: { kind: 'thriller' | 'level' | 'none'; band: [number, number]; outer: [number, number] };
}

const TALL: Record<Form, [number, number]> = {
  pot: [1, 2],
  'low bowl': [1.5, 2],
  urn: [1, 2.5],
  'window box': [1, 1.75],
  basket: [0.75, 1.5],
};
const CLEAR_STEPS: Bands['steps'] = { kind: 'thriller', band: [1.4, 3.2], outer: [1, 5] };

/** Targets by school. Heights and steps from practice: a thriller stands clear of its fillers; a dome is level to a fifth. The upper end for a basket with a centrepiece is a working figure. */
export const BANDS: Record<School, Bands> = {
  'tall-centre': { label: 'Tall centre', height: TALL, steps: CLEAR_STEPS },
  'tall-back': { label: 'Tall back', height: TALL, steps: CLEAR_STEPS },
  'off-centre': { label: 'Off-centre third', height: TALL, steps: CLEAR_STEPS },
  'level-dome': {
    label: 'Level dome',
    height: { pot: [0.5, 1], 'low bowl': [0.8, 1.6], urn: [0.4, 1], 'window box': [0.6, 1.2], basket: [0.5, 1.25] },
    steps: { kind: 'level', band: [0, 0.2], outer: [-1, 0.5] },
  },
  'tall-only': {
    label: 'Tall only',
    height: { pot: [1, 2], 'low bowl': [1.5, 2.5], urn: [1, 2.5], 'window box': [1.25, 2.5], basket: [0.75, 1.5] },
    steps: { kind: 'none', band: [0, 1], outer: [0, 1] },
  },
};

/** Over the least useful height a plant must stand by this much to be looked at and not only glimpsed. Working figure. */
const WELL_OVER = 1.25;

/** Tallest above the rim over container height for a planting: its school's band for the container's form, raised to what shows over a sill. */
export function heightBand({
  brief,
  container,
  spot,
}: Pick<Planting, 'brief' | 'container' | 'spot'>): [number, number] {
  const [low, high] = BANDS[brief.school].height[formOf(container)];
  if (spot.seen !== 'inside' || !spot.sight) return [low, high];
  const need = (Math.max(...usefulFor(spot.sight).map((u) => u.leastMm)) * WELL_OVER) / depthOf(container.shape);
  return need <= low ? [low, high] : [need, Math.max(high, need * 1.8)];
}
