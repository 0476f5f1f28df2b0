import { MATERIALS } from '../containers/materials';
import { PLANTING_FORMAT, PLANTING_VERSION, type Placement, type Planting } from './schema';
import { startDay } from './start-day';

/** Ordinary frosts of a mild climate. Working figures. */
const FROSTS = { lastFrost: '05-04', firstFrost: '10-20' } as const;

/**
 * An unplanted container in an ordinary spot, to be planted when the season there allows it. `today` is an
 * ISO date.
 */
export function freshPlanting(id: string, name: string, today: string): Planting {
  return {
    format: PLANTING_FORMAT,
    version: PLANTING_VERSION,
    id,
    name,
    spot: {
      name: 'Terrace',
      corner: '',
      light: { kind: 'noted', hours: [9, 10, 11, 12, 13, 14, 15], dappled: false },
      summer: 'warm',
      wind: 'open',
      seen: 'all-round',
      backdrop: '#d9ddd2',
      backdropBuild: 'render',
      ground: 'paving',
      beside: 'nothing',
      backdropBloom: null,
      coldestWinterC: -10,
      ...FROSTS,
      children: false,
      cats: false,
      dogs: false,
      eaten: false,
      walkway: false,
      rain: 'open',
      tapM: null,
      climate: null,
      sight: null,
    },
    container: {
      shape: { kind: 'round', topMm: 400, baseMm: 290, depthMm: 360 },
      material: 'glazed',
      colour: MATERIALS.glazed.colour,
      drains: true,
      feet: false,
      wheels: false,
      count: 1,
      mount: 'ground',
      rimHeightMm: null,
      liner: false,
      reservoirL: 0,
      base: 'mesh',
      refill: 'all',
    },
    brief: {
      scheme: 'warm',
      from: null,
      school: 'tall-centre',
      density: 'room to grow',
      budget: 60,
      must: [],
      never: [],
      lasting: false,
      palette: [],
      only: 'anything',
      bestOn: null,
      changeOver: null,
    },
    startDate: startDay(FROSTS, today),
    nextId: 1,
    placements: [],
    deeds: [],
    learned: [],
    drinksBy: 1,
  };
}

type Said = Pick<Placement, 'plant' | 'start' | 'role' | 'xMm' | 'yMm'> & Partial<Placement>;

/** A placement that stands from the first day on, put in by hand unless a part is said. */
export const newPlacement = (id: string, said: Said): Placement => ({
  part: null,
  from: null,
  until: null,
  ...said,
  id,
});
