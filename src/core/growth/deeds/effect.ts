import type { Deed } from '../../plantings/deeds';
import type { PlantState } from '../grown';

/** What a deed does to a plant that lives when it is done. */
export type Effect = (plant: PlantState, deed: Deed) => PlantState;
