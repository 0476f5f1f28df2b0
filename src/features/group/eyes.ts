import type { EyeId } from '@/core/groups/eyes';

/** The ways a group is looked at, in the order they are offered. */
export const SIGHTS = [
  { value: 'front', text: 'Front', full: 'From the front' },
  { value: 'gate', text: 'Entrance', full: 'From the entrance' },
  { value: 'chair', text: 'Seat', full: 'From a seat' },
  { value: 'along', text: 'Walking past', full: 'Walking past' },
  { value: 'above', text: 'Above' },
] as const;
export type GroupSight = EyeId | 'above';
