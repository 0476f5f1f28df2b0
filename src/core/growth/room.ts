import { containerSums } from '../containers';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import type { Placed } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { keptBy } from '../units/keep';
import { clamp, middleOf, sum } from '../units/number';

/** What the soil a plant has makes of it: shares of width, height and flower. */
export interface RoomShare {
  /** The mix there is of what all want together, 0–1. */
  share: number;
  wide: number;
  high: number;
  flower: number;
}

/**
 * Litres of mix that a plant wants for its full size: as much as a middling bedding plant 250 mm tall and 340 mm wide
 * wants, by this power of the room its leaf takes up. Growers’ figures: bedding 3–4 L, canna 15–25, shrubs 10–20,
 * succulents 0.8.
 */
const MIDDLING = { litres: 3.4, mm3: 250 * 340 * 340 } as const;
const BY_LEAF = 0.8;
const FEWEST_L = 0.6;
const MOST_L = 25;

/** Litres of mix that a plant wants for its full size. */
export const wantedLOf = keptBy((plant: Plant): number => {
  const across = middleOf(plant.spreadMm);
  const mm3 = middleOf(plant.heightMm) * across * across;
  return clamp(MIDDLING.litres * (mm3 / MIDDLING.mm3) ** BY_LEAF, FEWEST_L, MOST_L);
});

/**
 * Shares go with these powers of the soil there is to what is wanted. Growers’ figures: with half of it 0.8
 * of width, 0.9 of height and 0.75 of flower; with a quarter 0.6 of width.
 */
const WIDTH_BY = 0.33;
const HEIGHT_BY = 0.15;
const FLOWER_BY = 0.4;
/** Never less soil than this share of what is wanted: nobody plants closer. Working figure. */
const LEAST = 0.1;

/** What a plant makes of its share of a container’s mix, given all that stand in it together. */
export function roomShareOf(
  { plant }: Placed,
  together: readonly Placed[],
  container: Planting['container'],
): RoomShare {
  // What likes its roots tight makes its size in less.
  if (factsOf(plant).tight === 'likes it') return { share: 1, wide: 1, high: 1, flower: 1 };
  const wantedL = sum(together.map((o) => wantedLOf(o.plant)));
  const share = Math.min(1, Math.max(LEAST, containerSums(container).fillL / wantedL));
  return { share, wide: share ** WIDTH_BY, high: share ** HEIGHT_BY, flower: share ** FLOWER_BY };
}
