import { kin } from './record';

export const winterPlants = [
  ...kin(
    {
      id: 'cyclamen-hardy-pink', common: 'Hardy cyclamen', botanical: 'Cyclamen coum', variety: 'pink', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [80, 120], spread: [120, 180], trail: [0, 0], vigour: 1, sun: [0, 1, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -12 }, season: 'cool', bloom: '8960 0000 0025', leaf: ['medium', 45, 'heart', 'matte'], flower: ['round', 20, 0.3],
      colours: [['leaf', '#3f6a44', 0.65], ['vein', '#a8b8a4', 0.35], ['flower', '#c83a80', 1]], starts: { p9: 3 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'In flower through frost and snow; the leaves go in summer.', poisonPart: 'tuber', facts: { worlds: ['winter', 'woodland', 'alpine'], top: [10, 5], ease: 'common' },
    },
    { id: 'cyclamen-hardy-white', variety: 'white', colours: [['leaf', '#3f6a44', 0.65], ['vein', '#a8b8a4', 0.35], ['flower', '#f7f4f4', 0.9], ['throat', '#c0508a', 0.1]] },
  ),
  ...kin(
    {
      id: 'prickly-heath-pink', common: 'Prickly heath', botanical: 'Gaultheria mucronata', variety: 'pink berries', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [250, 400], spread: [220, 340], trail: [0, 0], vigour: 1, sun: [2, 3, 8, 10], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -8 }, season: 'year-round', bloom: '0000 4500 0000', leaf: ['fine', 14, 'ovate', 'glossy'], flower: ['bell', 6, 0.1],
      colours: [['leaf', '#3a5f3a', 1], ['flower', '#f4f0ee', 1]], starts: { p9: 3.2, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Berries all winter; acid mix.', poisonPart: 'leaves', facts: { display: { what: 'berries', hex: '#e58aa8', sizeMm: 9, show: 0.3, months: [1, 1, 0.7, 0.2, 0, 0, 0, 0, 0.5, 1, 1, 1] }, pace: 'slow', worlds: ['winter'] },
    },
    { id: 'prickly-heath-white', variety: 'white berries', facts: { display: { what: 'berries', hex: '#f4efec', sizeMm: 9, show: 0.3, months: [1, 1, 0.7, 0.2, 0, 0, 0, 0, 0.5, 1, 1, 1] }, pace: 'slow', worlds: ['winter'] } },
  ),
  ...kin(
    {
      id: 'viburnum-winter', common: 'Laurustinus', botanical: 'Viburnum tinus', variety: 'white', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [500, 850], spread: [450, 700], trail: [0, 0], vigour: 2, sun: [1, 3, 9, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -15, night: -8 }, season: 'year-round', bloom: '6998 3000 0013', leaf: ['medium', 65, 'ovate', 'glossy'], flower: ['ball', 60, 0.3],
      colours: [['leaf', '#35603a', 1], ['flower', '#f6f0ee', 0.7], ['throat', '#d98aa0', 0.3]], starts: { l2: 11, l3: 16 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Pink buds from autumn, white flowers till spring.', poisonPart: 'berries', facts: { worlds: ['shrub', 'winter', 'woodland'], ease: 'common', display: { what: 'berries', hex: '#3a4670', sizeMm: 7, show: 0.06, months: [0.3, 0.2, 0, 0, 0, 0.3, 0.6, 0.6, 0.5, 0.4, 0.4, 0.3] } },
    },
  ),
  ...kin(
    {
      id: 'sarcococca', common: 'Sweet box', botanical: 'Sarcococca hookeriana', variety: 'white', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [300, 550], spread: [300, 450], trail: [0, 0], vigour: 1, sun: [0, 1, 5, 8], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -10 }, season: 'year-round', bloom: '9830 0000 0005', leaf: ['medium', 60, 'strap', 'glossy'], flower: ['airy', 12, 0.12],
      colours: [['leaf', '#2f5f34', 1], ['flower', '#f6efe8', 1]], starts: { l1: 7, l2: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Small, and the scent fills a porch in January.', poisonPart: 'berries', facts: { worlds: ['winter', 'woodland', 'shrub'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'mahonia', common: 'Mahonia', botanical: 'Mahonia eurybracteata', variety: 'soft-leaved', group: 'shrub', roles: ['thriller'], habit: 'cane',
      height: [500, 850], spread: [450, 650], trail: [0, 0], vigour: 1, sun: [1, 2, 7, 9], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -8 }, season: 'year-round', bloom: '2000 0000 5997', leaf: ['bold', 320, 'feather', 'matte'], flower: ['spike', 10, 0.15],
      colours: [['leaf', '#4f7a58', 1], ['flower', '#f2ca2e', 1]], starts: { l2: 16, l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Ferny, and in flower when nothing else is.', poisonPart: 'berries and roots', facts: { worlds: ['winter', 'woodland', 'shrub'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'aucuba', common: 'Spotted laurel', botanical: 'Aucuba japonica', variety: 'gold', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [450, 800], spread: [400, 650], trail: [0, 0], vigour: 2, sun: [0, 0.5, 5, 8], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -8 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 130, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f7038', 0.65], ['vein', '#d9cf58', 0.35]], starts: { l1: 7, l2: 12, l3: 18 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Lights up the darkest corner all year.', poisonPart: 'berries', facts: { worlds: ['winter', 'woodland', 'shrub'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'holly-box', common: 'Box-leaved holly', botanical: 'Ilex crenata', variety: 'clipped ball', group: 'shrub', roles: ['thriller', 'filler'], habit: 'mound',
      height: [250, 450], spread: [250, 450], trail: [0, 0], vigour: 1, sun: [2, 3, 9, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -10 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 15, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#2f5a30', 1]], starts: { l1: 9, l2: 15, l3: 22 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'What box was, without the moth; clip in June.', poisonPart: 'berries', facts: { worlds: ['shrub', 'winter', 'bedding'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'pine-dwarf', common: 'Dwarf mountain pine', botanical: 'Pinus mugo', variety: 'dwarf', group: 'shrub', roles: ['thriller', 'filler'], habit: 'mound',
      height: [250, 420], spread: [250, 420], trail: [0, 0], vigour: 1, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -35, night: -15 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 35, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f6a40', 0.95], ['stem', '#8a7050', 0.05]], starts: { l1: 9, l2: 15 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Hardly grows in a pot; wants sun and drainage.', facts: { worlds: ['alpine', 'winter', 'shrub'], ease: 'common', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'bergenia-pink', common: 'Bergenia', botanical: 'Bergenia hybrid', variety: 'pink, red in winter', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [250, 380], spread: [300, 420], trail: [0, 0], vigour: 2, sun: [1, 2, 8, 11], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -15 }, season: 'year-round', bloom: '0169 1000 0000', leaf: ['bold', 160, 'round', 'glossy'], flower: ['bell', 18, 0.2],
      colours: [['leaf', '#5a5f3c', 0.7], ['edge', '#8a3038', 0.3], ['flower', '#dd6a98', 1]], starts: { p9: 3.2, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Leather leaves that colour with frost; pink in April.', facts: { worlds: ['winter', 'woodland', 'meadow'], ease: 'common' },
    },
    { id: 'bergenia-white', variety: 'white', colours: [['leaf', '#4f7a3f', 1], ['flower', '#f7f2f0', 1]], note: 'Leather leaves that colour with frost; white in April.' },
  ),
  ...kin(
    {
      id: 'abelia', common: 'Abelia', botanical: 'Abelia × grandiflora', variety: 'gold-edged', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [450, 800], spread: [400, 600], trail: [0, 0], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -12, night: -4 }, season: 'year-round', bloom: '0000 0038 7300', leaf: ['medium', 30, 'ovate', 'glossy'], flower: ['trumpet', 16, 0.22],
      colours: [['leaf', '#5f8a3f', 0.55], ['edge', '#dfcf5a', 0.45], ['flower', '#f4e6ea', 1]], starts: { l1: 7, l2: 12 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Bronze shoots, late flowers, and leaf nearly all winter.', facts: { worlds: ['shrub', 'meadow', 'bedding'], ease: 'common', rhythm: 'dries slightly' },
    },
  ),
];
