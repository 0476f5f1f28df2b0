import { kin } from './record';

export const perennials = [
  ...kin(
    {
      id: 'gaura-white', common: 'Gaura', botanical: 'Oenothera lindheimeri', variety: 'white, compact', group: 'perennial', roles: ['thriller', 'filler'], habit: 'cloud',
      height: [350, 520], spread: [280, 400], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -12, night: -2 }, season: 'warm', bloom: '0000 2899 9830', leaf: ['fine', 40, 'ovate', 'matte'], flower: ['airy', 24, 0.4],
      colours: [['leaf', '#5c7c4e', 0.85], ['stem', '#8a4a4f', 0.15], ['flower', '#fbf3f3', 0.9], ['throat', '#efb2c0', 0.1]], starts: { p9: 3, l1: 6.5, l2: 9.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Butterflies on wire stems; moves in every breeze.',
    },
  ),
  ...kin(
    {
      id: 'heuchera-caramel', common: 'Heuchera', botanical: 'Heuchera hybrid', variety: 'caramel', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [1, 2, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -20 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 80, 'lobed', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#c4823f', 0.75], ['vein', '#a5544b', 0.25]], starts: { p9: 3.5, l1: 7, l2: 10 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Firm it back in if frost lifts the crown.',
    },
    { id: 'heuchera-plum', variety: 'plum, silvered', colours: [['leaf', '#5c3350', 0.6], ['edge', '#8d7a93', 0.25], ['vein', '#3c1e36', 0.15]] },
    { id: 'heuchera-lime', variety: 'lime', sun: [0.5, 1.5, 4, 6], scorch: 1, colours: [['leaf', '#c3d54a', 0.85], ['vein', '#93ab3a', 0.15]] },
  ),
  ...kin(
    {
      id: 'lavender', common: 'Lavender', botanical: 'Lavandula angustifolia', variety: 'compact', group: 'perennial', roles: ['filler', 'thriller'], habit: 'wand',
      height: [280, 430], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -20, night: -12 }, season: 'year-round', bloom: '0000 1898 4100', leaf: ['fine', 32, 'needle', 'felted'], flower: ['spike', 9, 0.32],
      colours: [['leaf', '#8ba08f', 0.9], ['stem', '#a3b29a', 0.1], ['flower', '#6f5bb0', 1]], starts: { p9: 2.8, l1: 5.8, l2: 9 },
      deadhead: 'helps', pinch: 'no', edible: 'flower', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Shear after flowering, never into old wood.',
    },
  ),
  ...kin(
    {
      id: 'creeping-jenny-gold', common: 'Creeping jenny', botanical: 'Lysimachia nummularia', variety: 'gold', group: 'perennial', roles: ['spiller'], habit: 'trail',
      height: [50, 90], spread: [260, 380], trail: [250, 480], vigour: 3, sun: [1, 2, 6, 8], scorch: 2.5, water: 'thirsty', feed: 'light',
      cold: { winter: -25, night: -8 }, season: 'year-round', bloom: '0000 0230 0000', leaf: ['fine', 22, 'round', 'glossy'], flower: ['round', 18, 0.06],
      colours: [['leaf', '#cdd53c', 1], ['flower', '#f2cf1e', 1]], starts: { pack6: 4.4, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Roots wherever it lands: keep it off open ground.',
    },
  ),
];
