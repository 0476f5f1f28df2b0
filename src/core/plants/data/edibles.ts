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
      cold: { winter: 0, night: 3 }, season: 'warm', bloom: '0000 1799 7650', leaf: ['medium', 55, 'round', 'matte'], flower: ['trumpet', 50, 0.25],
      colours: [['leaf', '#6c9a58', 0.9], ['vein', '#a9c48c', 0.1], ['flower', '#f4761c', 0.75], ['throat', '#c2331a', 0.25]], starts: { seed: 2.2, pack6: 3.2, p9: 1.8 },
      deadhead: 'helps', pinch: 'no', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Lean feeding gives more flower; watch for blackfly.',
    },
    { id: 'nasturtium-crimson', variety: 'trailing, crimson', colours: [['leaf', '#5f8f58', 0.9], ['vein', '#a9c48c', 0.1], ['flower', '#b31a24', 0.8], ['throat', '#f0a02a', 0.2]] },
    { id: 'nasturtium-cream', variety: 'trailing, primrose', colours: [['leaf', '#6c9a58', 0.9], ['vein', '#a9c48c', 0.1], ['flower', '#f4e6a2', 0.85], ['throat', '#c9852a', 0.15]] },
  ),
  ...kin(
    {
      id: 'thyme-creeping', common: 'Creeping thyme', botanical: 'Thymus serpyllum', variety: 'lilac', group: 'herb', roles: ['spiller'], habit: 'cascade',
      height: [40, 80], spread: [200, 300], trail: [80, 180], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -15 }, season: 'year-round', bloom: '0000 1751 0000', leaf: ['fine', 7, 'ovate', 'matte'], flower: ['airy', 6, 0.4],
      colours: [['leaf', '#5f7d52', 1], ['flower', '#b98ccb', 1]], starts: { p9: 2.2, l1: 4.8 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Clip after flowering to keep it dense.',
    },
  ),
  ...kin(
    {
      id: 'rosemary-trailing', common: 'Trailing rosemary', botanical: 'Salvia rosmarinus', variety: 'trailing', group: 'herb', roles: ['spiller'], habit: 'cascade',
      height: [150, 250], spread: [300, 420], trail: [150, 320], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -7, night: -4 }, season: 'year-round', bloom: '0368 8400 0110', leaf: ['fine', 18, 'needle', 'matte'], flower: ['airy', 12, 0.18],
      colours: [['leaf', '#5d7663', 0.85], ['edge', '#9fb09c', 0.15], ['flower', '#7f93d6', 1]], starts: { p9: 2.8, l1: 5.8 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Falls over the rim and flavours the roast.',
    },
  ),
  ...kin(
    {
      id: 'thyme-lemon', common: 'Lemon thyme', botanical: 'Thymus × citriodorus', variety: 'gold edged', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [120, 200], spread: [220, 300], trail: [40, 110], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -22, night: -12 }, season: 'year-round', bloom: '0000 0171 0000', leaf: ['fine', 9, 'ovate', 'matte'], flower: ['airy', 6, 0.2],
      colours: [['leaf', '#6a8f4a', 0.55], ['edge', '#dcd264', 0.45], ['flower', '#c9a5d2', 1]], starts: { p9: 2.3, l1: 4.8 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Clip it for the kitchen and it stays dense.',
    },
  ),
  ...kin(
    {
      id: 'oregano-gold', common: 'Golden oregano', botanical: 'Origanum vulgare', variety: 'gold', group: 'herb', roles: ['filler'], habit: 'cascade',
      height: [130, 220], spread: [240, 340], trail: [60, 140], vigour: 3, sun: [3, 5, 10, 13], scorch: 5, water: 'moderate', feed: 'light',
      cold: { winter: -26, night: -14 }, season: 'year-round', bloom: '0000 0045 2000', leaf: ['fine', 20, 'ovate', 'matte'], flower: ['airy', 7, 0.1],
      colours: [['leaf', '#c9cf45', 1], ['flower', '#d8b5d0', 1]], starts: { p9: 2.3, l1: 4.8 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Gold leaf to eat; midday sun can scorch it.',
    },
  ),
  ...kin(
    {
      id: 'sage-purple', common: 'Purple sage', botanical: 'Salvia officinalis', variety: 'purple', group: 'herb', roles: ['filler'], habit: 'bush',
      height: [280, 450], spread: [300, 400], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -16, night: -10 }, season: 'year-round', bloom: '0000 0530 0000', leaf: ['medium', 55, 'ovate', 'felted'], flower: ['spike', 16, 0.1],
      colours: [['leaf', '#7a6a80', 0.85], ['edge', '#8fa588', 0.15], ['flower', '#7a6ac0', 1]], starts: { p9: 2.5, l1: 5.2 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Dusky leaf for pots and stuffing; renew it every few years.',
    },
    { id: 'sage-tricolour', variety: 'grey, cream and pink', colours: [['leaf', '#8aa285', 0.5], ['edge', '#eee6d8', 0.38], ['vein', '#c99ab0', 0.12], ['flower', '#7a6ac0', 1]], note: 'Cream and pink edges on kitchen sage; less hardy.', common: 'Tricolour sage' },
  ),
  ...kin(
    {
      id: 'basil-green', common: 'Basil', botanical: 'Ocimum basilicum', variety: 'green', group: 'herb', roles: ['filler'], habit: 'bush',
      height: [200, 350], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [4, 6, 10, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: 5, night: 10 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 45, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6fa23f', 1]], starts: { seed: 2, pack6: 3.6, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pinch for the plate; water in the morning, never at night.',
    },
    { id: 'basil-purple', variety: 'purple', colours: [['leaf', '#4a2440', 0.9], ['edge', '#7a4a6a', 0.1]] },
  ),
  ...kin(
    {
      id: 'parsley', common: 'Parsley', botanical: 'Petroselinum crispum', variety: 'curled', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [160, 280], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [2, 3, 8, 11], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -10, night: -5 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['fine', 38, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f8a34', 1]], starts: { pack6: 3.4, p9: 1.8 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'A fresh green ruff between flowers; pick the outside. Its sap on skin in sunlight can cause redness.',
    },
  ),
  ...kin(
    {
      id: 'chives', common: 'Chives', botanical: 'Allium schoenoprasum', variety: 'mauve', group: 'herb', roles: ['filler'], habit: 'stalk',
      height: [200, 320], spread: [150, 220], trail: [0, 0], vigour: 2, sun: [3, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -34, night: -8 }, season: 'hardy', bloom: '0000 6940 0000', leaf: ['fine', 230, 'grass', 'matte'], flower: ['ball', 28, 0.25],
      colours: [['leaf', '#5a9448', 1], ['flower', '#b58acb', 1]], starts: { p9: 2, l1: 4.5 },
      deadhead: 'helps', pinch: 'no', edible: 'leaf', poison: ['none', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Cut to a thumb’s height after flowering. Harms cats and dogs.',
    },
  ),
  ...kin(
    {
      id: 'mint-variegated', common: 'Pineapple mint', botanical: 'Mentha suaveolens', variety: 'cream edged', group: 'herb', roles: ['filler'], habit: 'bush',
      height: [220, 380], spread: [280, 400], trail: [40, 150], vigour: 5, sun: [2, 3, 7, 10], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: -24, night: -8 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['medium', 34, 'round', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#7fa868', 0.6], ['edge', '#f0f0da', 0.4]], starts: { p9: 2.2, l1: 4.6 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Keep it in its own pot within the pot, or it takes all.',
    },
  ),
  ...kin(
    {
      id: 'strawberry', common: 'Strawberry', botanical: 'Fragaria × ananassa', variety: 'everbearing', group: 'herb', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [130, 220], spread: [250, 350], trail: [120, 280], vigour: 3, sun: [4, 5, 10, 12], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: -22, night: -6 }, season: 'year-round', bloom: '0003 8876 5200', leaf: ['medium', 65, 'lobed', 'matte'], flower: ['round', 26, 0.1],
      colours: [['leaf', '#4f8a3f', 1], ['flower', '#f7f5ee', 0.85], ['throat', '#f0d25a', 0.15]], starts: { pack6: 4.6, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Fruit hangs clear of slugs; feed weekly once it flowers.', facts: { display: { what: 'fruit', hex: '#d3232c', sizeMm: 26, show: 0.14, months: [0, 0, 0, 0, 0.2, 1, 0.9, 0.7, 0.6, 0.2, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'tomato-trailing', common: 'Trailing tomato', botanical: 'Solanum lycopersicum', variety: 'cherry, red', group: 'herb', roles: ['spiller'], habit: 'cascade',
      height: [250, 400], spread: [400, 550], trail: [250, 500], vigour: 4, sun: [6, 7, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0000 3688 6200', leaf: ['medium', 90, 'feather', 'matte'], flower: ['round', 18, 0.06],
      colours: [['leaf', '#4f7f3c', 1], ['flower', '#f2cf2a', 1]], starts: { p9: 2.6, l1: 5 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['mild', 'toxic', 'toxic'], poisonPart: 'leaves, stems and green fruit', sap: 'yes', spreads: false, note: 'Eat the ripe fruit only. Feed weekly and never let it dry.', facts: { display: { what: 'fruit', hex: '#d82a1f', sizeMm: 22, show: 0.16, months: [0, 0, 0, 0, 0, 0.1, 0.7, 1, 1, 0.5, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'chilli', common: 'Chilli', botanical: 'Capsicum annuum', variety: 'ornamental, red', group: 'herb', roles: ['filler'], habit: 'bush',
      height: [200, 350], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 4, night: 10 }, season: 'warm', bloom: '0000 0566 4200', leaf: ['fine', 38, 'ovate', 'glossy'], flower: ['round', 15, 0.05],
      colours: [['leaf', '#3f7a36', 1], ['flower', '#f4f2ea', 0.9], ['throat', '#d9d27a', 0.1]], starts: { p9: 2.8, p10: 3.6 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['mild', 'mild', 'mild'], poisonPart: 'leaves; fruit burns skin and eyes', sap: 'yes', spreads: false, note: 'Wash your hands: the fruit burns skin and eyes.', facts: { display: { what: 'fruit', hex: '#d9261c', sizeMm: 32, show: 0.22, months: [0, 0, 0, 0, 0, 0, 0.4, 0.8, 1, 0.8, 0.2, 0] } },
    },
  ),
  ...kin(
    {
      id: 'bean-dwarf', common: 'Dwarf runner bean', botanical: 'Phaseolus coccineus', variety: 'scarlet flower', group: 'herb', roles: ['filler', 'thriller'], habit: 'bush',
      height: [280, 450], spread: [250, 350], trail: [0, 0], vigour: 3, sun: [5, 6, 11, 13], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: 1, night: 6 }, season: 'warm', bloom: '0000 0698 7300', leaf: ['bold', 85, 'ovate', 'matte'], flower: ['round', 24, 0.18],
      colours: [['leaf', '#4f8a3f', 1], ['flower', '#e02a1c', 1]], starts: { seed: 2.5, p9: 2, l1: 4.5 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['toxic', 'toxic', 'toxic'], poisonPart: 'raw beans and pods', sap: 'no', spreads: false, note: 'Pods for the pot; cook them, never raw.', facts: { display: { what: 'fruit', hex: '#5f9440', sizeMm: 200, show: 0.06, months: [0, 0, 0, 0, 0, 0, 0.6, 1, 0.8, 0.2, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'chard-red', common: 'Swiss chard', botanical: 'Beta vulgaris', variety: 'red stem', group: 'herb', roles: ['filler', 'thriller'], habit: 'cane',
      height: [280, 450], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [3, 4, 9, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: -7, night: -3 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['bold', 170, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f6a35', 0.7], ['vein', '#c81f3f', 0.3]], starts: { pack6: 3.6, p9: 1.9 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Stained-glass stems; pick the outer leaves.',
    },
    { id: 'chard-gold', variety: 'gold stem', colours: [['leaf', '#4f8a3c', 0.7], ['vein', '#f0b52a', 0.3]] },
  ),
  ...kin(
    {
      id: 'kale-black', common: 'Black kale', botanical: 'Brassica oleracea', variety: 'blue-black', group: 'herb', roles: ['thriller', 'filler'], habit: 'cane',
      height: [350, 600], spread: [300, 400], trail: [0, 0], vigour: 2, sun: [3, 4, 10, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -14, night: -9 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['bold', 230, 'strap', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f5a54', 1]], starts: { pack6: 3.6, p9: 1.9, l1: 4.5 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Crinkled palms for winter pots and soup.',
    },
  ),
  ...kin(
    {
      id: 'lettuce-red', common: 'Red lettuce', botanical: 'Lactuca sativa', variety: 'oak-leaved', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [130, 220], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [2, 3, 7, 9], scorch: 2, water: 'thirsty', feed: 'medium',
      cold: { winter: -5, night: -2 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['medium', 90, 'lobed', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#7a2f34', 0.65], ['edge', '#8fae4a', 0.35]], starts: { seed: 2, pack6: 3, p9: 1.7 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut and come again in spring and autumn; bolts in heat.',
    },
  ),
  ...kin(
    {
      id: 'mustard-red', common: 'Red mustard', botanical: 'Brassica juncea', variety: 'frilled', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [160, 280], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [3, 4, 9, 11], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: -8, night: -4 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['medium', 95, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6a2a3f', 0.9], ['edge', '#8aa05a', 0.1]], starts: { pack6: 3.2, p9: 1.7 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Peppery purple frills; quick from seed in the cool.',
    },
  ),
  ...kin(
    {
      id: 'fennel-bronze', common: 'Bronze fennel', botanical: 'Foeniculum vulgare', variety: 'bronze', group: 'herb', roles: ['thriller'], habit: 'cloud',
      height: [500, 900], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -8 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['fine', 45, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f5a3f', 1]], starts: { p9: 2.4, l1: 5.2 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['irritant', 'unknown', 'unknown'], sap: 'yes', spreads: true, note: 'Copper smoke; take off the seed heads. Sap in sun can blister.', poisonPart: 'sap on skin in sun',
    },
  ),
];
