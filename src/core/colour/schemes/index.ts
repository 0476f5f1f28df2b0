import { fromColour, neighbours, oneHueWhite, opposites } from './hue';
import type { Scheme } from './scheme';
import { cool, warm } from './temperature';
import { allLeaf, allWhite, darkBright, pastel } from './tone';

/** The schemes on offer, by id, in the order they are shown. */
export const SCHEMES = {
  warm,
  cool,
  pastel,
  'one-hue-white': oneHueWhite,
  neighbours,
  opposites,
  'dark-bright': darkBright,
  'all-white': allWhite,
  'all-leaf': allLeaf,
  'from-colour': fromColour,
} as const satisfies Record<string, Scheme>;
