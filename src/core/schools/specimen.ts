import { STAR_HEIGHT, UNDER_STAR } from './bands';
import { aloneRing } from './lays/ring';
import { laysBy, type School } from './school';

/** One plant, or one and a carpet; the pot is part of the picture and gravel or moss dresses the soil. */
export const specimen: School = {
  label: 'Single specimen',
  about: 'One plant, with low planting beneath it if you like. The container matters as much as the plant.',
  leads: 'alone',
  height: STAR_HEIGHT,
  steps: null,
  star: true,
  hangs: false,
  balanced: true,
  fillerShare: UNDER_STAR / 2,
  asks: { contrast: false, repeat: false, rim: [0, 0.3], soil: 0.4, colour: 0.25, counts: [0.1, 0.6] },
  lays: laysBy({ rows: (lay) => [aloneRing(lay)], ring: aloneRing, turns: false }),
};
