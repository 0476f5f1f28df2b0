import { isNeutral } from '../colour/family';
import { deltaE, lch } from '../colour/oklch';
import type { Part, Plant } from './schema';

/** Colours so near each other answer each other, ΔE_OK. Working figure: about what stands clear. */
const ANSWERS = 0.14;
/** Less of a plant than this carries no colour across a pot. Working figure. */
export const CARRIES = 0.25;

/** A colour of a leaf, and where in the leaf it is. */
export interface LeafColour {
  part: Extract<Part, 'leaf' | 'edge' | 'vein' | 'stem'>;
  hex: string;
}

/** The colours of a leaf, the hidden ones first: what its edge, vein and stem have, then its body. */
export function leafColours(p: Plant): LeafColour[] {
  const order = ['edge', 'vein', 'stem', 'leaf'] as const;
  const seen: LeafColour[] = [];
  for (const part of order)
    for (const c of p.colours)
      if (c.part === part && seen.every((o) => deltaE(lch(o.hex), lch(c.hex)) > ANSWERS / 2))
        seen.push({ part, hex: c.hex });
  return seen;
}

/** What a plant is seen in: its flower where it flowers well, and what most of its leaf is. */
function seenIn(p: Plant): string[] {
  const flowers = p.flower.show >= CARRIES;
  return p.colours
    .filter((c) => c.share >= CARRIES && (c.part === 'flower' ? flowers : c.part !== 'throat'))
    .map((c) => c.hex);
}

/** How well a plant repeats a colour, 0–1. */
export const repeats = (p: Plant, hex: string): number =>
  Math.max(0, ...seenIn(p).map((own) => 1 - deltaE(lch(own), lch(hex)) / ANSWERS));

/** How well a plant answers any colour of a leaf that is not plain green, 0–1. */
export const answers = (lead: Plant, p: Plant): number =>
  Math.max(
    0,
    ...leafColours(lead)
      .filter((c) => !isNeutral(lch(c.hex)))
      .map((c) => repeats(p, c.hex)),
  );
