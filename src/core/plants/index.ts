import { keptBy } from '../units/keep';
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
import { fruit } from './data/fruit';
import { hotFoliage } from './data/hot-foliage';
import { moreBedding } from './data/more-bedding';
import { morePerennials } from './data/more-perennials';
import { southern } from './data/southern';
import { spring } from './data/spring';
import { winterPlants } from './data/winter';
import { bowlBulbs } from './data/bowl-bulbs';
import { moreColours } from './data/colours';
import { housePlants } from './data/house-plants';
import { kitchen } from './data/kitchen';
import { poisonous } from './data/poisonous';
import { trayBedding } from './data/tray-bedding';
import { tubShrubs } from './data/tub-shrubs';
import { woodland } from './data/woodland';
import { PlantSchema, type Plant } from './schema';

/** Every plant that is written down whole. */
const WRITTEN: readonly Plant[] = [
  ...bulbs,
  ...climbers,
  ...coolBedding,
  ...edibles,
  ...foliage,
  ...grasses,
  ...perennials,
  ...shadePlants,
  ...shrubs,
  ...succulents,
  ...tropicals,
  ...warmBedding,
  ...fruit,
  ...hotFoliage,
  ...moreBedding,
  ...morePerennials,
  ...southern,
  ...spring,
  ...winterPlants,
  ...bowlBulbs,
  ...housePlants,
  ...kitchen,
  ...poisonous,
  ...trayBedding,
  ...tubShrubs,
  ...woodland,
];

/** Every plant that ships with the application. */
export const LIBRARY: readonly Plant[] = [...WRITTEN, ...moreColours(WRITTEN)];

const byId = new Map(LIBRARY.map((p) => [p.id, p]));

/** A shipped plant by id, or undefined. */
export const libraryPlant = (id: string): Plant | undefined => byId.get(id);

const FIELDS = Object.keys(PlantSchema.shape) as (keyof Plant)[];

/**
 * How a planting refers to a plant: a shipped one by its id, somebody's own by its whole record, so that a planting is
 * complete in itself. A shipped record with other starts (what a nursery has of it today) is still the shipped plant.
 */
export const referTo: (plant: Plant) => string | Plant = keptBy((plant: Plant) => {
  const shipped = byId.get(plant.id);
  return shipped && FIELDS.every((f) => f === 'starts' || shipped[f] === plant[f]) ? plant.id : plant;
});

/**
 * The shipped plants with somebody's own: one of the same id stands in the shipped one's place, the rest come
 * first.
 */
export function libraryWith(own: readonly Plant[]): readonly Plant[] {
  if (own.length === 0) return LIBRARY;
  const instead = new Map(own.map((p) => [p.id, p]));
  return [...own.filter((p) => !byId.has(p.id)), ...LIBRARY.map((p) => instead.get(p.id) ?? p)];
}
