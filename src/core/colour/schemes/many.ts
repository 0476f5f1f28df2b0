import { family } from '../family';
import { deltaE, hueGap, lch, type Lch } from '../oklch';
import type { Scheme, SchemeColour } from './scheme';

const isWhite = ({ colour }: SchemeColour): boolean => family(colour) === 'white';

/** A colour at full strength. Working figure. */
const STRONG = 0.12;
/** A deep blue or violet rests the eye as white does. */
const isDeep = ({ colour }: SchemeColour): boolean => ['blue', 'violet'].includes(family(colour)) && colour.l < 0.6;

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
const isStrong = (s: SchemeColour): boolean => s.isFlower && s.colour.c >= STRONG;

export const everythingBright: Scheme = {
  label: 'All the brights',
  accent: 0.2,
  about: 'Four to seven strong colours, each repeated, with white or deep blue to calm them.',
  from: 'no',
  belongs: (s) => (isWhite(s) || isDeep(s) || s.colour.c >= STRONG ? 1 : s.isFlower ? 0.5 : 0.3),
  poles: [{ name: 'white or deep blue', least: 0.06, most: 0.42, test: (s) => isWhite(s) || isDeep(s) }],
  kinds: {
    name: 'different hues',
    least: 4,
    each: EACH,
    of: HUES.map((hue) => (s: SchemeColour) => isStrong(s) && hueOf(s.colour.h) === hue),
  },
  shown: { name: 'bright flower', least: SHOWN, test: isStrong },
};

/**
 * A leaf of deep magenta is pink and purple both: a flower of it is seen as the one or the other. Degrees and
 * lightness, working figures.
 */
const MAGENTA = { from: 320, to: 345, under: 0.62 } as const;
/** A red this dark is a wine. Working figure. */
const DEEP_RED = 0.49;
/** A wine flower darker than this reads as near black, and no pink is seen. Lightness, working figure. */
const NEAR_BLACK = 0.38;
/**
 * Coral is no pink here, and a wine leaf no purple: it is a dark that rests the eye; a wine flower is a deep
 * pink. Working figures.
 */
const isPink = ({ colour, isFlower }: SchemeColour): boolean =>
  family(colour) === 'pink' ||
  (isFlower && family(colour) === 'wine' && colour.l > NEAR_BLACK) ||
  (family(colour) === 'red' && colour.l > 0.62 && colour.h < 20);
const isPurple = ({ colour, isFlower }: SchemeColour): boolean =>
  family(colour) === 'violet' ||
  (!isFlower && colour.h >= MAGENTA.from && colour.h < MAGENTA.to && colour.l < MAGENTA.under) ||
  (family(colour) === 'blue' && colour.h > 275);

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
    if (f === 'red') return isPink(s) ? 1 : s.isFlower && s.colour.l > DEEP_RED ? 0 : 0.8;
    if (f === 'lime') return 0.5;
    return s.isFlower && (f === 'yellow' || f === 'orange') ? -1 : 0;
  },
  poles: [
    { name: 'pink', least: 0.15, test: isPink },
    { name: 'purple', least: 0.15, test: isPurple },
  ],
};

/** Clear reds and clear blues: a dusky pink is no red, and a mauve no blue. Working figures. */
const isRed = ({ colour }: SchemeColour): boolean => colour.c >= 0.15 && colour.h > 8 && colour.h < 33;
const isBlue = ({ colour }: SchemeColour): boolean => colour.c >= 0.07 && colour.h > 250 && colour.h < 306;

export const redWhiteBlue: Scheme = {
  label: 'Red, white and blue',
  accent: 0.1,
  about: 'Clear red, white, and blue or violet-blue, about a third of each.',
  from: 'no',
  belongs: (s) => (isRed(s) || isWhite(s) || isBlue(s) || family(s.colour) === 'silver' ? 1 : 0),
  poles: [
    { name: 'red', least: 0.2, test: isRed },
    { name: 'white', least: 0.2, test: (s) => s.isFlower && isWhite(s) },
    { name: 'blue', least: 0.2, test: isBlue },
  ],
};

/**
 * A colour this near one that was chosen, and of its hue, is that colour: ΔE_OK and degrees; from twice that
 * it is another. Growers’ figures: lime is not yellow, lilac not blue, silver not white.
 */
const SAME = 0.12;
const SAME_HUE = 25;
/** So pale or grey, a colour has no hue to keep to. */
const HUELESS = 0.04;
/** Each colour that was named has so much of its even share. Practice. */
const EVEN_SHARE = 0.6;

const isThat = (chosen: Lch, { colour }: SchemeColour): boolean => {
  if (family(chosen) === 'white') return family(colour) === 'white';
  return deltaE(chosen, colour) < SAME * 1.2 && (chosen.c < HUELESS || hueGap(chosen.h, colour.h) < SAME_HUE);
};

/** The gardener’s own colours, one to five of them: each must be there, and nothing else is asked for. */
export function paletteOf(hexes: readonly string[]): Scheme {
  const chosen = hexes.map(lch);
  const off = (s: SchemeColour) => Math.min(...chosen.map((c) => deltaE(c, s.colour)));
  return {
    ...palette,
    belongs: (s) =>
      chosen.length === 0 || chosen.some((c) => isThat(c, s)) ? 1 : Math.max(0, Math.min(1, 2 - off(s) / SAME)) / 2,
    poles: chosen.map((c, i) => ({
      name: hexes.length === 1 ? 'your colour' : `your ${ORDINALS[i] ?? 'other'} colour`,
      least: EVEN_SHARE / Math.max(2, chosen.length),
      test: (s) => isThat(c, s),
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
