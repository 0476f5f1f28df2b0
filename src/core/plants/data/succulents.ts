import { kin } from './record';

export const succulents = [
  ...kin(
    {
      id: 'agave-blue', common: 'Agave', botanical: 'Agave parryi', variety: 'blue-grey', group: 'succulent', roles: ['thriller'], habit: 'rosette',
      height: [260, 420], spread: [300, 450], trail: [0, 0], vigour: 1, sun: [5, 7, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -12, night: -4 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 220, 'rosette', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#8fa6a3', 0.9], ['edge', '#4b3a35', 0.1]], starts: { p10: 7, l1: 11, l2: 18 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Hard spines at eye height for a child: site with care.',
    },
  ),
  ...kin(
    {
      id: 'aloe-tall', common: 'Aloe', botanical: 'Aloe arborescens', variety: 'torch', group: 'succulent', roles: ['thriller'], habit: 'rosette',
      height: [300, 520], spread: [280, 420], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -2, night: 4 }, season: 'year-round', bloom: '3000 0000 0025', leaf: ['bold', 260, 'rosette', 'waxy'], flower: ['plume', 120, 0.04],
      colours: [['leaf', '#6d8f73', 0.95], ['edge', '#b7c9a4', 0.05], ['flower', '#e2522b', 1]], starts: { p10: 6, l1: 9.5, l2: 15 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Let the mix dry right down between waterings.',
    },
  ),
  ...kin(
    {
      id: 'echeveria-grey-pink', common: 'Echeveria', botanical: 'Echeveria hybrid', variety: 'grey-pink rosette', group: 'succulent', roles: ['filler'], habit: 'rosette',
      height: [70, 120], spread: [130, 200], trail: [0, 0], vigour: 1, sun: [4, 5, 11, 13], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0343 0000', leaf: ['medium', 55, 'rosette', 'waxy'], flower: ['bell', 12, 0.04],
      colours: [['leaf', '#a9b3b3', 0.8], ['edge', '#c78f9a', 0.2], ['flower', '#e8846f', 1]], starts: { p9: 3.2, p10: 4.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Let it dry right out; keep water off the rosette.',
    },
  ),
  ...kin(
    {
      id: 'stonecrop-upright', common: 'Stonecrop', botanical: 'Hylotelephium spectabile', variety: 'dusky pink', group: 'succulent', roles: ['filler'], habit: 'bush',
      height: [220, 360], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -25, night: -5 }, season: 'warm', bloom: '0000 0003 9951', leaf: ['medium', 45, 'round', 'waxy'], flower: ['ball', 70, 0.4],
      colours: [['leaf', '#8aa58a', 1], ['flower', '#cf6f8e', 1]], starts: { p9: 2.8, l1: 5.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Late flower for bees; leave the heads for winter.',
    },
  ),
  ...kin(
    {
      id: 'cactus-golden', common: 'Golden barrel cactus', botanical: 'Kroenleinia grusonii', variety: 'young', group: 'succulent', roles: ['filler'], habit: 'rosette',
      height: [90, 160], spread: [90, 160], trail: [0, 0], vigour: 1, sun: [5, 7, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 25, 'needle', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f8a55', 0.6], ['edge', '#e4cf6e', 0.4]], starts: { p9: 5, p10: 7.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'none', 'none'], sap: 'no', spreads: false, note: 'Spines: handle with folded paper.',
    },
  ),
  ...kin(
    {
      id: 'stonecrop-trailing-gold', common: 'Trailing stonecrop', botanical: 'Sedum rupestre', variety: 'gold', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [60, 110], spread: [220, 320], trail: [100, 220], vigour: 2, sun: [4, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -26, night: -18 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 14, 'needle', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#c7cf4d', 0.85], ['edge', '#dd9a4c', 0.15]], starts: { pack6: 4.6, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Any broken piece roots.',
    },
  ),
  ...kin(
    {
      id: 'string-of-pearls', common: 'String of pearls', botanical: 'Curio rowleyanus', variety: '', group: 'succulent', roles: ['spiller'], habit: 'trail',
      height: [30, 60], spread: [180, 260], trail: [250, 550], vigour: 2, sun: [2, 3, 7, 9], scorch: 3, water: 'dry', feed: 'light',
      cold: { winter: 3, night: 7 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 9, 'round', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#7fae6c', 1]], starts: { p9: 4.5, p10: 6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Poisonous if eaten; hang it out of reach.',
    },
  ),
  ...kin(
    {
      id: 'portulaca-pink', common: 'Moss rose', botanical: 'Portulaca grandiflora', variety: 'hot pink', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [90, 150], spread: [220, 320], trail: [90, 180], vigour: 2, sun: [6, 7, 14, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 0699 9720', leaf: ['fine', 18, 'needle', 'waxy'], flower: ['round', 34, 0.4],
      colours: [['leaf', '#6a9456', 1], ['flower', '#e62c7e', 0.9], ['throat', '#f5d64c', 0.1]], starts: { pack6: 4, p9: 2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Opens only in sun; bone dry suits it.',
    },
  ),
];
