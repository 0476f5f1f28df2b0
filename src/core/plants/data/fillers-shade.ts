import { colours, record, varietyOf } from './record';

const coleus = record({
  id: 'coleus-plum-lime', common: 'Coleus', botanical: 'Coleus scutellarioides', variety: 'plum, lime edge', group: 'foliage', roles: ['filler'], habit: 'bush',
  height: [260, 420], spread: [260, 380], trail: [0, 0], vigour: 3, sun: [1, 2, 6, 9], scorch: 3, water: 'thirsty', feed: 'medium',
  cold: { winter: 4, night: 9 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 85, 'ovate', 'matte'], flower: ['none', 0, 0],
  colours: [['leaf', '#7a1f3d', 0.7], ['edge', '#b6c93a', 0.2], ['vein', '#a8355a', 0.1]], starts: { pack6: 4.8, p9: 2.4, l1: 5.5 },
  deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Pinch out flower spikes; tender, so wait for warm nights.',
});

const heuchera = record({
  id: 'heuchera-caramel', common: 'Heuchera', botanical: 'Heuchera hybrid', variety: 'caramel', group: 'perennial', roles: ['filler'], habit: 'mound',
  height: [180, 280], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [1, 2, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
  cold: { winter: -28, night: -20 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 80, 'lobed', 'matte'], flower: ['none', 0, 0],
  colours: [['leaf', '#c4823f', 0.75], ['vein', '#a5544b', 0.25]], starts: { p9: 3.5, l1: 7, l2: 10 },
  deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Firm it back in if frost lifts the crown.',
});

const impatiens = record({
  id: 'impatiens-coral', common: 'Busy lizzie', botanical: 'Impatiens walleriana', variety: 'coral', group: 'shade', roles: ['filler'], habit: 'mound',
  height: [180, 280], spread: [220, 320], trail: [0, 0], vigour: 3, sun: [0, 1, 4, 6], scorch: 1.5, water: 'thirsty', feed: 'medium',
  cold: { winter: 2, night: 7 }, season: 'warm', bloom: '0000 5999 8630', leaf: ['medium', 45, 'ovate', 'glossy'], flower: ['round', 40, 0.48],
  colours: [['leaf', '#4d7f45', 1], ['flower', '#f26d5b', 0.92], ['throat', '#c92f4a', 0.08]], starts: { pack6: 4, p9: 2 },
  deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'The first to wilt: a shade plant that drinks.',
});

const begonia = record({
  id: 'begonia-white', common: 'Bedding begonia', botanical: 'Begonia × semperflorens', variety: 'white, green leaf', group: 'warm bedding', roles: ['filler'], habit: 'mound',
  height: [180, 270], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'medium',
  cold: { winter: 2, night: 6 }, season: 'warm', bloom: '0000 5999 9840', leaf: ['medium', 45, 'round', 'glossy'], flower: ['round', 26, 0.45],
  colours: [['leaf', '#4f8a48', 1], ['flower', '#f9f7f2', 0.93], ['throat', '#f0c93f', 0.07]], starts: { pack6: 3.8, p9: 1.9 },
  deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Forgives a missed watering.',
});

const viola = record({
  id: 'viola-blue', common: 'Viola', botanical: 'Viola × williamsii', variety: 'sky blue, yellow eye', group: 'cool bedding', roles: ['filler', 'spiller'], habit: 'mound',
  height: [120, 190], spread: [180, 260], trail: [60, 140], vigour: 2, sun: [2, 3, 7, 9], scorch: 3, water: 'moderate', feed: 'medium',
  cold: { winter: -18, night: -8 }, season: 'cool', bloom: '2358 9620 1684', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['round', 30, 0.48],
  colours: [['leaf', '#4d7a44', 1], ['flower', '#6d7fd4', 0.85], ['throat', '#f4cf3b', 0.15]], starts: { pack6: 3.4, p9: 1.8 },
  deadhead: 'helps', pinch: 'helps', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Flowers in any mild spell from autumn to spring.',
});

export const shadeFillers = [
  coleus,
  varietyOf(coleus, { id: 'coleus-lime', variety: 'lime', colours: colours(['leaf', '#b9d233', 0.85], ['edge', '#d9e66b', 0.15]) }),
  varietyOf(coleus, { id: 'coleus-copper', variety: 'copper', colours: colours(['leaf', '#b4532a', 0.75], ['edge', '#d98f45', 0.15], ['vein', '#7d2f22', 0.1]) }),
  heuchera,
  varietyOf(heuchera, { id: 'heuchera-plum', variety: 'plum, silvered', colours: colours(['leaf', '#5c3350', 0.6], ['edge', '#8d7a93', 0.25], ['vein', '#3c1e36', 0.15]) }),
  varietyOf(heuchera, { id: 'heuchera-lime', variety: 'lime', sunHours: [0.5, 1.5, 4, 6], scorchAfternoonH: 1, colours: colours(['leaf', '#c3d54a', 0.85], ['vein', '#93ab3a', 0.15]) }),
  impatiens,
  varietyOf(impatiens, { id: 'impatiens-white', variety: 'white', colours: colours(['leaf', '#4d7f45', 1], ['flower', '#fbfaf6', 0.94], ['throat', '#d9e0b0', 0.06]) }),
  varietyOf(impatiens, { id: 'impatiens-violet', variety: 'violet', colours: colours(['leaf', '#4d7f45', 1], ['flower', '#9a4fc0', 0.92], ['throat', '#5d2480', 0.08]) }),
  begonia,
  varietyOf(begonia, { id: 'begonia-rose-bronze', variety: 'rose, bronze leaf', sunHours: [2, 3, 8, 12], scorchAfternoonH: 5, colours: colours(['leaf', '#5d3a34', 1], ['flower', '#e5597f', 0.93], ['throat', '#f0c93f', 0.07]) }),
  viola,
  varietyOf(viola, { id: 'viola-yellow', variety: 'clear yellow', colours: colours(['leaf', '#4d7a44', 1], ['flower', '#f7d733', 0.92], ['throat', '#d98a14', 0.08]) }),
  varietyOf(viola, { id: 'viola-white', variety: 'white', colours: colours(['leaf', '#4d7a44', 1], ['flower', '#f6f5f2', 0.9], ['throat', '#e9cf5a', 0.1]) }),
  record({
    id: 'nemesia-pink', common: 'Nemesia', botanical: 'Nemesia fruticans', variety: 'pink and white', group: 'cool bedding', roles: ['filler'], habit: 'cloud',
    height: [200, 320], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [3, 5, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
    cold: { winter: -6, night: -1 }, season: 'cool', bloom: '0026 9974 5762', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['airy', 17, 0.45],
    colours: [['leaf', '#54794a', 1], ['flower', '#ec9bb8', 0.7], ['throat', '#fbf5ef', 0.3]], starts: { pack6: 4.6, p9: 2.3 },
    deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Scented; shear by half when it tires.',
  }),
  record({
    id: 'primrose-cream', common: 'Primrose', botanical: 'Primula vulgaris', variety: 'cream', group: 'cool bedding', roles: ['filler'], habit: 'mound',
    height: [100, 160], spread: [160, 220], trail: [0, 0], vigour: 1, sun: [1, 2, 5, 7], scorch: 1.5, water: 'moderate', feed: 'light',
    cold: { winter: -20, night: -10 }, season: 'cool', bloom: '3799 5000 0013', leaf: ['medium', 85, 'ovate', 'matte'], flower: ['round', 32, 0.4],
    colours: [['leaf', '#5f8f4a', 1], ['flower', '#f5edb0', 0.88], ['throat', '#eab52c', 0.12]], starts: { pack6: 3.8, p9: 1.7 },
    deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Some skins react to the leaves: wear gloves.',
  }),
  record({
    id: 'fern-sword', common: 'Sword fern', botanical: 'Nephrolepis exaltata', variety: '', group: 'shade', roles: ['filler', 'thriller'], habit: 'frond',
    height: [300, 480], spread: [400, 560], trail: [0, 120], vigour: 3, sun: [0, 0.5, 3, 5], scorch: 1, water: 'thirsty', feed: 'light',
    cold: { winter: -1, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 420, 'feather', 'matte'], flower: ['none', 0, 0],
    colours: [['leaf', '#5f9a4a', 0.9], ['stem', '#8a7b46', 0.1]], starts: { p9: 3, l1: 6.5, l2: 10 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Mist in dry heat; never let it dry out.',
  }),
  record({
    id: 'fern-shield', common: 'Shield fern', botanical: 'Polystichum setiferum', variety: '', group: 'shade', roles: ['filler', 'thriller'], habit: 'frond',
    height: [280, 480], spread: [360, 520], trail: [0, 0], vigour: 2, sun: [0, 0.5, 3.5, 5], scorch: 1, water: 'moderate', feed: 'light',
    cold: { winter: -24, night: -15 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 380, 'feather', 'matte'], flower: ['none', 0, 0],
    colours: [['leaf', '#477a43', 0.88], ['stem', '#7a5b35', 0.12]], starts: { p9: 3.4, l1: 7.5, l2: 11 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut old fronds as the new ones uncurl.',
  }),
  record({
    id: 'hakone-gold', common: 'Hakone grass', botanical: 'Hakonechloa macra', variety: 'gold striped', group: 'grass', roles: ['filler', 'spiller'], habit: 'fountain',
    height: [200, 320], spread: [300, 420], trail: [90, 190], vigour: 2, sun: [0, 1.5, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
    cold: { winter: -26, night: -5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 240, 'grass', 'matte'], flower: ['none', 0, 0],
    colours: [['leaf', '#d3cf58', 0.7], ['edge', '#7fa04a', 0.3]], starts: { p9: 3.8, l1: 7.5, l2: 11 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Falls like water over a rim in shade.',
  }),
  record({
    id: 'hebe-purple', common: 'Hebe', botanical: 'Veronica (Hebe) hybrid', variety: 'purple-tipped', group: 'shrub', roles: ['filler'], habit: 'bush',
    height: [260, 400], spread: [260, 360], trail: [0, 0], vigour: 2, sun: [3, 4, 10, 13], scorch: null, water: 'moderate', feed: 'light',
    cold: { winter: -9, night: -6 }, season: 'year-round', bloom: '0000 0367 6420', leaf: ['fine', 30, 'ovate', 'glossy'], flower: ['spike', 7, 0.18],
    colours: [['leaf', '#4c6b51', 0.75], ['edge', '#6e3f62', 0.25], ['flower', '#8b5fb8', 1]], starts: { p9: 3, l1: 6.5, l2: 10.5 },
    deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Tidy all winter; trim after flowering.',
  }),
  record({
    id: 'lavender', common: 'Lavender', botanical: 'Lavandula angustifolia', variety: 'compact', group: 'perennial', roles: ['filler', 'thriller'], habit: 'wand',
    height: [280, 430], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: -20, night: -12 }, season: 'year-round', bloom: '0000 1898 4100', leaf: ['fine', 32, 'needle', 'felted'], flower: ['spike', 9, 0.32],
    colours: [['leaf', '#8ba08f', 0.9], ['stem', '#a3b29a', 0.1], ['flower', '#6f5bb0', 1]], starts: { p9: 2.8, l1: 5.8, l2: 9 },
    deadhead: 'helps', pinch: 'no', edible: 'flower', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Shear after flowering, never into old wood.',
  }),
];
