import { family, type Family } from '../family';
import type { Scheme } from './scheme';

const WARM: readonly Family[] = ['red', 'orange', 'yellow', 'bronze', 'wine', 'lime'];
const COOL: readonly Family[] = ['blue', 'violet', 'white', 'silver'];

export const warm: Scheme = {
  label: 'Warm',
  accent: 0.15,
  about: 'Reds, oranges, yellows, bronze and lime.',
  from: 'no',
  belongs: ({ colour }) => {
    const f = family(colour);
    return WARM.includes(f) ? 1 : f === 'pink' && (colour.h < 30 || colour.h > 355) ? 0.25 : 0;
  },
  poles: [
    {
      name: 'red, orange or yellow',
      least: 0.2,
      test: ({ colour }) => ['red', 'orange', 'yellow', 'bronze'].includes(family(colour)),
    },
  ],
};

export const cool: Scheme = {
  label: 'Cool',
  accent: 0.15,
  about: 'Blues, violets, silver and white.',
  from: 'no',
  belongs: ({ colour }) => {
    const f = family(colour);
    // Straw and buff are no colour among cool ones.
    if (colour.c < 0.07) return 0.9;
    return COOL.includes(f) ? 1 : f === 'pink' && colour.h < 355 && colour.h > 300 ? 0.5 : 0;
  },
  poles: [{ name: 'blue or violet', least: 0.3, test: ({ colour }) => ['blue', 'violet'].includes(family(colour)) }],
};
