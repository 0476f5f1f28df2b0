import { LIBRARY } from '../plants';

/** Plants that the tests name. */
const NAMED = [
  'canna-dwarf-red',
  'carex-bronze',
  'cordyline-wine',
  'gaura-white',
  'pelargonium-scarlet',
  'petunia-white',
  'phormium-bronze',
  'calibrachoa-yellow',
  'lantana-sunset',
  'verbena-trailing-violet',
];
/** One in so many of the others. */
const EVERY = 9;

/** About sixty plants of every kind: enough to compose from, and quick. */
export const SMALL_LIBRARY = LIBRARY.filter((p, i) => i % EVERY === 0 || NAMED.includes(p.id));
