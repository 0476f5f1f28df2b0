import { lch } from '../colour/oklch';
import type { Part } from '../plants/schema';
import { sum } from '../units/number';
import { seenArea } from './seen';
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

/** A vein this pale or brown in a green leaf is not seen as a colour. Working figure. */
const VEIN_SHOWS = 0.1;

/** Colours that tell a scheme: flowers without their eyes and throats, coloured leaf without stems and brown zones. */
export const tells = ({ part, hex }: SeenColour): boolean =>
  part === 'flower' || part === 'leaf' || part === 'edge' || (part === 'vein' && lch(hex).c >= VEIN_SHOWS);

/** What is seen of a scheme over the three weeks that are looked at, by what each counts for. */
export const tellingColours = ({ moments }: Pick<Standing, 'moments'>): SeenColour[] => {
  const all = moments.map((m) => ({ m, area: sum(m.plants.map((p) => seenArea(p.seen))) }));
  return all.flatMap(({ m, area }) =>
    area > 0
      ? seenColours(m)
          .filter(tells)
          .map((c) => ({ ...c, area: (c.area * m.weight) / area }))
      : [],
  );
};
