import type { Planting } from '../../plantings/schema';
import { sun } from '../pots';

interface Place {
  /** The day summer bedding is set out. */
  plantOut: string;
  lastFrost: string;
  firstFrost: string;
  coldestWinterC: number;
  highC: number[];
  lowC: number[];
}

/**
 * Places that growers’ figures are given for, by July’s afternoons and nights; the wet tropics are the same
 * all year.
 */
export const CLIMATES = {
  temperate: {
    plantOut: '2026-05-16',
    lastFrost: '05-04',
    firstFrost: '10-20',
    coldestWinterC: -10,
    highC: [6, 7, 10, 14, 17, 20, 22, 22, 18.5, 14, 9.5, 7],
    lowC: [0.5, 0.5, 2, 4, 7, 10.5, 13, 12.5, 10, 7, 3.5, 1.5],
  },
  warm: {
    plantOut: '2026-05-16',
    lastFrost: '05-04',
    firstFrost: '10-20',
    coldestWinterC: -14,
    highC: [5, 7, 11, 16, 20, 23, 25, 25, 21, 15, 9, 6],
    lowC: [-2, -1, 2, 6, 10, 13, 15, 15, 11, 7, 2, -1],
  },
  cool: {
    plantOut: '2026-05-16',
    lastFrost: '05-12',
    firstFrost: '10-12',
    coldestWinterC: -10,
    highC: [6, 6, 8, 11, 14.5, 17, 19, 18.5, 16, 12, 8.5, 6.5],
    lowC: [1, 1, 2, 3.5, 6.5, 9.5, 11.5, 11.5, 9.5, 6.5, 3.5, 1.5],
  },
  hot: {
    plantOut: '2026-05-02',
    lastFrost: '04-10',
    firstFrost: '11-01',
    coldestWinterC: -10,
    highC: [9, 11, 15, 20, 25, 30, 33, 33, 28, 22, 15, 10],
    lowC: [-1, 0, 4, 9, 14, 18, 20, 20, 16, 10, 4, 0],
  },
  tropics: {
    plantOut: '2026-05-16',
    lastFrost: '01-01',
    firstFrost: '12-31',
    coldestWinterC: 20,
    highC: Array<number>(12).fill(31),
    lowC: Array<number>(12).fill(24.5),
  },
  south: {
    plantOut: '2026-11-15',
    lastFrost: '11-04',
    firstFrost: '04-20',
    coldestWinterC: -4,
    highC: [22, 22, 18.5, 14, 9.5, 7, 6, 7, 10, 14, 17, 20],
    lowC: [13, 12.5, 10, 7, 3.5, 1.5, 0.5, 0.5, 2, 4, 7, 10.5],
  },
} satisfies Record<string, Place>;
export type ClimateId = keyof typeof CLIMATES;

/** A spot in one of them, with so many hours of sun about noon. */
export function spotIn(id: ClimateId, hours: number): Planting['spot'] {
  const { lastFrost, firstFrost, coldestWinterC, highC, lowC } = CLIMATES[id];
  const first = 13 - Math.ceil(hours / 2);
  return sun(
    Array.from({ length: hours }, (_hour, i) => first + i),
    { lastFrost, firstFrost, coldestWinterC, climate: { name: id, highC, lowC, rainMm: Array<number>(12).fill(55) } },
  );
}
