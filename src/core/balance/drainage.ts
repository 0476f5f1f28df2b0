import { check } from './check';

/** A pot must drain. */
export const drainage = check({
  name: 'Drainage',
  facet: 'gate',
  weight: 2,
  at: 'container',
  of: ({ planting }) => {
    const { drains } = planting.container;
    return [
      {
        severity: drains ? 'good' : 'wrong',
        measured: drains ? 1 : 0,
        band: [1, 1],
        unit: 'holes',
        scale: [0, 1],
        culprits: [],
        says: drains ? 'good' : 'none',
        facts: {},
        rule: 'Holes in the base, mesh over them, no crocks',
        source: 'practice: a coarse layer raises the wet zone and takes root room',
        quality: drains ? 1 : 0,
      },
    ];
  },
  words: {
    good: () => 'It drains. Lay mesh over the holes, no crocks.',
    none: () => 'No holes: roots will drown. Drill the base before you plant.',
  },
  figure: () => '',
  bandless: true,
  ideas: ['drill'],
});
