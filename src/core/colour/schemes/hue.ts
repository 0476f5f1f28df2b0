import { family } from '../family';
import { hueGap } from '../oklch';
import type { Scheme, SchemeColour } from './scheme';

const isWhite = ({ colour }: SchemeColour): boolean => family(colour) === 'white';
/**
 * Wine, bronze, near black and brick: a dark that belongs to any hue, and no colour that was asked for.
 * Working figures.
 */
const isDull = ({ colour }: SchemeColour): boolean =>
  ['wine', 'bronze', 'black'].includes(family(colour)) || (colour.l < DULL_L && colour.c < DULL_C);
const DULL_L = 0.5;
const DULL_C = 0.13;
/** 1 up to `inner` degrees of hue away, 0 from `outer`. */
const near = (gap: number, inner: number, outer: number): number =>
  Math.max(0, Math.min(1, (outer - gap) / (outer - inner)));

export const oneHueWhite: Scheme = {
  label: 'One colour and white',
  accent: 0.06,
  about: 'Shades of one colour, lifted with white.',
  from: 'may',
  belongs: (s, hue) => (isWhite(s) ? 1 : near(hueGap(s.colour.h, hue), 24, 45)),
  poles: [
    { name: 'white', least: 0.12, test: isWhite },
    {
      name: 'the one colour',
      least: 0.3,
      test: (s, hue) => !isWhite(s) && !isDull(s) && hueGap(s.colour.h, hue) < 30,
    },
  ],
};

export const neighbours: Scheme = {
  label: 'Neighbouring colours',
  accent: 0.15,
  about: 'Colours that lie side by side on the wheel.',
  from: 'may',
  belongs: (s, hue) => (isWhite(s) ? 0.4 : near(hueGap(s.colour.h, hue), 50, 75)),
  poles: [],
};

export const opposites: Scheme = {
  label: 'Opposite colours',
  accent: 0.15,
  about: 'One colour and the one across the wheel from it.',
  from: 'may',
  belongs: (s, hue) =>
    isWhite(s) ? 0.3 : Math.max(near(hueGap(s.colour.h, hue), 30, 50), near(hueGap(s.colour.h, hue + 180), 38, 60)),
  poles: [
    { name: 'the first colour', least: 0.25, test: (s, hue) => !isWhite(s) && hueGap(s.colour.h, hue) < 45 },
    { name: 'its opposite', least: 0.15, test: (s, hue) => !isWhite(s) && hueGap(s.colour.h, hue + 180) < 55 },
  ],
};

export const fromColour: Scheme = {
  label: 'From this colour',
  accent: 0.15,
  about: 'Repeats a colour you choose (a door, a pot, a leaf) among quieter ones.',
  from: 'must',
  belongs: (s, hue) => (isWhite(s) || s.colour.c < 0.05 ? 0.8 : near(hueGap(s.colour.h, hue), 25, 48)),
  poles: [
    { name: 'the colour itself', least: 0.25, test: (s, hue) => s.colour.c >= 0.05 && hueGap(s.colour.h, hue) < 30 },
  ],
};
