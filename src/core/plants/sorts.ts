import { factsOf } from './facts';
import { isForage } from './forage';
import type { Plant } from './schema';

/** Plantings of one sort of plant only. */
export const ONLY = ['anything', 'edible', 'succulents', 'bulbs', 'evergreen', 'bees', 'scent'] as const;
export type Only = (typeof ONLY)[number];

/** A scent that is noticed without kneeling. */
const smells = (p: Plant): boolean => factsOf(p).scent !== 'none' && factsOf(p).scentStrength !== 'faint';

/** What a planting of one sort is made of. */
const IS: Record<Only, (p: Plant) => boolean> = {
  anything: () => true,
  edible: (p) => p.edible !== 'no',
  // The group, not its company: a fescue likes the same grit, and is no succulent.
  succulents: (p) => p.group === 'succulent',
  bulbs: (p) => p.group === 'bulb' || (p.season === 'cool' && p.roles.includes('filler')),
  evergreen: (p) => ['evergreen', 'semi-evergreen'].includes(factsOf(p).winterLook),
  bees: (p) => isForage(factsOf(p).bees) || p.flower.form === 'none',
  scent: (p) => smells(p) || p.roles.includes('spiller'),
};

/** Whether a plant is of the sort that was asked for. */
export const isOfSort = (plant: Plant, only: Only): boolean => IS[only](plant);

/** What is asked for, as the end of a sentence and as a choice. */
export const ONLY_WORDS: Record<Only, string> = {
  anything: 'anything',
  edible: 'things to eat',
  succulents: 'succulents',
  bulbs: 'bulbs and spring flowers',
  evergreen: 'evergreens',
  bees: 'flowers for bees',
  scent: 'scent',
};
