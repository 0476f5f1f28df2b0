import { PLANTING_FORMAT, type Placement, type Planting } from '@/core/plantings/schema';

const at = (id: string, plant: string, role: Placement['role'], start: Placement['start'], xMm: number, yMm: number): Placement => ({ id, plant, role, start, xMm, yMm });

/** The Kelp Street Lido: a volunteer-run open-air pool that exists only here. Its entrance steps face south, hot and windy. */
export const lido: readonly Planting[] = [
  {
    format: PLANTING_FORMAT,
    version: 1,
    id: 'lido-entrance-left',
    name: 'Left-hand pot',
    spot: {
      name: 'Entrance steps',
      light: { kind: 'noted', hours: [9, 10, 11, 12, 13, 14, 15], dappled: false },
      summer: 'warm',
      wind: 'windy',
      seen: 'all-round',
      backdrop: '#d8d3c4',
      coldestWinterC: -9,
      lastFrost: '05-02',
      firstFrost: '10-24',
      children: false,
      cats: false,
      dogs: false,
    },
    container: { shape: { kind: 'round', topMm: 420, baseMm: 300, depthMm: 400 }, material: 'glazed', colour: '#1d5752', drains: true, count: 1 },
    brief: { scheme: 'dark-bright', from: null, school: 'tall-centre', density: 'room to grow', budget: 45, must: [], never: [] },
    startDate: '2026-05-14',
    placements: [
      at('p1', 'cordyline-wine', 'thriller', 'l1', 0, -22),
      at('p2', 'coleus-lime', 'filler', 'p9', -128, -4),
      at('p3', 'spurge-airy-white', 'filler', 'p10', 124, -46),
      at('p4', 'petunia-magenta', 'filler', 'p9', 30, 104),
      at('p5', 'calibrachoa-orange', 'spiller', 'p10', 120, 60),
      at('p6', 'salvia-blue', 'filler', 'p9', -62, -118),
      at('p7', 'liquorice-plant-silver', 'spiller', 'p9', -72, 112),
    ],
  },
];
