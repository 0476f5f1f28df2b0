import { colours, record, varietyOf } from './record';

const petunia = record({
  id: 'petunia-violet', common: 'Petunia', botanical: 'Petunia × atkinsiana', variety: 'deep violet', group: 'warm bedding', roles: ['filler'], habit: 'mound',
  height: [200, 300], spread: [280, 400], trail: [0, 90], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
  cold: { winter: -1, night: 3 }, season: 'warm', bloom: '0000 5999 8740', leaf: ['medium', 42, 'ovate', 'felted'], flower: ['trumpet', 62, 0.52],
  colours: [['leaf', '#56833f', 1], ['flower', '#5a2a9c', 0.85], ['throat', '#2b1350', 0.15]], starts: { pack6: 4, p9: 2, p10: 2.8 },
  deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Sticky stems; cut back by a third in midsummer.',
});

const calibrachoa = record({
  id: 'calibrachoa-orange', common: 'Calibrachoa', botanical: 'Calibrachoa × hybrida', variety: 'orange', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
  height: [150, 230], spread: [260, 380], trail: [150, 280], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
  cold: { winter: -2, night: 2 }, season: 'warm', bloom: '0000 5999 9850', leaf: ['fine', 18, 'ovate', 'matte'], flower: ['trumpet', 28, 0.58],
  colours: [['leaf', '#587f3e', 1], ['flower', '#f07f1d', 0.85], ['throat', '#7a2d10', 0.15]], starts: { p9: 2.4, p10: 3.2 },
  deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Drops its own dead flowers; wants feed every week.',
});

const pelargonium = record({
  id: 'pelargonium-scarlet', common: 'Pelargonium', botanical: 'Pelargonium × hortorum', variety: 'scarlet', group: 'warm bedding', roles: ['filler'], habit: 'bush',
  height: [280, 420], spread: [260, 360], trail: [0, 0], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
  cold: { winter: -1, night: 4 }, season: 'warm', bloom: '0001 6899 8742', leaf: ['bold', 75, 'round', 'felted'], flower: ['ball', 85, 0.32],
  colours: [['leaf', '#5b8a45', 0.8], ['vein', '#6e5a38', 0.2], ['flower', '#d81f2a', 1]], starts: { pack6: 5, p9: 2.3, l1: 4.8 },
  deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Snap off whole flower stems at the joint.',
});

const verbena = record({
  id: 'verbena-magenta', common: 'Verbena', botanical: 'Verbena × hybrida', variety: 'magenta', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
  height: [160, 250], spread: [280, 400], trail: [120, 240], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
  cold: { winter: -3, night: 2 }, season: 'warm', bloom: '0000 4899 8740', leaf: ['fine', 35, 'feather', 'matte'], flower: ['ball', 42, 0.42],
  colours: [['leaf', '#4f7a3f', 1], ['flower', '#cc2f86', 0.92], ['throat', '#f3d2e4', 0.08]], starts: { pack6: 4.5, p9: 2.4 },
  deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Shear after each flush; watch for mildew.',
});

const osteospermum = record({
  id: 'osteospermum-white', common: 'Cape daisy', botanical: 'Osteospermum ecklonis', variety: 'white, blue eye', group: 'cool bedding', roles: ['filler'], habit: 'bush',
  height: [250, 380], spread: [260, 360], trail: [0, 0], vigour: 2, sun: [5, 6, 11, 14], scorch: null, water: 'moderate', feed: 'medium',
  cold: { winter: -6, night: -1 }, season: 'cool', bloom: '0027 9976 7751', leaf: ['fine', 50, 'ovate', 'matte'], flower: ['daisy', 60, 0.42],
  colours: [['leaf', '#557a4a', 1], ['flower', '#f6f4f0', 0.82], ['throat', '#3e4a86', 0.18]], starts: { p9: 2.6, p10: 3.4, l1: 6 },
  deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Shuts its flowers on dull days and at night.',
});

