import { GROUND_BUILDS, GROUND_LABELS, WALL_BUILDS, WALL_LABELS } from '@/core/containers/surfaces';

/** What a wall is built of and what lies on the ground, to choose from. */
export const WALL_OPTIONS = WALL_BUILDS.map((value) => ({ value, text: WALL_LABELS[value] }));
export const GROUND_OPTIONS = GROUND_BUILDS.map((value) => ({ value, text: GROUND_LABELS[value] }));
