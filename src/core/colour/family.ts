import type { Lch } from './oklch';

/**
 * The everyday name a gardener would give a colour, from its place in OKLCH. Boundaries are working figures,
 * set by looking at swatches of flower colours in equal hue steps.
 */
export type Family =
  | 'white'
  | 'silver'
  | 'black'
  | 'green'
  | 'lime'
  | 'red'
  | 'orange'
  | 'yellow'
  | 'blue'
  | 'violet'
  | 'pink'
  | 'bronze'
  | 'wine';

/** The leaf of a rosemary: too dark for silver, and no black. Working figure. */
const isGreyGreen = ({ l, c, h }: Lch): boolean => l > 0.48 && c > 0.015 && h >= 100 && h < 200;

/** A dull dark leaf that is still brown or wine: the leaf of a bronze fennel. Working figures. */
function dark({ l, c, h }: Lch): Family {
  if (l < 0.36 || c < 0.025) return 'black';
  if (h >= 335 || h < 36) return 'wine';
  return h < 100 ? 'bronze' : 'black';
}

export function family(colour: Lch): Family {
  const { l, c, h } = colour;
  if (l > 0.88 && c < 0.065) return 'white';
  if (l < 0.24) return 'black';
  if (c < 0.05) return l > 0.55 ? 'silver' : isGreyGreen(colour) ? 'green' : dark(colour);
  if (h >= 111 && h < 175) return l > 0.74 && c > 0.14 ? 'lime' : 'green';
  if (h >= 175 && h < 292) return 'blue';
  if (h >= 292 && h < 335) return l < 0.42 && c < 0.14 ? 'wine' : 'violet';
  if (h >= 335 || h < 15) return l < 0.43 ? 'wine' : 'pink';
  if (h < 36) return l < 0.4 ? 'wine' : 'red';
  if (h < 78) return (l < 0.5 && c < 0.14) || (l < 0.62 && c < 0.1) ? 'bronze' : 'orange';
  return l < 0.55 && c < 0.12 ? 'bronze' : 'yellow';
}

/** Green and silver are the ground that a scheme stands on, not part of it. */
export const isNeutral = (colour: Lch): boolean => {
  const f = family(colour);
  return f === 'green' || f === 'silver';
};
