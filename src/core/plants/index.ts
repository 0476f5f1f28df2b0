import { bulbs } from './data/bulbs';
import { climbers } from './data/climbers';
import { coolBedding } from './data/cool-bedding';
import { edibles } from './data/edibles';
import { foliage } from './data/foliage';
import { grasses } from './data/grasses';
import { perennials } from './data/perennials';
import { shadePlants } from './data/shade';
import { shrubs } from './data/shrubs';
import { succulents } from './data/succulents';
import { tropicals } from './data/tropicals';
import { warmBedding } from './data/warm-bedding';
import type { Plant } from './schema';

/** Every plant that ships with the application. */
export const LIBRARY: readonly Plant[] = [...bulbs, ...climbers, ...coolBedding, ...edibles, ...foliage, ...grasses, ...perennials, ...shadePlants, ...shrubs, ...succulents, ...tropicals, ...warmBedding];

const byId = new Map(LIBRARY.map((p) => [p.id, p]));

/** A shipped plant by id, or undefined. */
export const libraryPlant = (id: string): Plant | undefined => byId.get(id);