export const sunFillers = [
  petunia,
  varietyOf(petunia, { id: 'petunia-magenta', variety: 'magenta', colours: colours(['leaf', '#56833f', 1], ['flower', '#c8146c', 0.88], ['throat', '#5f0a3a', 0.12]) }),
  varietyOf(petunia, { id: 'petunia-white', variety: 'white', colours: colours(['leaf', '#5d8a46', 1], ['flower', '#f7f6f0', 0.9], ['throat', '#dfe6c3', 0.1]) }),
  varietyOf(petunia, { id: 'petunia-soft-pink', variety: 'soft pink', colours: colours(['leaf', '#5d8a46', 1], ['flower', '#f3b3c8', 0.85], ['throat', '#b85a86', 0.15]) }),
  calibrachoa,
  varietyOf(calibrachoa, { id: 'calibrachoa-yellow', variety: 'lemon', colours: colours(['leaf', '#5f8743', 1], ['flower', '#f6e04a', 0.9], ['throat', '#c08a17', 0.1]) }),
  varietyOf(calibrachoa, { id: 'calibrachoa-violet', variety: 'blue-violet', colours: colours(['leaf', '#557c40', 1], ['flower', '#5b46b8', 0.88], ['throat', '#f2d34c', 0.12]) }),
  pelargonium,
  varietyOf(pelargonium, { id: 'pelargonium-salmon', variety: 'salmon', colours: colours(['leaf', '#5f8d49', 0.8], ['vein', '#755f3c', 0.2], ['flower', '#f28b72', 1]) }),
  varietyOf(pelargonium, { id: 'pelargonium-white', variety: 'white', colours: colours(['leaf', '#629150', 0.85], ['vein', '#7d7a4a', 0.15], ['flower', '#f8f6ef', 1]) }),
  verbena,
  osteospermum,
  varietyOf(osteospermum, { id: 'osteospermum-purple', variety: 'purple', colours: colours(['leaf', '#557a4a', 1], ['flower', '#8e3f94', 0.84], ['throat', '#2e2a5c', 0.16]) }),
  record({
    id: 'marigold-orange', common: 'French marigold', botanical: 'Tagetes patula', variety: 'orange', group: 'warm bedding', roles: ['filler'], habit: 'mound',
    height: [180, 280], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
    cold: { winter: 0, night: 3 }, season: 'warm', bloom: '0000 4899 9841', leaf: ['fine', 55, 'feather', 'matte'], flower: ['ball', 45, 0.42],
    colours: [['leaf', '#4a7437', 1], ['flower', '#f58a07', 0.8], ['throat', '#b23a0a', 0.2]], starts: { pack6: 3.4, p9: 1.8 },
    deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Cheap, cheerful and steady from seed.',
  }),
  record({
    id: 'bidens-yellow', common: 'Bidens', botanical: 'Bidens ferulifolia', variety: 'golden', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
    height: [180, 280], spread: [300, 450], trail: [120, 260], vigour: 4, sun: [4, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'medium',
    cold: { winter: -3, night: 1 }, season: 'warm', bloom: '0000 5899 9961', leaf: ['fine', 45, 'feather', 'matte'], flower: ['daisy', 32, 0.4],
    colours: [['leaf', '#4f7f3c', 1], ['flower', '#f7c515', 0.88], ['throat', '#b9740a', 0.12]], starts: { pack6: 4.5, p9: 2.2 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Runs through its neighbours; trim it to keep the peace.',
  }),
  record({
    id: 'lantana-sunset', common: 'Lantana', botanical: 'Lantana camara', variety: 'yellow to red', group: 'warm bedding', roles: ['filler'], habit: 'bush',
    height: [260, 420], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [6, 7, 14, 15], scorch: null, water: 'moderate', feed: 'medium',
    cold: { winter: -2, night: 7 }, season: 'warm', bloom: '0000 3799 9850', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['ball', 36, 0.35],
    colours: [['leaf', '#466f3a', 1], ['flower', '#f3a51f', 0.6], ['throat', '#d83a2a', 0.4]], starts: { p9: 3, l1: 6.5 },
    deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Berries are poisonous; leaves roughen skin.',
  }),
  record({
    id: 'spurge-airy-white', common: 'Spurge', botanical: 'Euphorbia hypericifolia', variety: 'airy white', group: 'warm bedding', roles: ['filler'], habit: 'cloud',
    height: [250, 400], spread: [280, 400], trail: [0, 60], vigour: 3, sun: [3, 5, 12, 14], scorch: null, water: 'moderate', feed: 'light',
    cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 6999 9952', leaf: ['fine', 14, 'ovate', 'matte'], flower: ['airy', 9, 0.5],
    colours: [['leaf', '#7f9c74', 1], ['flower', '#fbfaf5', 1]], starts: { p9: 2.8, p10: 3.6 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Milky sap burns skin and eyes: gloves, and wash.',
  }),
  record({
    id: 'gaura-white', common: 'Gaura', botanical: 'Oenothera lindheimeri', variety: 'white, compact', group: 'perennial', roles: ['thriller', 'filler'], habit: 'cloud',
    height: [350, 520], spread: [280, 400], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
    cold: { winter: -12, night: -2 }, season: 'warm', bloom: '0000 2899 9830', leaf: ['fine', 40, 'ovate', 'matte'], flower: ['airy', 24, 0.4],
    colours: [['leaf', '#5c7c4e', 0.85], ['stem', '#8a4a4f', 0.15], ['flower', '#fbf3f3', 0.9], ['throat', '#efb2c0', 0.1]], starts: { p9: 3, l1: 6.5, l2: 9.5 },
    deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Butterflies on wire stems; moves in every breeze.',
  }),
  record({
    id: 'ageratum-blue', common: 'Floss flower', botanical: 'Ageratum houstonianum', variety: 'powder blue', group: 'warm bedding', roles: ['filler'], habit: 'mound',
    height: [160, 260], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [3, 4, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
    cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 4899 8630', leaf: ['medium', 40, 'heart', 'felted'], flower: ['ball', 26, 0.5],
    colours: [['leaf', '#58804a', 1], ['flower', '#8a93d8', 1]], starts: { pack6: 3.6, p9: 1.9 },
    deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Soft blue buttons; do not let it wilt.',
  }),
  record({
    id: 'dusty-miller', common: 'Silver ragwort', botanical: 'Jacobaea maritima', variety: '', group: 'foliage', roles: ['filler'], habit: 'mound',
    height: [200, 320], spread: [200, 300], trail: [0, 0], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: -12, night: -8 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 80, 'feather', 'felted'], flower: ['none', 0, 0],
    colours: [['leaf', '#bcc8c2', 0.8], ['edge', '#dbe3dd', 0.2]], starts: { pack6: 3.8, p9: 2 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Felted silver leaf that cools hot colours.',
  }),
  record({
    id: 'fescue-blue', common: 'Blue fescue', botanical: 'Festuca glauca', variety: '', group: 'grass', roles: ['filler'], habit: 'fountain',
    height: [180, 280], spread: [200, 280], trail: [0, 0], vigour: 1, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: -28, night: -20 }, season: 'year-round', bloom: '0000 0220 0000', leaf: ['fine', 200, 'grass', 'matte'], flower: ['none', 0, 0],
    colours: [['leaf', '#8fabb0', 1]], starts: { p9: 2.6, l1: 5.5 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Comb out dead blades with fingers in spring.',
  }),
  record({
    id: 'carex-bronze', common: 'Sedge', botanical: 'Carex comans', variety: 'bronze', group: 'grass', roles: ['filler', 'spiller'], habit: 'fountain',
    height: [220, 320], spread: [280, 400], trail: [80, 200], vigour: 2, sun: [2, 4, 10, 14], scorch: null, water: 'moderate', feed: 'light',
    cold: { winter: -15, night: -10 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 320, 'grass', 'matte'], flower: ['none', 0, 0],
    colours: [['leaf', '#94694a', 0.85], ['edge', '#b98f68', 0.15]], starts: { p9: 2.6, l1: 5.5 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Brown on purpose; lovely with orange and lime.',
  }),
  record({
    id: 'echeveria-grey-pink', common: 'Echeveria', botanical: 'Echeveria hybrid', variety: 'grey-pink rosette', group: 'succulent', roles: ['filler'], habit: 'rosette',
    height: [70, 120], spread: [130, 200], trail: [0, 0], vigour: 1, sun: [4, 5, 11, 13], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0343 0000', leaf: ['medium', 55, 'rosette', 'waxy'], flower: ['bell', 12, 0.04],
    colours: [['leaf', '#a9b3b3', 0.8], ['edge', '#c78f9a', 0.2], ['flower', '#e8846f', 1]], starts: { p9: 3.2, p10: 4.2 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Let it dry right out; keep water off the rosette.',
  }),
  record({
    id: 'stonecrop-upright', common: 'Stonecrop', botanical: 'Hylotelephium spectabile', variety: 'dusky pink', group: 'succulent', roles: ['filler'], habit: 'bush',
    height: [220, 360], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: -25, night: -5 }, season: 'warm', bloom: '0000 0003 9951', leaf: ['medium', 45, 'round', 'waxy'], flower: ['ball', 70, 0.4],
    colours: [['leaf', '#8aa58a', 1], ['flower', '#cf6f8e', 1]], starts: { p9: 2.8, l1: 5.8 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Late flower for bees; leave the heads for winter.',
  }),
  record({
    id: 'cactus-golden', common: 'Golden barrel cactus', botanical: 'Kroenleinia grusonii', variety: 'young', group: 'succulent', roles: ['filler'], habit: 'rosette',
    height: [90, 160], spread: [90, 160], trail: [0, 0], vigour: 1, sun: [5, 7, 13, 15], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: 0, night: 5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 25, 'needle', 'waxy'], flower: ['none', 0, 0],
    colours: [['leaf', '#5f8a55', 0.6], ['edge', '#e4cf6e', 0.4]], starts: { p9: 5, p10: 7.5 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'none', 'none'], sap: 'no', spreads: false, note: 'Spines: handle with folded paper.',
  }),
];
