import { kin } from './record';

export const coolBedding = [
  ...kin(
    {
      id: 'snapdragon-yellow', common: 'Snapdragon', botanical: 'Antirrhinum majus', variety: 'clear yellow', group: 'cool bedding', roles: ['thriller', 'filler'], habit: 'wand',
      height: [320, 560], spread: [200, 300], trail: [0, 0], vigour: 2, sun: [4, 5, 9, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -8, night: -3 }, season: 'cool', bloom: '0014 8973 5862', leaf: ['fine', 45, 'ovate', 'matte'], flower: ['spike', 30, 0.42],
      colours: [['leaf', '#4f7a45', 1], ['flower', '#f6d02f', 0.8], ['throat', '#f3a21d', 0.2]], starts: { pack6: 4.2, p9: 2.2, l1: 5 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Best in spring and again in autumn; rests in heat.',
    },
  ),
  ...kin(
    {
      id: 'osteospermum-white', common: 'Cape daisy', botanical: 'Osteospermum ecklonis', variety: 'white, blue eye', group: 'cool bedding', roles: ['filler'], habit: 'bush',
      height: [250, 380], spread: [260, 360], trail: [0, 0], vigour: 2, sun: [5, 6, 11, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: -1 }, season: 'cool', bloom: '0027 9976 7751', leaf: ['fine', 50, 'ovate', 'matte'], flower: ['daisy', 60, 0.42],
      colours: [['leaf', '#557a4a', 1], ['flower', '#f6f4f0', 0.82], ['throat', '#3e4a86', 0.18]], starts: { p9: 2.6, p10: 3.4, l1: 6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Shuts its flowers on dull days and at night.',
    },
    { id: 'osteospermum-purple', variety: 'purple', colours: [['leaf', '#557a4a', 1], ['flower', '#8e3f94', 0.84], ['throat', '#2e2a5c', 0.16]] },
  ),
  ...kin(
    {
      id: 'viola-blue', common: 'Viola', botanical: 'Viola × williamsii', variety: 'sky blue, yellow eye', group: 'cool bedding', roles: ['filler', 'spiller'], habit: 'mound',
      height: [120, 190], spread: [180, 260], trail: [60, 140], vigour: 2, sun: [2, 3, 7, 9], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: -18, night: -8 }, season: 'cool', bloom: '2358 9620 1684', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['round', 30, 0.48],
      colours: [['leaf', '#4d7a44', 1], ['flower', '#6d7fd4', 0.85], ['throat', '#f4cf3b', 0.15]], starts: { pack6: 3.4, p9: 1.8 },
      deadhead: 'helps', pinch: 'helps', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Flowers in any mild spell from autumn to spring.',
    },
    { id: 'viola-yellow', variety: 'clear yellow', colours: [['leaf', '#4d7a44', 1], ['flower', '#f7d733', 0.92], ['throat', '#d98a14', 0.08]] },
    { id: 'viola-white', variety: 'white', colours: [['leaf', '#4d7a44', 1], ['flower', '#f6f5f2', 0.9], ['throat', '#e9cf5a', 0.1]] },
  ),
  ...kin(
    {
      id: 'nemesia-pink', common: 'Nemesia', botanical: 'Nemesia fruticans', variety: 'pink and white', group: 'cool bedding', roles: ['filler'], habit: 'cloud',
      height: [200, 320], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [3, 5, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: -1 }, season: 'cool', bloom: '0026 9974 5762', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['airy', 17, 0.45],
      colours: [['leaf', '#54794a', 1], ['flower', '#ec9bb8', 0.7], ['throat', '#fbf5ef', 0.3]], starts: { pack6: 4.6, p9: 2.3 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Scented; shear by half when it tires.',
    },
  ),
  ...kin(
    {
      id: 'primrose-cream', common: 'Primrose', botanical: 'Primula vulgaris', variety: 'cream', group: 'cool bedding', roles: ['filler'], habit: 'mound',
      height: [100, 160], spread: [160, 220], trail: [0, 0], vigour: 1, sun: [1, 2, 5, 7], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -20, night: -10 }, season: 'cool', bloom: '3799 5000 0013', leaf: ['medium', 85, 'ovate', 'matte'], flower: ['round', 32, 0.4],
      colours: [['leaf', '#5f8f4a', 1], ['flower', '#f5edb0', 0.88], ['throat', '#eab52c', 0.12]], starts: { pack6: 3.8, p9: 1.7 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Some skins react to the leaves: wear gloves.',
    },
  ),
];
