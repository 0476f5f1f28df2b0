import { family, type Family } from '../family';
import { deltaE, hueGap, lch } from '../oklch';
import type { Scheme, Seen } from './scheme';

const isWhite = ({ colour }: Seen): boolean => family(colour) === 'white';
const is =
  (...families: Family[]) =>
  ({ colour }: Seen): boolean =>
    families.includes(family(colour));

/** A colour at full strength. Working figure. */
const STRONG = 0.12;
/** A deep blue or violet rests the eye as white does. */
const isDeep = ({ colour }: Seen): boolean => ['blue', 'violet'].includes(family(colour)) && colour.l < 0.5;

/** Hues that read apart in a bright planting, by the middle of each, degrees. */
const HUES = [
  { name: 'red', h: 25 },
  { name: 'orange', h: 55 },
  { name: 'yellow', h: 98 },
  { name: 'blue or violet', h: 285 },
  { name: 'pink', h: 355 },
] as const;
const HUE_WIDTH = 22;
/** The one it is, where it is any: a coral is red or pink, not both. */
const hueOf = (h: number): (typeof HUES)[number] | null => {
  const nearest = HUES.reduce((a, b) => (hueGap(b.h, h) < hueGap(a.h, h) ? b : a));
  return hueGap(nearest.h, h) < HUE_WIDTH ? nearest : null;
};
/** Four hues at least, each of so much. */
const EACH = 0.08;
/** So much of all that is seen is flower at full strength; a bright street box shows twice as much. Working figure. */
const SHOWN = 0.15;
const isStrong = (s: Seen): boolean => s.isFlower && s.colour.c >= STRONG;

export const everythingBright: Scheme = {
  label: 'Everything bright',
  accent: 0.2,
  about: 'Four to seven clear hues at one strength, each more than once, with white or deep blue to rest on.',
  from: 'no',
  belongs: (s) => (isWhite(s) || isDeep(s) || s.colour.c >= STRONG ? 1 : s.isFlower ? 0.5 : 0.3),
  poles: [{ name: 'white or deep blue', least: 0.06, most: 0.42, test: (s) => isWhite(s) || isDeep(s) }],
  kinds: {
    name: 'different hues',
    least: 4,
    each: EACH,
    of: HUES.map((hue) => (s: Seen) => isStrong(s) && hueOf(s.colour.h) === hue),
  },
  shown: { name: 'bright flower', least: SHOWN, test: isStrong },
};

export const pinkPurple: Scheme = {
  label: 'Pink and purple',
  accent: 0.06,
  about: 'Pink to violet, wine and plum, with white or silver.',
  from: 'no',
  belongs: (s) => {
    const f = family(s.colour);
    if (['pink', 'violet', 'wine', 'white', 'silver', 'black'].includes(f)) return 1;
    // Violet-blues belong, and so do the coral pinks and the deep reds of a wine leaf.
    if (f === 'blue') return s.colour.h > 278 ? 0.9 : 0.5;
    if (f === 'red') return s.colour.l < 0.5 ? 0.8 : 0.4;
    if (f === 'lime') return 0.5;
    return s.isFlower && (f === 'yellow' || f === 'orange') ? -1 : 0;
  },
  poles: [{ name: 'pink and purple', least: 0.25, test: is('pink', 'violet', 'wine', 'blue') }],
};

/** Clear reds and clear blues: a dusky pink is no red, and a mauve no blue. Working figures. */
const isRed = ({ colour }: Seen): boolean => colour.c >= 0.15 && colour.h > 8 && colour.h < 33;
const isBlue = ({ colour }: Seen): boolean => colour.c >= 0.07 && colour.h > 250 && colour.h < 306;

export const redWhiteBlue: Scheme = {
  label: 'Red, white and blue',
  accent: 0.1,
  about: 'Clear red, white, and blue or violet-blue, a third of each or thereabouts.',
  from: 'no',
  belongs: (s) => (isRed(s) || isWhite(s) || isBlue(s) || family(s.colour) === 'silver' ? 1 : 0),
  poles: [
    { name: 'red', least: 0.14, test: isRed },
    { name: 'white', least: 0.14, test: isWhite },
    { name: 'blue', least: 0.14, test: isBlue },
  ],
};

/** A colour this near one that was chosen is that colour, ΔE_OK; from twice that it is another. Working figures. */
const SAME = 0.12;

/** The gardener’s own colours, one to five of them: each must be there, and nothing else is asked for. */
export function paletteOf(hexes: readonly string[]): Scheme {
  const chosen = hexes.map(lch);
  const off = (s: Seen) => Math.min(...chosen.map((c) => deltaE(c, s.colour)));
  return {
    ...palette,
    belongs: (s) => (chosen.length === 0 ? 1 : Math.max(0, Math.min(1, 2 - off(s) / SAME))),
    poles: chosen.map((c, i) => ({
      name: hexes.length === 1 ? 'your colour' : `your ${ORDINALS[i] ?? 'other'} colour`,
      least: Math.min(0.25, 0.4 / chosen.length),
      test: (s) => deltaE(c, s.colour) < SAME * 1.4,
    })),
  };
}
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth'] as const;

export const palette: Scheme = {
  label: 'My colours',
  accent: 0.15,
  about: 'One to five colours that you choose, and green.',
  from: 'no',
  belongs: () => 1,
  poles: [],
};
