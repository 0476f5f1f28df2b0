import type { Proposal } from '@/core/compose/compose';
import { pictureSize } from '../pictures/PotPicture';

interface Size {
  width: number;
  height: number;
}

/** How the pictures of some proposals are drawn: all at one scale, each seen as large as its place allows. */
export interface ProposalDrawing {
  at: (i: number, within: Size) => { scale: number; shown: number; flat: boolean };
}

/** The scale at which the largest of some pictures fits a place, px for a mm. */
function scaleIn(sizes: readonly { w: number; h: number }[], { width, height }: Size): number {
  const widest = Math.max(...sizes.map((s) => s.w), 1);
  const tallest = Math.max(...sizes.map((s) => s.h), 1);
  return Math.min(width / widest, height / tallest);
}

/** Draws proposals once at the size of the largest place, so that one still serves wherever each is seen. */
export function drawingsOf(list: readonly Proposal[], largest: Size, flat: (i: number) => boolean): ProposalDrawing {
  const sizes = list.map((p) => pictureSize(p.planting, 1));
  const scale = scaleIn(sizes, largest);
  return { at: (i, within) => ({ scale, shown: scaleIn(sizes, within) / scale, flat: flat(i) }) };
}
