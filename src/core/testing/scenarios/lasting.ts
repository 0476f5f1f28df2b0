import type { Scenario } from './scenario';

/** Plantings that stay the whole year and that an expert would sign. */
export const lasting: readonly Scenario[] = [
  {
    id: 'evergreen-shade-tub-50',
    told: 'Year-round shade tub: gold yew, hellebore, fern, silver heuchera, ivy',
    container: {
      shape: { kind: 'square', topMm: 500, baseMm: 400, depthMm: 460 },
      material: 'timber',
      colour: '#8a8273',
    },
    spot: {
      light: { kind: 'noted', hours: [8, 9], dappled: false },
      summer: 'cool',
      wind: 'sheltered',
      seen: 'wall',
      backdrop: '#9a8f82',
      coldestWinterC: -8,
    },
    brief: { scheme: 'all-leaf', school: 'tall-back', density: 'room to grow', lasting: true },
    startDate: '2026-05-10',
    plants: [
      'yew-column thriller l3: 0,-120',
      'hellebore-white filler l1: -140,-40',
      'fern-shield filler l1: 140,-40',
      'heuchera-silver filler l1: -65,110 65,110',
      'ivy-variegated spiller p9: -180,160 180,160',
    ],
  },
  {
    id: 'heath-pot-50',
    told: 'Year-round acid pot: pieris, gold heather, bronze leucothoe, checkerberry',
    container: {
      shape: { kind: 'round', topMm: 500, baseMm: 360, depthMm: 450 },
      material: 'glazed',
      colour: '#8d9aa0',
    },
    spot: {
      light: { kind: 'noted', hours: [8, 9, 10, 11, 12, 13], dappled: false },
      summer: 'cool',
      coldestWinterC: -8,
    },
    brief: { scheme: 'warm', school: 'tall-centre', density: 'room to grow', lasting: true },
    startDate: '2026-05-10',
    plants: [
      'pieris thriller l2: 0,0',
      'heather-gold-leaf filler p9: 0,194.1 -137.3,-137.3 137.3,-137.3',
      'leucothoe filler p9: -194.1,0 194.1,0',
      'gaultheria spiller p9: -137.3,137.3 0,-194.1 137.3,137.3',
    ],
  },
  {
    id: 'alpine-bowl-45',
    told: 'Year-round alpine bowl: blue fescue, houseleeks, thrift, thyme',
    container: { shape: { kind: 'bowl', topMm: 450, depthMm: 180 }, material: 'concrete', colour: '#cbc6ba' },
    spot: { light: { kind: 'noted', hours: [10, 11, 12, 13, 14, 15, 16], dappled: false }, coldestWinterC: -15 },
    brief: { scheme: 'pink-purple', school: 'off-centre', density: 'room to grow', lasting: true },
    startDate: '2026-05-10',
    plants: [
      'fescue-blue thriller l1: -64.8,-31.5',
      'houseleek-red filler p9: 33.5,-9.1 65.3,81.6 -20,85',
      'houseleek-green filler p9: 125,-20 50,-120 -107.3,63.2',
      'thrift filler p9: 148.4,63.4 -101.1,-125.8',
      'thyme-creeping spiller p9: 20,160 -161.4,-2.4',
    ],
  },
];
