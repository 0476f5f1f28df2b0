import type { Deed } from '../../plantings/deeds';
import type { Plant } from '../../plants/schema';
import type { PlantState } from '../grown';

/** What a deed does to a plant that lives when it is done. */
export type Effect = (state: PlantState, deed: Deed, plant: Plant) => PlantState;
