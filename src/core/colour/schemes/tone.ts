import { family } from '../family';
import type { Scheme, SchemeColour } from './scheme';

const isPale = ({ colour }: SchemeColour): boolean => colour.l >= 0.69 && colour.c < 0.15;
const isDark = ({ colour }: SchemeColour): boolean => colour.l < 0.5;
/**
 * What makes a planting dark is leaf of wine, bronze or plum; a flower is only where it is nearly black: a
 * deep violet is a colour. Working figure.
 */
const NEAR_BLACK = 0.37;
const isSombre = (s: SchemeColour): boolean => (s.isFlower ? s.colour.l < NEAR_BLACK : isDark(s));
const isBright = ({ colour }: SchemeColour): boolean => colour.l > 0.6 && colour.c > 0.13;

/** A flower stronger than a blush. Working figure. */
const shouts = ({ colour, isFlower }: SchemeColour): boolean => isFlower && colour.c >= 0.09;

export const pastel: Scheme = {
  label: 'Pastel',
  accent: 0.15,
  about: 'Pale and soft: blush, primrose, powder blue, white.',
  from: 'no',
  belongs: (s) => (isPale(s) ? 1 : s.colour.l > 0.66 && s.colour.c < 0.15 ? 0.5 : 0),
  poles: [],
};

export const darkBright: Scheme = {
  label: 'Dark and bright',
  accent: 0.15,
  about: 'Near-black or wine leaves with one brilliant colour.',
  from: 'no',
  belongs: (s) => (isDark(s) || isBright(s) ? 1 : s.colour.c > 0.06 ? 0.6 : 0.3),
  poles: [
    { name: 'something dark', least: 0.15, test: isSombre },
    { name: 'something bright', least: 0.09, test: isBright },
  ],
};

export const allWhite: Scheme = {
  label: 'All white',
  accent: 0.08,
  about: 'White flowers, silver and green.',
  from: 'no',
  belongs: (s) => (['white', 'silver'].includes(family(s.colour)) ? 1 : shouts(s) ? -1 : 0),
  poles: [{ name: 'white', least: 0.6, test: ({ colour }) => family(colour) === 'white' }],
};

export const allLeaf: Scheme = {
  label: 'All foliage',
  accent: 0.08,
  about: 'Few or no flowers: leaf colour, size and texture do the work.',
  from: 'no',
  belongs: (s) => (s.isFlower ? 0 : 1),
  poles: [],
};
