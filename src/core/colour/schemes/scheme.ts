import type { Lch } from '../oklch';

/** One colour that is seen, and how much of it. */
export interface SchemeColour {
  colour: Lch;
  area: number;
  isFlower: boolean;
}

/** A kind of colour that a scheme wants some of, as shares of the coloured area. */
export interface Pole {
  name: string;
  least: number;
  most?: number;
  test: (seen: SchemeColour, hue: number) => boolean;
}

/** A colour scheme judges each seen colour by itself, then whether its poles are all there. */
export interface Scheme {
  label: string;
  /** One sentence for the brief. */
  about: string;
  /** Starts from a colour: must be given, may be given, or is not asked for. */
  from: 'must' | 'may' | 'no';
  /**
   * 0 off the scheme, 1 in it; under 0 what shouts in it, however little there is. `hue` is the scheme's
   * leading hue where it has one.
   */
  belongs: (seen: SchemeColour, hue: number) => number;
  /** Most of the coloured area that may stray as accent; 0.15 is usual, strict schemes allow less. */
  accent: number;
  /** So many of these kinds of colour must be there, each with so much of the coloured area. */
  kinds?: { name: string; least: number; each: number; of: readonly ((seen: SchemeColour) => boolean)[] };
  /**
   * A kind of colour of which so much of all that is seen must be, leaf and all: what is quiet is no bright
   * planting, however many its hues.
   */
  shown?: Omit<Pole, 'most'>;
  /** Kinds of colour that must each have at least `least` of the coloured area, and no more than `most`. */
  poles: readonly Pole[];
}
