import { libraryPlant } from '../plants';
import type { Plant } from '../plants/schema';

/** A plant of the library that a test relies on. Throws where it is there no more. */
export function plantOf(id: string): Plant {
  const plant = libraryPlant(id);
  if (!plant) throw new Error(`The library has no ${id}.`);
  return plant;
}
