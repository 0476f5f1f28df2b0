import { MATERIALS, type Material } from '@/core/containers/materials';
import type { Container, Shape } from '@/core/containers/schema';
import type { Deed } from '@/core/plantings/deeds';
import { freshPlanting, newPlacement } from '@/core/plantings/fresh';
import { PLANTING_FORMAT, PLANTING_VERSION, type Planting } from '@/core/plantings/schema';
import { PLACEMENTS } from './placements';
import { arcade, boilerHouse, entrance, terrace, ticketWindow } from './spots';

const container = (shape: Shape, material: Material, change: Partial<Container> = {}): Container => ({
  ...freshPlanting('lido', 'Lido', '2026-03-01').container,
  shape,
  material,
  colour: MATERIALS[material].colour,
  ...change,
});

const brief = (change: Partial<Planting['brief']>): Planting['brief'] => ({
  scheme: 'warm',
  from: null,
  school: 'tall-centre',
  density: 'room to grow',
  budget: null,
  must: [],
  never: [],
  lasting: false,
  palette: [],
  only: 'anything',
  bestOn: null,
  changeOver: null,
  ...change,
});

/** What the volunteers have done so far. */
const DONE: Record<string, readonly (readonly [what: Deed['what'], on: string])[]> = {
  'lido-entrance-left': [
    ['top-up', '2026-06-12'],
    ['deadhead', '2026-07-04'],
    ['tidy', '2026-07-04'],
  ],
  'lido-entrance-right': [
    ['top-up', '2026-06-12'],
    ['deadhead', '2026-07-04'],
    ['tidy', '2026-07-04'],
  ],
  'lido-entrance-steps': [
    ['deadhead', '2026-07-04'],
    ['tidy', '2026-07-04'],
  ],
  'lido-entrance-bowl': [['tidy', '2026-07-04']],
  'lido-ticket-box': [['tidy', '2026-07-03']],
  'lido-poolside-rail': [['tidy', '2026-07-03']],
  'lido-arcade-baskets': [
    ['turn', '2026-07-01'],
    ['tidy', '2026-07-01'],
  ],
  'lido-terrace-barrow': [['tidy', '2026-07-05']],
  'lido-terrace-tub': [
    ['deadhead', '2026-07-05'],
    ['tidy', '2026-07-05'],
  ],
  'lido-boiler-square': [['tidy', '2026-07-02']],
  'lido-boiler-manger': [['tidy', '2026-07-02']],
};

const deedsOf = (id: string, placements: number): Deed[] =>
  (DONE[id] ?? []).map(([what, on], i) => ({ id: `d${placements + i + 1}`, what, to: null, on, done: on }));

const planting = (
  id: string,
  name: string,
  startDate: string,
  spot: Planting['spot'],
  c: Container,
  asked: Planting['brief'],
): Planting => ({
  format: PLANTING_FORMAT,
  version: PLANTING_VERSION,
  id,
  name,
  spot,
  container: c,
  brief: asked,
  startDate,
  nextId: (PLACEMENTS[id] ?? []).length + (DONE[id] ?? []).length + 1,
  placements: (PLACEMENTS[id] ?? []).map(([plant, role, start, xMm, yMm], i) =>
    newPlacement(`p${i + 1}`, { plant, role, start, xMm, yMm }),
  ),
  deeds: deedsOf(id, (PLACEMENTS[id] ?? []).length),
  learned: [],
  drinksBy: 1,
});

const box = (lengthMm: number): Shape => ({
  kind: 'box',
  lengthMm,
  widthMm: 210,
  baseLengthMm: lengthMm - 30,
  baseWidthMm: 180,
  depthMm: 200,
});

/** The Kelp Street Lido: a volunteer-run open-air pool that exists only here, with a container of every kind. */
/** A day in high summer on which all of it is alive: the diary stands open there. */
export const LIDO_DAY = '2026-07-10';

