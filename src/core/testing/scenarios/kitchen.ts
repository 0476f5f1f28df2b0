import type { Scenario } from './scenario';

/** Plantings to eat from that an expert would sign. */
export const kitchenScenarios: readonly Scenario[] = [
  {
    id: 'herb-pot-40',
    told: 'Cook’s herb pot: rosemary, purple sage, gold oregano, lemon thyme',
    container: {
      shape: { kind: 'round', topMm: 400, baseMm: 290, depthMm: 360 },
      material: 'terracotta',
      colour: '#b5654a',
    },
    spot: {
      light: { kind: 'noted', hours: [9, 10, 11, 12, 13, 14, 15, 16], dappled: false },
      eaten: true,
      children: true,
    },
    brief: { scheme: 'all-leaf', school: 'tall-centre', density: 'room to grow' },
    startDate: '2026-05-12',
    plants: [
      'rosemary-upright thriller l2: 0,0',
      'sage-purple filler p9: -112.7,89.9 112.7,89.9',
      'oregano-gold filler p9: -140.6,-32.1 140.6,-32.1',
      'thyme-lemon spiller p9: 0,144.2 -62.6,-129.9 62.6,-129.9',
    ],
  },
  {
    id: 'salad-box-80',
    told: 'Salad box: gold chard, red lettuce, chives, violas to eat',
    container: {
      shape: { kind: 'box', lengthMm: 800, widthMm: 200, baseLengthMm: 770, baseWidthMm: 170, depthMm: 190 },
      material: 'timber',
      colour: '#6b5a45',
      mount: 'sill',
      rimHeightMm: 900,
    },
    spot: {
      light: { kind: 'noted', hours: [8, 9, 10, 11, 12], dappled: false },
      summer: 'cool',
      seen: 'wall',
      backdrop: '#d9d4c6',
      eaten: true,
      children: true,
    },
    brief: { scheme: 'warm', school: 'two-rows', density: 'full now' },
    startDate: '2026-05-06',
    plants: [
      'chard-gold thriller p9: -277.6,-47.1 0,-47.1 277.6,-47.1',
      'chives filler p9: -138.8,-47.1 138.8,-47.1',
      'viola-yellow filler p9: -347.1,47.1 -115.7,47.1 115.7,47.1 347.1,47.1',
      'lettuce-red filler p9: -231.4,47.1 0,47.1 231.4,47.1',
    ],
  },
  {
    id: 'tomato-basil-tub-50',
    told: 'Clipped bay with trailing tomatoes and two basils',
    container: {
      shape: { kind: 'round', topMm: 500, baseMm: 360, depthMm: 450 },
      material: 'fibre',
      colour: '#8d8f86',
    },
    spot: {
      light: { kind: 'noted', hours: [9, 10, 11, 12, 13, 14, 15, 16], dappled: false },
      wind: 'sheltered',
      eaten: true,
    },
    brief: { scheme: 'warm', school: 'tall-centre', density: 'full now' },
    startDate: '2026-05-30',
    plants: [
      'bay thriller l3: 0,0',
      'tomato-trailing spiller p9: 0,194.1 -168.1,-97.1 168.1,-97.1',
      'basil-purple filler p9: -124.8,148.7 -66.4,-182.4 191.2,33.7',
      'basil-green filler p9: -191.2,33.7 66.4,-182.4 124.8,148.7',
    ],
  },
];
