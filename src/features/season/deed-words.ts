import type { Deed } from '@/core/plantings/deeds';

/** What can be tried here, in the gardener's words. */
export const DEEDS = {
  pinch: 'Pinch out the tips',
  'cut-back': 'Cut back by half',
  deadhead: 'Deadhead',
  fleece: 'Cover with fleece',
  'bring-in': 'Bring indoors',
} as const;
export type Tried = keyof typeof DEEDS;

/** Any deed in words. */
export const deedWords = (what: Deed['what']): string =>
  what in DEEDS ? DEEDS[what as Tried] : what.replace(/-/g, ' ');
