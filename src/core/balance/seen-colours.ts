import type { Part } from '../plants/schema';
import type { Standing } from './standing';

/** One colour of one plant, as it is seen. */
export interface SeenColour {
  id: string;
  hex: string;
  part: Part;
  isFlower: boolean;
  area: number;
  belowShare: number;
}

/** Every colour that is seen, with its area: flower parts by how far the plant is in bloom, leaf parts for the rest. */
export function seenColours({ plants }: Pick<Standing, 'plants'>): SeenColour[] {
  return plants.flatMap(({ id, plant, grown, seen }) => {
    if (!grown.alive) return [];
    const all = seen.aboveMm2 + seen.belowMm2;
    const inFlower = plant.flower.show * grown.bloom;
    return plant.colours.map((c) => {
      const isFlower = c.part === 'flower' || c.part === 'throat';
      return {
        id,
        hex: c.hex,
        part: c.part,
        isFlower,
        area: all * c.share * (isFlower ? inFlower : 1 - inFlower),
        belowShare: all > 0 ? seen.belowMm2 / all : 0,
      };
    });
  });
}