export const lido: readonly Planting[] = [
  planting(
    'lido-entrance-left',
    'Left-hand pot',
    '2026-05-14',
    entrance,
    container({ kind: 'round', topMm: 460, baseMm: 350, depthMm: 420 }, 'glazed', { feet: true }),
    brief({ scheme: 'pink-purple', density: 'full now', budget: 55 }),
  ),
  planting(
    'lido-entrance-right',
    'Right-hand pot',
    '2026-05-14',
    entrance,
    container({ kind: 'round', topMm: 460, baseMm: 350, depthMm: 420 }, 'glazed', { feet: true }),
    brief({ scheme: 'pink-purple', density: 'full now', budget: 55 }),
  ),
  planting(
    'lido-entrance-steps',
    'Step pots',
    '2026-05-14',
    entrance,
    container({ kind: 'round', topMm: 350, baseMm: 250, depthMm: 320 }, 'glazed', { count: 2 }),
    brief({ scheme: 'pink-purple', school: 'level-dome', density: 'full now' }),
  ),
  planting(
    'lido-entrance-bowl',
    'Dry bowl',
    '2026-05-20',
    entrance,
    container({ kind: 'bowl', topMm: 400, depthMm: 160 }, 'terracotta'),
    brief({ scheme: 'warm', school: 'level-dome', only: 'succulents' }),
  ),
  planting(
    'lido-ticket-box',
    'Window box',
    '2026-05-16',
    ticketWindow,
    container(box(900), 'timber', { mount: 'sill', rimHeightMm: 790, liner: true, colour: '#56707a' }),
    brief({ scheme: 'pink-purple', school: 'tall-only' }),
  ),
  planting(
    'lido-poolside-rail',
    'Rail box',
    '2026-05-16',
    { ...ticketWindow, seen: 'wall', sight: null },
    container(box(800), 'metal', { mount: 'rail', rimHeightMm: 1050, colour: '#42504f' }),
    brief({ scheme: 'pastel', school: 'two-rows', density: 'full now' }),
  ),
  planting(
    'lido-arcade-baskets',
    'Six baskets',
    '2026-05-18',
    arcade,
    container({ kind: 'basket', topMm: 350, depthMm: 190 }, 'coir', {
      mount: 'hook',
      rimHeightMm: 2300,
      liner: true,
      count: 6,
    }),
    brief({ scheme: 'warm', school: 'level-dome', density: 'full now' }),
  ),
  planting(
    'lido-terrace-barrow',
    'Old barrow',
    '2026-05-21',
    terrace,
    container(
      {
        kind: 'free',
        depthMm: 220,
        corners: [
          [-420, -170],
          [300, -260],
          [420, -150],
          [420, 150],
          [300, 260],
          [-420, 170],
        ],
      },
      'metal',
      { wheels: true },
    ),
    brief({ scheme: 'warm', school: 'off-centre' }),
  ),
  planting(
    'lido-terrace-tub',
    'Oval tub',
    '2026-05-21',
    terrace,
    container({ kind: 'oval', lengthMm: 600, widthMm: 400, baseShare: 0.85, depthMm: 300 }, 'timber', { liner: true }),
    brief({ scheme: 'opposites' }),
  ),
  planting(
    'lido-boiler-square',
    'Square planter',
    '2026-04-18',
    boilerHouse,
    container({ kind: 'square', topMm: 450, baseMm: 360, depthMm: 420 }, 'fibre'),
    brief({ scheme: 'all-leaf', school: 'tall-back', lasting: true }),
  ),
  planting(
    'lido-boiler-manger',
    'Wall basket',
    '2026-05-18',
    boilerHouse,
    container({ kind: 'wall-basket', widthMm: 500, projectionMm: 250, depthMm: 210 }, 'coir', {
      mount: 'wall',
      rimHeightMm: 1600,
      liner: true,
    }),
    brief({ scheme: 'pastel', school: 'level-dome' }),
  ),
  // Past its best since May: what lasts in it may stay.
  planting(
    'lido-boiler-bowl',
    'Spring bowl',
    '2026-03-14',
    boilerHouse,
    container({ kind: 'bowl', topMm: 380, depthMm: 180 }, 'terracotta'),
    brief({ scheme: 'opposites', school: 'level-dome', density: 'full now' }),
  ),
  // Due for its change-over tomorrow.
  planting(
    'lido-ticket-trough',
    'Early trough',
    '2026-03-14',
    { ...ticketWindow, seen: 'wall', sight: null },
    container(
      { kind: 'box', lengthMm: 700, widthMm: 200, baseLengthMm: 670, baseWidthMm: 175, depthMm: 190 },
      'terracotta',
    ),
    brief({ scheme: 'cool', school: 'tall-only', density: 'full now', changeOver: '2026-07-11' }),
  ),
  // Planned, and not planted yet.
  planting(
    'lido-entrance-autumn',
    'Autumn pot',
    '2026-09-19',
    entrance,
    container({ kind: 'round', topMm: 380, baseMm: 290, depthMm: 340 }, 'terracotta'),
    brief({ scheme: 'pink-purple', density: 'full now' }),
  ),
];
