import { MATERIALS } from './materials';
import type { Container, Mount, Shape } from './schema';

type Kind = Shape['kind'];

/** Working figures from ordinary ranges: rims as sold, with the base and depth that usually go with them. */
const pots = (kind: 'round' | 'square', sizes: readonly (readonly [number, number, number])[]): Shape[] => sizes.map(([topMm, baseMm, depthMm]) => ({ kind, topMm, baseMm, depthMm }));
const boxes = (sizes: readonly (readonly [number, number, number])[]): Shape[] => sizes.map(([lengthMm, widthMm, depthMm]) => ({ kind: 'box', lengthMm, widthMm, baseLengthMm: lengthMm - 30, baseWidthMm: widthMm - 30, depthMm }));

/**
 * Containers as the trade sells them: 10–24 in pots, 24–40 in boxes, 10–16 in baskets and their metric
 * fellows. Inside, mm.
 */
export const SOLD: Record<Kind, readonly Shape[]> = {
  round: pots('round', [[200, 140, 180], [250, 180, 230], [300, 215, 280], [350, 250, 320], [400, 290, 360], [450, 325, 400], [500, 360, 450], [600, 440, 520], [300, 300, 300], [400, 400, 400]]),
  square: pots('square', [[250, 190, 240], [300, 230, 290], [350, 270, 330], [400, 320, 380], [450, 360, 420], [500, 400, 460], [600, 500, 540]]),
  box: boxes([[600, 180, 170], [760, 200, 180], [800, 200, 190], [900, 210, 200], [1000, 220, 200], [1200, 300, 300]]),
  bowl: [300, 350, 400, 450, 500, 600].map((topMm) => ({ kind: 'bowl', topMm, depthMm: Math.round(topMm * 0.4) })),
  basket: [250, 300, 350, 400, 450].map((topMm) => ({ kind: 'basket', topMm, depthMm: Math.round(topMm * 0.55) })),
  'wall-basket': [300, 400, 500, 600, 750].map((widthMm) => ({ kind: 'wall-basket', widthMm, projectionMm: Math.round(widthMm * 0.5), depthMm: Math.round(widthMm * 0.42) })),
  oval: [[450, 320, 260], [600, 400, 300], [800, 450, 340]].map(([lengthMm, widthMm, depthMm]) => ({ kind: 'oval', lengthMm: lengthMm ?? 600, widthMm: widthMm ?? 400, baseShare: 0.85, depthMm: depthMm ?? 300 })),
  free: [
    { kind: 'free', depthMm: 220, corners: [[-420, -170], [300, -260], [420, -150], [420, 150], [300, 260], [-420, 170]] },
    { kind: 'free', depthMm: 180, corners: [[-300, -200], [300, -200], [300, 200], [-300, 200]] },
    { kind: 'free', depthMm: 120, corners: [[-230, -190], [230, -190], [230, 190], [-230, 190]] },
  ],
};

/** What the own outlines are, in the order of `SOLD.free`. */
export const FREE_NAMES = ['old barrow', 'sink', 'drawer'] as const;

const USUAL: Record<Kind, { mount: Mount; material?: Container['material']; at: number }> = {
  round: { mount: 'ground', at: 4 },
  square: { mount: 'ground', at: 4 },
  box: { mount: 'sill', at: 3 },
  bowl: { mount: 'ground', at: 2 },
  basket: { mount: 'hook', material: 'coir', at: 2 },
  'wall-basket': { mount: 'wall', material: 'coir', at: 1 },
  oval: { mount: 'ground', at: 1 },
  free: { mount: 'ground', at: 0 },
};

/** The change to a container that takes another shape: its usual size, place and, for wire baskets, material. */
export function takeShape(c: Container, kind: Kind): Container {
  const { mount, material: usual, at } = USUAL[kind];
  const shape = SOLD[kind][at];
  if (!shape) return c;
  const material = usual ?? (c.material === 'coir' ? 'terracotta' : c.material);
  const colour = c.colour === MATERIALS[c.material].colour ? MATERIALS[material].colour : c.colour;
  return { ...c, shape, mount, material, colour, rimHeightMm: mount === 'hook' ? HOOK_RIM_MM : mount === 'ground' ? null : c.rimHeightMm, liner: usual === 'coir' };
}

/** A basket's rim over the floor: above most heads' reach of leaves. Working figure. */
const HOOK_RIM_MM = 1700;
