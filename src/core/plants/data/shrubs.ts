import { kin } from './record';

export const shrubs = [
  ...kin(
    {
      id: 'fatsia', common: 'Fatsia', botanical: 'Fatsia japonica', variety: '', group: 'shrub', roles: ['thriller'], habit: 'cane',
      height: [500, 900], spread: [450, 700], trail: [0, 0], vigour: 2, sun: [0, 1, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -12, night: -8 }, season: 'year-round', bloom: '0000 0000 0262', leaf: ['bold', 250, 'palmate', 'glossy'], flower: ['ball', 40, 0.05],
      colours: [['leaf', '#3a6b3c', 0.9], ['vein', '#6b9562', 0.1], ['flower', '#eceadb', 1]], starts: { l1: 7, l2: 12, l3: 17.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'none', 'none'], sap: 'yes', spreads: true, note: 'Sap can irritate skin; wear gloves to prune.',
    },
  ),
  ...kin(
    {
      id: 'cypress-dwarf', common: 'Dwarf cypress', botanical: 'Chamaecyparis lawsoniana', variety: 'blue-grey cone', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [400, 800], spread: [200, 340], trail: [0, 0], vigour: 1, sun: [2, 3.5, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -20 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 38, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6c8a86', 0.85], ['edge', '#8ea9a2', 0.15]], starts: { l1: 7.5, l2: 13, l3: 19 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'unknown', 'unknown'], sap: 'yes', spreads: false, note: 'A lasting centrepiece for the cold months.',
    },
    { id: 'cypress-gold', variety: 'gold cone', colours: [['leaf', '#b9bf4a', 0.8], ['edge', '#dfd772', 0.2]] },
  ),
  ...kin(
    {
      id: 'hebe-purple', common: 'Hebe', botanical: 'Hebe hybrid', variety: 'purple-tipped', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [260, 400], spread: [260, 360], trail: [0, 0], vigour: 2, sun: [3, 4, 10, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -9, night: -6 }, season: 'year-round', bloom: '0000 0367 6420', leaf: ['fine', 30, 'ovate', 'glossy'], flower: ['spike', 7, 0.18],
      colours: [['leaf', '#4c6b51', 0.75], ['edge', '#6e3f62', 0.25], ['flower', '#8b5fb8', 1]], starts: { p9: 3, l1: 6.5, l2: 10.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Tidy all winter; trim after flowering.',
    },
    { id: 'hebe-variegated', variety: 'cream edged, violet', colours: [['leaf', '#7f9a78', 0.55], ['edge', '#eeead2', 0.45], ['flower', '#8a6ab8', 1]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'box-ball', common: 'Box', botanical: 'Buxus sempervirens', variety: 'clipped ball', group: 'shrub', roles: ['thriller', 'filler'], habit: 'mound',
      height: [280, 450], spread: [250, 400], trail: [0, 0], vigour: 1, sun: [1, 2, 10, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -20 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 18, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f6f38', 0.9], ['edge', '#6f9a52', 0.1]], starts: { l1: 8, l2: 13, l3: 20 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Clip in June; look for webs of the box caterpillar.',
    },
  ),
  ...kin(
    {
      id: 'yew-column', common: 'Yew', botanical: 'Taxus baccata', variety: 'upright, gold', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [450, 800], spread: [160, 260], trail: [0, 0], vigour: 1, sun: [1, 2, 10, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -20 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 26, 'needle', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f8a34', 0.7], ['edge', '#d3c552', 0.3]], starts: { l2: 14, l3: 21 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['deadly', 'deadly', 'deadly'], sap: 'unknown', spreads: false, note: 'Deadly if eaten, especially the seeds: never where a child or animal can reach.', poisonPart: 'leaves and seeds',
    },
  ),
  ...kin(
    {
      id: 'spruce-dwarf', common: 'Dwarf spruce', botanical: 'Picea glauca', variety: 'dense cone', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [400, 750], spread: [250, 380], trail: [0, 0], vigour: 1, sun: [3, 4, 11, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -36, night: -28 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 18, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f8f4f', 0.9], ['edge', '#9fbf72', 0.1]], starts: { l1: 7.5, l2: 12.5, l3: 18 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A small fir for winter; do not let the wind dry it.',
    },
  ),
  ...kin(
    {
      id: 'juniper-column', common: 'Juniper', botanical: 'Juniperus communis', variety: 'pencil, blue-green', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [400, 700], spread: [130, 220], trail: [0, 0], vigour: 1, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -36, night: -28 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 16, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f918a', 1]], starts: { l1: 8, l2: 13 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'An exclamation mark; prickles when handled.',
    },
  ),
  ...kin(
    {
      id: 'juniper-trailing', common: 'Creeping juniper', botanical: 'Juniperus horizontalis', variety: 'blue', group: 'shrub', roles: ['spiller'], habit: 'cascade',
      height: [90, 160], spread: [300, 420], trail: [120, 260], vigour: 1, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -38, night: -28 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 22, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#7f9fa3', 0.85], ['edge', '#9a8fa3', 0.15]], starts: { p9: 3.6, l1: 7, l2: 11.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Evergreen over the rim, plum-tinted in frost.',
    },
  ),
  ...kin(
    {
      id: 'thuja-gold', common: 'Dwarf thuja', botanical: 'Thuja occidentalis', variety: 'gold ball', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [280, 480], spread: [250, 380], trail: [0, 0], vigour: 1, sun: [4, 5, 11, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -36, night: -26 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 30, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#b5b846', 0.75], ['edge', '#d99a3f', 0.25]], starts: { l1: 7.5, l2: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Gold in summer, copper in the cold.',
    },
  ),
  ...kin(
    {
      id: 'heather-bud-pink', common: 'Bud heather', botanical: 'Calluna vulgaris', variety: 'pink', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [180, 280], spread: [180, 260], trail: [0, 0], vigour: 1, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -26, night: -18 }, season: 'year-round', bloom: '4310 0004 9997', leaf: ['fine', 10, 'needle', 'matte'], flower: ['spike', 6, 0.42],
      colours: [['leaf', '#5f8a45', 1], ['flower', '#d97aa5', 1]], starts: { p9: 2.4, p10: 3 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Buds that never open, so they never fade. Rainwater, not tap.', facts: { bees: 'none' },
    },
    { id: 'heather-bud-white', variety: 'white', colours: [['leaf', '#5f8a45', 1], ['flower', '#f6f4ef', 1]] },
    { id: 'heather-gold-leaf', variety: 'gold leaf', colours: [['leaf', '#d6b53a', 0.7], ['edge', '#e0803a', 0.3], ['flower', '#c99ab5', 1]], common: 'Heather', bloom: '0000 0006 9400', note: 'Gold leaf that turns orange in the cold; lilac bells in August. Rainwater, not tap.', facts: { bees: 'good' } },
  ),
  ...kin(
    {
      id: 'heather-winter', common: 'Winter heath', botanical: 'Erica carnea', variety: 'rose', group: 'shrub', roles: ['filler'], habit: 'mound',
      height: [130, 220], spread: [240, 340], trail: [0, 60], vigour: 1, sun: [3, 4, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -20 }, season: 'year-round', bloom: '9997 2000 0027', leaf: ['fine', 8, 'needle', 'matte'], flower: ['spike', 6, 0.45],
      colours: [['leaf', '#4f8045', 1], ['flower', '#d25f92', 1]], starts: { p9: 2.6, l1: 5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Flowers through snow; clip it when they fade.',
    },
    { id: 'heather-winter-white', variety: 'white', colours: [['leaf', '#5a8a4c', 1], ['flower', '#f7f5f0', 1]] },
  ),
  ...kin(
    {
      id: 'gaultheria', common: 'Checkerberry', botanical: 'Gaultheria procumbens', variety: 'red berries', group: 'shrub', roles: ['filler'], habit: 'mound',
      height: [100, 180], spread: [200, 300], trail: [0, 60], vigour: 1, sun: [1, 2, 7, 9], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -32, night: -22 }, season: 'year-round', bloom: '0000 0079 0000', leaf: ['fine', 28, 'round', 'glossy'], flower: ['bell', 7, 0.08],
      colours: [['leaf', '#2f5f35', 0.75], ['edge', '#7a2f34', 0.25], ['flower', '#f6f0ec', 1]], starts: { p9: 3, p10: 4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Glossy and red-berried all winter; rainwater, lime-free mix.', poisonPart: 'berries and leaves', facts: { display: { what: 'berries', hex: '#d0202c', sizeMm: 10, show: 0.12, months: [1, 1, 0.8, 0.3, 0, 0, 0, 0, 0.2, 0.8, 1, 1] } },
    },
  ),
  ...kin(
    {
      id: 'skimmia', common: 'Skimmia', botanical: 'Skimmia japonica', variety: 'red bud', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [280, 480], spread: [280, 400], trail: [0, 0], vigour: 1, sun: [1, 2, 6, 8], scorch: 2.5, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -12 }, season: 'year-round', bloom: '7763 1000 0567', leaf: ['medium', 85, 'ovate', 'glossy'], flower: ['ball', 60, 0.25],
      colours: [['leaf', '#3a6a3a', 1], ['flower', '#a3283a', 1]], starts: { l1: 7.5, l2: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Red bud all winter, scent in spring.', poisonPart: 'berries',
    },
  ),
  ...kin(
    {
      id: 'pieris', common: 'Pieris', botanical: 'Pieris japonica', variety: 'red shoots', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [400, 650], spread: [350, 480], trail: [0, 0], vigour: 1, sun: [1.5, 3, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -16 }, season: 'year-round', bloom: '0057 6200 0000', leaf: ['medium', 60, 'strap', 'glossy'], flower: ['bell', 8, 0.15],
      colours: [['leaf', '#3f6f3a', 0.65], ['edge', '#c23a34', 0.35], ['flower', '#f6f2ea', 1]], starts: { l1: 8, l2: 13 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'deadly', 'deadly'], sap: 'no', spreads: false, note: 'Lime-free mix and rainwater. Every part is poisonous.',
    },
  ),
  ...kin(
    {
      id: 'leucothoe', common: 'Leucothoe', botanical: 'Leucothoe axillaris', variety: 'bronze', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [250, 420], spread: [280, 400], trail: [0, 100], vigour: 1, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -16 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 65, 'strap', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4a5f34', 0.5], ['edge', '#8a2f38', 0.5]], starts: { p9: 3.4, l1: 6.5, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'deadly', 'deadly'], sap: 'no', spreads: false, note: 'Wine in winter; lime-free mix. Poisonous if eaten.',
    },
  ),
  ...kin(
    {
      id: 'nandina', common: 'Heavenly bamboo', botanical: 'Nandina domestica', variety: 'red flushed', group: 'shrub', roles: ['thriller'], habit: 'cane',
      height: [400, 700], spread: [280, 400], trail: [0, 0], vigour: 1, sun: [3, 4, 11, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 50, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f8f48', 0.55], ['edge', '#c2423a', 0.45]], starts: { l1: 8, l2: 13 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: true, note: 'Airy, and reddest in frost. Berries poison birds and pets.', poisonPart: 'berries and leaves', facts: { display: { what: 'berries', hex: '#c8262a', sizeMm: 8, show: 0.12, months: [1, 0.8, 0.4, 0, 0, 0, 0, 0, 0, 0.5, 0.9, 1] } },
    },
  ),
  ...kin(
    {
      id: 'euonymus-column', common: 'Japanese spindle', botanical: 'Euonymus japonicus', variety: 'gold edged, upright', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [350, 600], spread: [220, 320], trail: [0, 0], vigour: 1, sun: [2, 3, 11, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -12, night: -9 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 38, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f7a3f', 0.6], ['edge', '#e6d64a', 0.4]], starts: { p10: 4, l1: 7, l2: 11.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Stands salt wind; cut out shoots that turn plain.', poisonPart: 'berries',
    },
  ),
  ...kin(
    {
      id: 'hydrangea-blue', common: 'Hydrangea', botanical: 'Hydrangea macrophylla', variety: 'blue', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [450, 750], spread: [450, 600], trail: [0, 0], vigour: 3, sun: [1.5, 3, 6, 8], scorch: 2.5, water: 'thirsty', feed: 'medium',
      cold: { winter: -20, night: -6 }, season: 'hardy', bloom: '0000 0589 8500', leaf: ['bold', 130, 'ovate', 'glossy'], flower: ['ball', 140, 0.35],
      colours: [['leaf', '#4f8043', 1], ['flower', '#7a93dc', 1]], starts: { l2: 13, l3: 19 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Blue in acid mix, pink in lime; drinks every day.', poisonPart: 'buds and leaves',
    },
    { id: 'hydrangea-pink', variety: 'pink', colours: [['leaf', '#4f8043', 1], ['flower', '#e893b5', 1]] },
    { id: 'hydrangea-white', variety: 'white', colours: [['leaf', '#558747', 1], ['flower', '#f6f5ee', 1]], note: 'White whatever the mix; drinks hard in sun.' },
  ),
  ...kin(
    {
      id: 'choisya-gold', common: 'Mexican orange', botanical: 'Choisya ternata', variety: 'gold', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [350, 600], spread: [320, 450], trail: [0, 0], vigour: 2, sun: [2, 3, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -12, night: -8 }, season: 'year-round', bloom: '0001 7400 2000', leaf: ['medium', 65, 'palmate', 'glossy'], flower: ['airy', 26, 0.12],
      colours: [['leaf', '#cfcb45', 0.85], ['edge', '#8fae45', 0.15], ['flower', '#f8f7ef', 1]], starts: { l1: 7.5, l2: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Gold leaf, white scented stars; scorches in hot sun.',
    },
  ),
  ...kin(
    {
      id: 'pittosporum', common: 'Pittosporum', botanical: 'Pittosporum tenuifolium', variety: 'silver edged', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [450, 750], spread: [280, 400], trail: [0, 0], vigour: 1, sun: [3, 4, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -8, night: -5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 34, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#8fa88f', 0.6], ['edge', '#eceee0', 0.35], ['stem', '#2f2527', 0.05]], starts: { l1: 8, l2: 13, l3: 19 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Wavy silver leaf on black twigs; florists cut it.',
    },
  ),
  ...kin(
    {
      id: 'olive', common: 'Olive', botanical: 'Olea europaea', variety: 'small standard', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [500, 900], spread: [300, 450], trail: [0, 0], vigour: 1, sun: [6, 7, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -9, night: -5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 45, 'strap', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#93a58c', 0.8], ['edge', '#c3ccbc', 0.2]], starts: { l2: 15, l3: 22 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Silver shade for hot steps; keep its roots from hard frost.',
    },
  ),
  ...kin(
    {
      id: 'bay', common: 'Bay', botanical: 'Laurus nobilis', variety: 'clipped', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [450, 800], spread: [280, 400], trail: [0, 0], vigour: 1, sun: [3, 4, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -9, night: -6 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 75, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f6a38', 1]], starts: { l1: 8, l2: 14, l3: 20 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Cook with a leaf, and take it out again; fleece it in hard frost.',
    },
  ),
  ...kin(
    {
      id: 'camellia', common: 'Camellia', botanical: 'Camellia japonica', variety: 'pink, compact', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [500, 800], spread: [380, 500], trail: [0, 0], vigour: 1, sun: [1, 2, 5, 7], scorch: 2.5, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -8 }, season: 'year-round', bloom: '2687 2000 0001', leaf: ['medium', 85, 'ovate', 'glossy'], flower: ['ball', 85, 0.18],
      colours: [['leaf', '#2c5a30', 1], ['flower', '#e58aa5', 1]], starts: { l2: 14, l3: 21 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Lime-free mix; keep morning sun off frosted buds.',
    },
  ),
  ...kin(
    {
      id: 'azalea-pink', common: 'Azalea', botanical: 'Rhododendron hybrid', variety: 'pink, dwarf evergreen', group: 'shrub', roles: ['filler'], habit: 'mound',
      height: [280, 450], spread: [320, 450], trail: [0, 0], vigour: 1, sun: [1.5, 2.5, 6, 8], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -10 }, season: 'year-round', bloom: '0007 9200 0000', leaf: ['fine', 32, 'ovate', 'matte'], flower: ['trumpet', 45, 0.6],
      colours: [['leaf', '#4a7a3c', 1], ['flower', '#e8649a', 0.9], ['throat', '#a32a5f', 0.1]], starts: { l1: 8, l2: 12.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'deadly', 'deadly'], sap: 'no', spreads: false, note: 'Lime-free mix and rainwater. Every part is poisonous.',
    },
    { id: 'azalea-white', variety: 'white, dwarf evergreen', colours: [['leaf', '#558545', 1], ['flower', '#f8f6f3', 0.93], ['throat', '#dbe3b0', 0.07]] },
  ),
  ...kin(
    {
      id: 'rose-patio-pink', common: 'Patio rose', botanical: 'Rosa hybrid', variety: 'pink', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [350, 550], spread: [320, 440], trail: [0, 0], vigour: 2, sun: [5, 6, 11, 13], scorch: null, water: 'moderate', feed: 'hungry',
      cold: { winter: -22, night: -6 }, season: 'hardy', bloom: '0000 0677 6410', leaf: ['medium', 40, 'ovate', 'glossy'], flower: ['ball', 48, 0.32],
      colours: [['leaf', '#3f6f38', 0.9], ['edge', '#6a3a34', 0.1], ['flower', '#ea7f9f', 1]], starts: { bare: 9, p10: 4, l1: 7, l2: 11 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Deadhead to a strong leaf; thorns, so wear gloves.',
    },
    { id: 'rose-patio-apricot', variety: 'apricot', colours: [['leaf', '#3f6f38', 0.9], ['edge', '#6a3a34', 0.1], ['flower', '#f5ae72', 1]] },
    { id: 'rose-patio-white', variety: 'white', colours: [['leaf', '#457640', 1], ['flower', '#f7f4ea', 1]] },
    { id: 'rose-patio-red', variety: 'red', colours: [['leaf', '#3f6f38', 0.9], ['edge', '#6a3a34', 0.1], ['flower', '#c81f2f', 1]] },
  ),
  ...kin(
    {
      id: 'maple-lace', common: 'Japanese maple', botanical: 'Acer palmatum', variety: 'wine, cut leaf', group: 'shrub', roles: ['thriller'], habit: 'cloud',
      height: [400, 750], spread: [400, 600], trail: [0, 0], vigour: 1, sun: [1.5, 3, 6, 9], scorch: 2.5, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -4 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['medium', 60, 'palmate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#7a2436', 0.9], ['stem', '#4a3a34', 0.1]], starts: { l2: 16, l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Lace in shelter; wind and hot walls crisp it.',
    },
  ),
  ...kin(
    {
      id: 'dogwood-winter', common: 'Red-stemmed dogwood', botanical: 'Cornus sanguinea', variety: 'flame stems', group: 'shrub', roles: ['thriller'], habit: 'wand',
      height: [450, 800], spread: [300, 420], trail: [0, 0], vigour: 2, sun: [3, 4, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -8 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#8fa04a', 0.5], ['stem', '#e0622a', 0.5]], starts: { l1: 7, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'Bare orange twigs from November; cut low in March.',
    },
  ),
  ...kin(
    {
      id: 'cotoneaster-trailing', common: 'Creeping cotoneaster', botanical: 'Cotoneaster dammeri', variety: 'red berries', group: 'shrub', roles: ['spiller'], habit: 'cascade',
      height: [90, 160], spread: [300, 420], trail: [150, 320], vigour: 2, sun: [3, 4, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -18 }, season: 'year-round', bloom: '0000 0640 0000', leaf: ['fine', 20, 'ovate', 'glossy'], flower: ['round', 9, 0.12],
      colours: [['leaf', '#3f6a34', 1], ['flower', '#f6f3ee', 1]], starts: { p9: 3, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Evergreen ropes with winter berries; birds carry the seed.', poisonPart: 'berries', facts: { display: { what: 'berries', hex: '#c8242a', sizeMm: 7, show: 0.18, months: [0.8, 0.5, 0.2, 0, 0, 0, 0, 0, 0.5, 1, 1, 1] } },
    },
  ),
  ...kin(
    {
      id: 'convolvulus-silver', common: 'Silverbush', botanical: 'Convolvulus cneorum', variety: 'silver, white flower', group: 'shrub', roles: ['filler'], habit: 'mound',
      height: [250, 400], spread: [320, 450], trail: [60, 150], vigour: 2, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -9, night: -5 }, season: 'year-round', bloom: '0001 7840 0000', leaf: ['fine', 34, 'strap', 'felted'], flower: ['trumpet', 36, 0.25],
      colours: [['leaf', '#b5c3b8', 1], ['flower', '#f8f6f0', 0.9], ['throat', '#f0cf4a', 0.1]], starts: { p10: 4, l1: 7 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'Silk leaf; sun and grit, or it sulks.',
    },
  ),
  ...kin(
    {
      id: 'santolina', common: 'Cotton lavender', botanical: 'Santolina chamaecyparissus', variety: '', group: 'shrub', roles: ['filler'], habit: 'mound',
      height: [220, 350], spread: [280, 380], trail: [0, 0], vigour: 2, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -14, night: -10 }, season: 'year-round', bloom: '0000 0480 0000', leaf: ['fine', 28, 'needle', 'felted'], flower: ['ball', 17, 0.15],
      colours: [['leaf', '#b3c0af', 1], ['flower', '#f2cf2a', 1]], starts: { p9: 2.8, l1: 5.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'Clip in spring; yellow buttons if you let it.',
    },
  ),
  ...kin(
    {
      id: 'lonicera-gold', common: 'Box honeysuckle', botanical: 'Lonicera ligustrina', variety: 'gold', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [200, 350], spread: [250, 350], trail: [40, 120], vigour: 2, sun: [2, 3, 9, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 10, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#c9c842', 0.9], ['edge', '#9fae3c', 0.1]], starts: { p9: 2.4, p10: 3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'unknown', spreads: true, note: 'Tiny gold leaves on arching sprays, winter and summer.', poisonPart: 'berries',
    },
  ),
];
