import { kin } from './record';

export const edibles = [
  ...kin(
    {
      id: 'rosemary-upright', common: 'Rosemary', botanical: 'Salvia rosmarinus', variety: 'upright', group: 'herb', roles: ['thriller', 'filler'], habit: 'bush',
      height: [350, 600], spread: [250, 380], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -9, night: -6 }, season: 'year-round', bloom: '0259 8300 0120', leaf: ['fine', 24, 'needle', 'matte'], flower: ['airy', 12, 0.15],
      colours: [['leaf', '#5d7663', 0.85], ['edge', '#9fb09c', 0.15], ['flower', '#8a9bd6', 1]], starts: { p9: 2.6, l1: 5.5, l2: 9.5 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut little and often for the kitchen.',
    },
  ),
  ...kin(
    {
      id: 'nasturtium-trailing', common: 'Nasturtium', botanical: 'Tropaeolum majus', variety: 'trailing, mixed orange', group: 'herb', roles: ['spiller'], habit: 'trail',
      height: [160, 240], spread: [320, 480], trail: [300, 600], vigour: 4, sun: [3, 5, 10, 13], scorch: 5, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 3 }, season: 'warm', bloom: '0000 1789 8730', leaf: ['medium', 55, 'round', 'matte'], flower: ['trumpet', 50, 0.25],
      colours: [['leaf', '#6c9a58', 0.9], ['vein', '#a9c48c', 0.1], ['flower', '#f4761c', 0.75], ['throat', '#c2331a', 0.25]], starts: { pack6: 3.2, p9: 1.8 },
      deadhead: 'helps', pinch: 'no', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Lean feeding gives more flower; watch for blackfly.',
    },
  ),
  ...kin(
    {
      id: 'thyme-creeping', common: 'Creeping thyme', botanical: 'Thymus serpyllum', variety: 'lilac', group: 'herb', roles: ['spiller'], habit: 'cascade',
      height: [40, 80], spread: [200, 300], trail: [80, 180], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -15 }, season: 'year-round', bloom: '0000 1872 0000', leaf: ['fine', 7, 'ovate', 'matte'], flower: ['airy', 6, 0.4],
      colours: [['leaf', '#5f7d52', 1], ['flower', '#b98ccb', 1]], starts: { p9: 2.2, l1: 4.8 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Clip after flowering to keep it dense.',
    },
  ),
];
