import { shadeFillers } from './data/fillers-shade';
import { sunFillers } from './data/fillers-sun';
import { spillers } from './data/spillers';
import { thrillers } from './data/thrillers';
import type { Plant } from './schema';

/** Every plant that ships with the application. */
export const LIBRARY: readonly Plant[] = [...thrillers, ...sunFillers, ...shadeFillers, ...spillers];

const byId = new Map(LIBRARY.map((p) => [p.id, p]));

/** A shipped plant by id, or undefined. */
export const libraryPlant = (id: string): Plant | undefined => byId.get(id);
