import type { Group, Opening, Stand } from '@/core/groups/schema';

const stand = (of: string, xMm: number, yMm: number, more: Partial<Stand> = {}): Stand => ({
  id: of,
  of,
  xMm,
  yMm,
  upMm: 0,
  turnDeg: 0,
  ...more,
});

const cabin = (xMm: number): Opening => ({ kind: 'door', xMm, widthMm: 760, heightMm: 1950, sillMm: 0 });

/** How the volunteers have set out the places that are seen most. */
export const lidoGroups: readonly Group[] = [
  {
    id: 'group-entrance-steps',
    place: 'Entrance steps',
    wall: '#d8d3c4',
    build: 'brick',
    ground: 'paving',
    // The hours there were noted by a volunteer; the wall faces south.
    sun: { facing: 180, latitude: 52 },
    gate: null,
    chair: null,
    openings: [
      { kind: 'door', xMm: 0, widthMm: 1400, heightMm: 2250, sillMm: 300 },
      { kind: 'window', xMm: -1900, widthMm: 900, heightMm: 1000, sillMm: 1150 },
      { kind: 'window', xMm: 1900, widthMm: 900, heightMm: 1000, sillMm: 1150 },
    ],
    ledges: [
      { id: 'top', xMm: 0, yMm: 0, widthMm: 2300, deepMm: 700, heightMm: 300 },
      { id: 'low', xMm: 0, yMm: 700, widthMm: 2300, deepMm: 360, heightMm: 150 },
    ],
    path: { xMm: 0, widthMm: 1200 },
    stands: [
      stand('lido-entrance-left', -1450, 560),
      stand('lido-entrance-right', 1450, 560),
      stand('lido-entrance-steps', -880, 330, { id: 'lido-entrance-steps-1', upMm: 300 }),
      stand('lido-entrance-steps', 880, 330, { id: 'lido-entrance-steps-2', upMm: 300 }),
      stand('lido-entrance-bowl', 2050, 760),
      stand('lido-entrance-autumn', -2100, 620),
    ],
  },
  {
    id: 'group-changing-cabin-arcade',
    place: 'Changing-room arcade',
    wall: '#e3dccb',
    build: 'boards',
    ground: 'deck',
    sun: null,
    gate: null,
    chair: null,
    openings: [-2000, -1000, 0, 1000, 2000].map(cabin),
    ledges: [],
    path: null,
    stands: [-2500, -1500, -500, 500, 1500, 2500].map((xMm, i) =>
      stand('lido-arcade-baskets', xMm, 310, { id: `lido-arcade-baskets-${i + 1}`, upMm: 2110 }),
    ),
  },
];
