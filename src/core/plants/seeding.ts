import { keptBy } from '../units/keep';
import type { Plant } from './schema';
import { genusOf, speciesOf } from './ways';

/**
 * When a crop that is grown for its leaf runs to seed: so many weeks after it was set out, or in the spring
 * after a winter, from a month position of the north; and how high its stalk stands in the end, mm.
 */
export type Seeding = { stalkMm: number } & ({ weeks: number } | { spring: number });

/**
 * By species or genus. Growers’ figures for when: rocket and coriander 4–6 weeks, spinach 5–6, mustard 5–7,
 * lettuce 9–11; cabbages in March of their second year, chard in its second spring, parsley in its second
 * May. Stalks as they stand in flower, working figures.
 */
const SEEDING: Record<string, Seeding> = {
  Eruca: { weeks: 5, stalkMm: 700 },
  Coriandrum: { weeks: 5, stalkMm: 600 },
  Spinacia: { weeks: 5.5, stalkMm: 550 },
  'Brassica juncea': { weeks: 6, stalkMm: 850 },
  Lactuca: { weeks: 9, stalkMm: 650 },
  'Brassica oleracea': { spring: 2.3, stalkMm: 1200 },
  Beta: { spring: 3.5, stalkMm: 1300 },
  Petroselinum: { spring: 4, stalkMm: 850 },
};

/** When a plant runs to seed; null for what never spoils by it. Kept by the record. */
export const seedingOf = keptBy(
  ({ botanical }: Pick<Plant, 'botanical'>): Seeding | null =>
    SEEDING[speciesOf(botanical)] ?? SEEDING[genusOf(botanical)] ?? null,
);
