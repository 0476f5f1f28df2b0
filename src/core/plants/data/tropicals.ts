import { kin } from './record';

export const tropicals = [
  ...kin(
    {
      id: 'canna-bronze-orange', common: 'Canna', botanical: 'Canna × generalis', variety: 'bronze leaf, orange flower', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [800, 1300], spread: [400, 550], trail: [0, 0], vigour: 4, sun: [5, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -5, night: 5 }, season: 'warm', bloom: '0000 0268 8630', leaf: ['bold', 330, 'ovate', 'glossy'], flower: ['trumpet', 90, 0.12],
      colours: [['leaf', '#5a3030', 0.85], ['vein', '#8a4a3c', 0.15], ['flower', '#f26a1b', 1]], starts: { bare: 4.5, l1: 6.5, l2: 10, l3: 14 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Wants a big pot and never to dry out.',
    },
    { id: 'canna-striped-yellow', variety: 'yellow striped leaf, orange', colours: [['leaf', '#7fa04a', 0.6], ['vein', '#e6d67a', 0.4], ['flower', '#f28a22', 1]] },
    { id: 'canna-green-pink', variety: 'green leaf, pink', colours: [['leaf', '#5a8a48', 0.9], ['vein', '#7fa86a', 0.1], ['flower', '#ec7a9c', 1]], height: [650, 1000] },
  ),
  ...kin(
    {
      id: 'canna-dwarf-red', common: 'Canna', botanical: 'Canna × generalis', variety: 'dwarf, scarlet', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [450, 700], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -5, night: 5 }, season: 'warm', bloom: '0000 0478 8730', leaf: ['bold', 240, 'ovate', 'glossy'], flower: ['trumpet', 80, 0.16],
      colours: [['leaf', '#3f6e3d', 0.9], ['vein', '#5f8a52', 0.1], ['flower', '#d3202b', 1]], starts: { l1: 6, l2: 9.5 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Take off each flower stem when its last bud fades.',
    },
  ),
  ...kin(
    {
      id: 'colocasia-black', common: 'Elephant ear', botanical: 'Colocasia esculenta', variety: 'near black', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [600, 1000], spread: [500, 700], trail: [0, 0], vigour: 4, sun: [2, 3, 7, 10], scorch: 3, water: 'thirsty', feed: 'hungry',
      cold: { winter: -4, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 320, 'heart', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#3a2a3d', 0.85], ['vein', '#5f4a63', 0.15]], starts: { l1: 8, l2: 12, l3: 17 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Raw plant burns mouth and skin; keep away from children.',
    },
    { id: 'colocasia-green', variety: 'green', colours: [['leaf', '#5d8f4c', 0.88], ['vein', '#8fb57a', 0.12]] },
  ),
  ...kin(
    {
      id: 'alocasia', common: 'Upright elephant ear', botanical: 'Alocasia odora', variety: 'green', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [700, 1200], spread: [500, 750], trail: [0, 0], vigour: 3, sun: [1, 2, 6, 9], scorch: 3, water: 'thirsty', feed: 'hungry',
      cold: { winter: -1, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 360, 'heart', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f8a44', 0.9], ['vein', '#8ab873', 0.1]], starts: { l2: 13, l3: 19 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Leaves point to the sky. Raw plant burns mouth and skin.',
    },
  ),
  ...kin(
    {
      id: 'banana-red', common: 'Red banana', botanical: 'Ensete ventricosum', variety: 'red', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [900, 1500], spread: [600, 900], trail: [0, 0], vigour: 4, sun: [5, 6, 11, 13], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -1, night: 6 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 600, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6a3a34', 0.75], ['vein', '#9a3f3f', 0.25]], starts: { l2: 15, l3: 22 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Big pot, out of wind; bring in before frost.',
    },
  ),
  ...kin(
    {
      id: 'hibiscus-red', common: 'Hibiscus', botanical: 'Hibiscus rosa-sinensis', variety: 'red', group: 'tropical', roles: ['thriller'], habit: 'bush',
      height: [500, 850], spread: [400, 550], trail: [0, 0], vigour: 2, sun: [5, 6, 11, 13], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: 1, night: 8 }, season: 'warm', bloom: '0001 3577 7642', leaf: ['medium', 75, 'ovate', 'glossy'], flower: ['trumpet', 120, 0.16],
      colours: [['leaf', '#2f6434', 1], ['flower', '#d4152a', 0.85], ['throat', '#6e0d1c', 0.15]], starts: { l1: 8, l2: 13, l3: 19 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'One day to a flower, and another tomorrow.',
    },
    { id: 'hibiscus-yellow', variety: 'yellow, red eye', colours: [['leaf', '#2f6434', 1], ['flower', '#f5c92a', 0.85], ['throat', '#c92a2a', 0.15]] },
  ),
  ...kin(
    {
      id: 'croton', common: 'Croton', botanical: 'Codiaeum variegatum', variety: 'yellow, red and green', group: 'tropical', roles: ['thriller', 'filler'], habit: 'bush',
      height: [350, 600], spread: [280, 390], trail: [0, 0], vigour: 1, sun: [3, 4, 9, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: 5, night: 12 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 140, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5a7a2f', 0.4], ['vein', '#e6b52a', 0.35], ['edge', '#c23a2a', 0.25]], starts: { p10: 5, l1: 9 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Paintbox leaves for heat; sap stains skin and clothes.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'ti-plant-pink', common: 'Ti plant', botanical: 'Cordyline fruticosa', variety: 'pink edged', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [450, 800], spread: [350, 480], trail: [0, 0], vigour: 1, sun: [1.5, 3, 7, 9], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: 4, night: 10 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 300, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5a2440', 0.65], ['edge', '#e0548c', 0.35]], starts: { l1: 8.5, l2: 13 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Hot pink and plum for warm shade.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'tradescantia-purple', common: 'Purple heart', botanical: 'Tradescantia pallida', variety: 'purple', group: 'tropical', roles: ['spiller', 'filler'], habit: 'trail',
      height: [150, 250], spread: [280, 400], trail: [200, 400], vigour: 3, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -4, night: 3 }, season: 'warm', bloom: '0000 0234 4310', leaf: ['medium', 95, 'ovate', 'matte'], flower: ['round', 20, 0.05],
      colours: [['leaf', '#5f2f66', 1], ['flower', '#dc8fc0', 1]], starts: { p9: 2.4, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: true, note: 'Deepest in full sun; sap can make skin itch.',
    },
  ),
  ...kin(
    {
      id: 'tradescantia-silver', common: 'Inch plant', botanical: 'Tradescantia zebrina', variety: 'silver striped', group: 'tropical', roles: ['spiller'], habit: 'trail',
      height: [80, 140], spread: [250, 350], trail: [300, 650], vigour: 4, sun: [1, 2, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: 1, night: 6 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 55, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6a4a6e', 0.5], ['edge', '#b7c6bc', 0.5]], starts: { p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: true, note: 'Roots at every joint; glitters in shade.',
    },
  ),
  ...kin(
    {
      id: 'bougainvillea', common: 'Bougainvillea', botanical: 'Bougainvillea glabra', variety: 'magenta', group: 'tropical', roles: ['thriller'], habit: 'climber',
      height: [500, 1000], spread: [350, 500], trail: [0, 0], vigour: 3, sun: [6, 7, 13, 15], scorch: null, water: 'dry', feed: 'medium',
      cold: { winter: -1, night: 6 }, season: 'warm', bloom: '0000 3688 8641', leaf: ['medium', 50, 'ovate', 'matte'], flower: ['airy', 38, 0.45],
      colours: [['leaf', '#4f7f3c', 1], ['flower', '#c81f8a', 1]], starts: { l2: 13, l3: 19 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Thorns and sun; water only when it flags.',
    },
  ),
  ...kin(
    {
      id: 'mandevilla-red', common: 'Mandevilla', botanical: 'Mandevilla hybrid', variety: 'red', group: 'tropical', roles: ['thriller'], habit: 'climber',
      height: [550, 1050], spread: [280, 380], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 9 }, season: 'warm', bloom: '0000 2589 9741', leaf: ['medium', 65, 'ovate', 'glossy'], flower: ['trumpet', 75, 0.32],
      colours: [['leaf', '#2f6a3a', 1], ['flower', '#cf1528', 0.88], ['throat', '#f4c84a', 0.12]], starts: { l1: 8.5, l2: 13 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Climbs a cane all summer; milky sap irritates.',
    },
    { id: 'mandevilla-white', variety: 'white', colours: [['leaf', '#2f6a3a', 1], ['flower', '#f8f6ee', 0.88], ['throat', '#f4d45a', 0.12]] },
    { id: 'mandevilla-pink', variety: 'pink', colours: [['leaf', '#2f6a3a', 1], ['flower', '#ee8fae', 0.88], ['throat', '#f4c84a', 0.12]] },
  ),
];
