import { libraryPlant } from '../plants';
import type { Plant } from '../plants/schema';
import { STARTS } from '../plants/starts';
import { lastOf } from '../units/keep';
import type { Placement, Planting } from './schema';

/** A placement with its plant's record at hand. */
export interface Placed extends Omit<Placement, 'plant'> {
  plant: Plant;
}

/** Thrown when a planting names a plant that nobody knows; says which and where. */
export class UnknownPlantError extends Error {
  constructor(
    readonly plantId: string,
    readonly index: number,
  ) {
    super(
      `placements.${index}.plant: there is no plant "${plantId}" in the library. Name one that \`rillbank plants\` lists, or put the whole record here.`,
    );
  }
}

/** Of the placements asked of last: whoever judges a planting asks several times. */
const resolved = lastOf((placements: readonly Placement[]): readonly Placed[] =>
  placements.map((p, i) => {
    const plant = typeof p.plant === 'string' ? libraryPlant(p.plant) : p.plant;
    if (!plant) throw new UnknownPlantError(String(p.plant), i);
    return { ...p, plant };
  }),
);

/** Placements with their plants. Throws UnknownPlantError. */
export const resolve = ({ placements }: Pick<Planting, 'placements'>): readonly Placed[] => resolved(placements);

/** The id of the plant in a placement, shipped or somebody's own. */
export const plantIdOf = ({ plant }: Pick<Placement, 'plant'>): string =>
  typeof plant === 'string' ? plant : plant.id;

/** Litres of root ball in one container. */
export const ballsL = (placements: readonly Pick<Placement, 'start'>[]): number =>
  placements.reduce((sum, p) => sum + STARTS[p.start].litres, 0);
