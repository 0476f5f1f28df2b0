import type { EyeId } from '@/core/groups/eyes';

/** The ways a group is looked at, in the order they are offered. */
export const SIGHTS = [
  { value: 'front', text: 'Front', full: 'From the front' },
  { value: 'gate', text: 'Gate', full: 'From the gate' },
  { value: 'chair', text: 'Chair', full: 'From the café chair' },
  { value: 'along', text: 'Walk', full: 'Walking along' },
  { value: 'above', text: 'Above' },
] as const;
export type Sight = EyeId | 'above';
