import { kin } from './record';

export const shrubs = [
  ...kin(
    {
      id: 'fatsia', common: 'Fatsia', botanical: 'Fatsia japonica', variety: '', group: 'shrub', roles: ['thriller'], habit: 'cane',
      height: [500, 900], spread: [450, 700], trail: [0, 0], vigour: 2, sun: [0, 1, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -12, night: -8 }, season: 'year-round', bloom: '0000 0000 0262', leaf: ['bold', 250, 'palmate', 'glossy'], flower: ['ball', 40, 0.05],
      colours: [['leaf', '#3a6b3c', 0.9], ['vein', '#6b9562', 0.1], ['flower', '#eceadb', 1]], starts: { l1: 7, l2: 12, l3: 17.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'yes', spreads: true, note: 'Sap can irritate skin; wear gloves to prune.',
    },
  ),
  ...kin(
    {
      id: 'cypress-dwarf', common: 'Dwarf cypress', botanical: 'Chamaecyparis lawsoniana', variety: 'blue-grey cone', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [400, 800], spread: [200, 340], trail: [0, 0], vigour: 1, sun: [2, 3.5, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -20 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 38, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6c8a86', 0.85], ['edge', '#8ea9a2', 0.15]], starts: { l1: 7.5, l2: 13, l3: 19 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'A lasting centrepiece for the cold months.',
    },
  ),
  ...kin(
    {
      id: 'hebe-purple', common: 'Hebe', botanical: 'Veronica (Hebe) hybrid', variety: 'purple-tipped', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [260, 400], spread: [260, 360], trail: [0, 0], vigour: 2, sun: [3, 4, 10, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -9, night: -6 }, season: 'year-round', bloom: '0000 0367 6420', leaf: ['fine', 30, 'ovate', 'glossy'], flower: ['spike', 7, 0.18],
      colours: [['leaf', '#4c6b51', 0.75], ['edge', '#6e3f62', 0.25], ['flower', '#8b5fb8', 1]], starts: { p9: 3, l1: 6.5, l2: 10.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Tidy all winter; trim after flowering.',
    },
  ),
];
