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
        source: 'common practice: a coarse layer keeps the mix above it wetter and takes up root space',
        quality: drains ? 1 : 0,
      },
    ];
  },
  words: {
    good: () => 'Good drainage. Cover the holes with mesh, not crocks.',
    none: () => 'No drainage holes: roots will rot. Drill the base before you plant.',
  },
  figure: () => '',
  bandless: true,
  ideas: ['drill'],
});
