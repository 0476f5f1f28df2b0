import {
  BESIDE,
  BESIDE_LABELS,
  GROUND_BUILDS,
  GROUND_LABELS,
  WALL_BUILDS,
  WALL_LABELS,
} from '@/core/containers/surfaces';

/** What a wall is built of, what lies on the ground and what a container stands by, to choose from. */
export const WALL_OPTIONS = WALL_BUILDS.map((value) => ({ value, text: WALL_LABELS[value] }));
export const GROUND_OPTIONS = GROUND_BUILDS.map((value) => ({ value, text: GROUND_LABELS[value] }));
export const BESIDE_OPTIONS = BESIDE.map((value) => ({ value, text: BESIDE_LABELS[value] }));
