import { fromColour, neighbours, oneHueWhite, opposites } from './hue';
import { everythingBright, palette, paletteOf, pinkPurple, redWhiteBlue } from './many';
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
  'everything-bright': everythingBright,
  'pink-purple': pinkPurple,
  'red-white-blue': redWhiteBlue,
  palette,
} as const satisfies Record<string, Scheme>;

/** The scheme that a brief asks for; the gardener's own colours make one of their own. */
export const schemeOf = ({
  scheme,
  palette: own,
}: {
  scheme: keyof typeof SCHEMES;
  palette?: readonly string[];
}): Scheme => (scheme === 'palette' ? paletteOf(own ?? []) : SCHEMES[scheme]);
