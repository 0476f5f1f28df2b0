import { kin } from './record';

export const warmBedding = [
  ...kin(
    {
      id: 'salvia-blue', common: 'Salvia', botanical: 'Salvia farinacea', variety: 'blue spikes', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'wand',
      height: [380, 580], spread: [250, 350], trail: [0, 0], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -4, night: 3 }, season: 'warm', bloom: '0000 2799 9962', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['spike', 11, 0.34],
      colours: [['leaf', '#5f7c55', 0.85], ['stem', '#5c6690', 0.15], ['flower', '#4a50b5', 0.85], ['throat', '#8f97dd', 0.15]], starts: { pack6: 5.4, p9: 2.4, l1: 5.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Loved by bees; cut spent spikes to a joint.',
    },
  ),
  ...kin(
    {
      id: 'salvia-white', common: 'Salvia', botanical: 'Salvia farinacea', variety: 'white spikes', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'wand',
      height: [380, 540], spread: [250, 330], trail: [0, 0], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -4, night: 3 }, season: 'warm', bloom: '0000 2799 9962', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['spike', 11, 0.34],
      colours: [['leaf', '#6b8761', 0.85], ['stem', '#a9b59c', 0.15], ['flower', '#f2f1ea', 0.9], ['throat', '#d9e2c8', 0.1]], starts: { pack6: 5.4, p9: 2.4, l1: 5.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Keeps its upright line all season.',
    },
  ),
  ...kin(
    {
      id: 'angelonia-purple', common: 'Angelonia', botanical: 'Angelonia angustifolia', variety: 'purple', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'wand',
      height: [320, 480], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 7 }, season: 'warm', bloom: '0000 2799 9840', leaf: ['fine', 45, 'ovate', 'glossy'], flower: ['spike', 18, 0.4],
      colours: [['leaf', '#4f7442', 1], ['flower', '#7f3fa0', 0.8], ['throat', '#c79be0', 0.2]], starts: { p9: 2.8, p10: 3.4, l1: 6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Thrives in heat and needs no deadheading.',
    },
  ),
  ...kin(
    {
      id: 'petunia-violet', common: 'Petunia', botanical: 'Petunia × atkinsiana', variety: 'deep violet', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [200, 300], spread: [280, 400], trail: [0, 90], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -1, night: 3 }, season: 'warm', bloom: '0000 5999 8740', leaf: ['medium', 42, 'ovate', 'felted'], flower: ['trumpet', 62, 0.52],
      colours: [['leaf', '#56833f', 1], ['flower', '#5a2a9c', 0.85], ['throat', '#2b1350', 0.15]], starts: { pack6: 4, p9: 2, p10: 2.8 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Sticky stems; cut back by a third in midsummer.',
    },
    { id: 'petunia-magenta', variety: 'magenta', colours: [['leaf', '#56833f', 1], ['flower', '#c8146c', 0.88], ['throat', '#5f0a3a', 0.12]] },
    { id: 'petunia-white', variety: 'white', colours: [['leaf', '#5d8a46', 1], ['flower', '#f7f6f0', 0.9], ['throat', '#dfe6c3', 0.1]] },
    { id: 'petunia-soft-pink', variety: 'soft pink', colours: [['leaf', '#5d8a46', 1], ['flower', '#f3b3c8', 0.85], ['throat', '#b85a86', 0.15]] },
  ),
  ...kin(
    {
      id: 'calibrachoa-orange', common: 'Calibrachoa', botanical: 'Calibrachoa × hybrida', variety: 'orange', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
      height: [150, 230], spread: [260, 380], trail: [150, 280], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -2, night: 2 }, season: 'warm', bloom: '0000 5999 9850', leaf: ['fine', 18, 'ovate', 'matte'], flower: ['trumpet', 28, 0.58],
      colours: [['leaf', '#587f3e', 1], ['flower', '#f07f1d', 0.85], ['throat', '#7a2d10', 0.15]], starts: { p9: 2.4, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Drops its own dead flowers; wants feed every week.',
    },
    { id: 'calibrachoa-yellow', variety: 'lemon', colours: [['leaf', '#5f8743', 1], ['flower', '#f6e04a', 0.9], ['throat', '#c08a17', 0.1]] },
    { id: 'calibrachoa-violet', variety: 'blue-violet', colours: [['leaf', '#557c40', 1], ['flower', '#5b46b8', 0.88], ['throat', '#f2d34c', 0.12]] },
  ),
  ...kin(
    {
      id: 'pelargonium-scarlet', common: 'Pelargonium', botanical: 'Pelargonium × hortorum', variety: 'scarlet', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [280, 420], spread: [260, 360], trail: [0, 0], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 4 }, season: 'warm', bloom: '0001 6899 8742', leaf: ['bold', 75, 'round', 'felted'], flower: ['ball', 85, 0.32],
      colours: [['leaf', '#5b8a45', 0.8], ['vein', '#6e5a38', 0.2], ['flower', '#d81f2a', 1]], starts: { pack6: 5, p9: 2.3, l1: 4.8 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Snap off whole flower stems at the joint.',
    },
    { id: 'pelargonium-salmon', variety: 'salmon', colours: [['leaf', '#5f8d49', 0.8], ['vein', '#755f3c', 0.2], ['flower', '#f28b72', 1]] },
    { id: 'pelargonium-white', variety: 'white', colours: [['leaf', '#629150', 0.85], ['vein', '#7d7a4a', 0.15], ['flower', '#f8f6ef', 1]] },
  ),
  ...kin(
    {
      id: 'verbena-magenta', common: 'Verbena', botanical: 'Verbena × hybrida', variety: 'magenta', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
      height: [160, 250], spread: [280, 400], trail: [120, 240], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -3, night: 2 }, season: 'warm', bloom: '0000 4899 8740', leaf: ['fine', 35, 'feather', 'matte'], flower: ['ball', 42, 0.42],
      colours: [['leaf', '#4f7a3f', 1], ['flower', '#cc2f86', 0.92], ['throat', '#f3d2e4', 0.08]], starts: { pack6: 4.5, p9: 2.4 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Shear after each flush; watch for mildew.',
    },
  ),
  ...kin(
    {
      id: 'marigold-orange', common: 'French marigold', botanical: 'Tagetes patula', variety: 'orange', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 3 }, season: 'warm', bloom: '0000 4899 9841', leaf: ['fine', 55, 'feather', 'matte'], flower: ['ball', 45, 0.42],
      colours: [['leaf', '#4a7437', 1], ['flower', '#f58a07', 0.8], ['throat', '#b23a0a', 0.2]], starts: { pack6: 3.4, p9: 1.8 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Cheap, cheerful and steady from seed.',
    },
  ),
  ...kin(
    {
      id: 'bidens-yellow', common: 'Bidens', botanical: 'Bidens ferulifolia', variety: 'golden', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
      height: [180, 280], spread: [300, 450], trail: [120, 260], vigour: 4, sun: [4, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: -3, night: 1 }, season: 'warm', bloom: '0000 5899 9961', leaf: ['fine', 45, 'feather', 'matte'], flower: ['daisy', 32, 0.4],
      colours: [['leaf', '#4f7f3c', 1], ['flower', '#f7c515', 0.88], ['throat', '#b9740a', 0.12]], starts: { pack6: 4.5, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Runs through its neighbours; trim it to keep the peace.',
    },
  ),
  ...kin(
    {
      id: 'lantana-sunset', common: 'Lantana', botanical: 'Lantana camara', variety: 'yellow to red', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [260, 420], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [6, 7, 14, 15], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -2, night: 7 }, season: 'warm', bloom: '0000 3799 9850', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['ball', 36, 0.35],
      colours: [['leaf', '#466f3a', 1], ['flower', '#f3a51f', 0.6], ['throat', '#d83a2a', 0.4]], starts: { p9: 3, l1: 6.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Berries are poisonous; leaves roughen skin.',
    },
  ),
  ...kin(
    {
      id: 'spurge-airy-white', common: 'Spurge', botanical: 'Euphorbia hypericifolia', variety: 'airy white', group: 'warm bedding', roles: ['filler'], habit: 'cloud',
      height: [250, 400], spread: [280, 400], trail: [0, 60], vigour: 3, sun: [3, 5, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 6999 9952', leaf: ['fine', 14, 'ovate', 'matte'], flower: ['airy', 9, 0.5],
      colours: [['leaf', '#7f9c74', 1], ['flower', '#fbfaf5', 1]], starts: { p9: 2.8, p10: 3.6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Milky sap burns skin and eyes: gloves, and wash.',
    },
  ),
  ...kin(
    {
      id: 'ageratum-blue', common: 'Floss flower', botanical: 'Ageratum houstonianum', variety: 'powder blue', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [160, 260], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [3, 4, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 4899 8630', leaf: ['medium', 40, 'heart', 'felted'], flower: ['ball', 26, 0.5],
      colours: [['leaf', '#58804a', 1], ['flower', '#8a93d8', 1]], starts: { pack6: 3.6, p9: 1.9 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Soft blue buttons; do not let it wilt.',
    },
  ),
  ...kin(
    {
      id: 'begonia-white', common: 'Bedding begonia', botanical: 'Begonia × semperflorens', variety: 'white, green leaf', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [180, 270], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 6 }, season: 'warm', bloom: '0000 5999 9840', leaf: ['medium', 45, 'round', 'glossy'], flower: ['round', 26, 0.45],
      colours: [['leaf', '#4f8a48', 1], ['flower', '#f9f7f2', 0.93], ['throat', '#f0c93f', 0.07]], starts: { pack6: 3.8, p9: 1.9 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Forgives a missed watering.',
    },
    { id: 'begonia-rose-bronze', variety: 'rose, bronze leaf', sun: [2, 3, 8, 12], scorch: 5, colours: [['leaf', '#5d3a34', 1], ['flower', '#e5597f', 0.93], ['throat', '#f0c93f', 0.07]] },
  ),
  ...kin(
    {
      id: 'lobelia-blue', common: 'Trailing lobelia', botanical: 'Lobelia erinus', variety: 'mid blue', group: 'warm bedding', roles: ['spiller'], habit: 'cascade',
      height: [110, 170], spread: [200, 300], trail: [150, 260], vigour: 2, sun: [2, 3, 7, 10], scorch: 3, water: 'thirsty', feed: 'medium',
      cold: { winter: -2, night: 1 }, season: 'cool', bloom: '0003 9974 5630', leaf: ['fine', 16, 'ovate', 'matte'], flower: ['round', 14, 0.55],
      colours: [['leaf', '#547a45', 1], ['flower', '#4a63cf', 0.85], ['throat', '#f2f3fa', 0.15]], starts: { pack6: 3.4, p9: 1.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Browns in heat; shear it and it comes again.',
    },
    { id: 'lobelia-white', variety: 'white', colours: [['leaf', '#5d8450', 1], ['flower', '#f7f7f6', 0.94], ['throat', '#dbe3c0', 0.06]] },
  ),
  ...kin(
    {
      id: 'fan-flower-blue', common: 'Fan flower', botanical: 'Scaevola aemula', variety: 'violet-blue', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [140, 210], spread: [320, 460], trail: [200, 360], vigour: 4, sun: [4, 6, 13, 15], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -2, night: 3 }, season: 'warm', bloom: '0000 4899 9850', leaf: ['medium', 35, 'ovate', 'matte'], flower: ['airy', 24, 0.45],
      colours: [['leaf', '#4f7d43', 1], ['flower', '#7366c4', 0.88], ['throat', '#f3efe0', 0.12]], starts: { p9: 2.6, p10: 3.4 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Takes heat and a missed watering.',
    },
    { id: 'fan-flower-pink', variety: 'pink', colours: [['leaf', '#4f7d43', 1], ['flower', '#e08ab4', 0.88], ['throat', '#f8efe4', 0.12]] },
  ),
  ...kin(
    {
      id: 'bacopa-white', common: 'Bacopa', botanical: 'Chaenostoma cordatum', variety: 'white', group: 'warm bedding', roles: ['spiller'], habit: 'cascade',
      height: [90, 150], spread: [260, 380], trail: [200, 380], vigour: 3, sun: [3, 4, 8, 11], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: -2, night: 1 }, season: 'warm', bloom: '0001 7988 8862', leaf: ['fine', 16, 'round', 'matte'], flower: ['round', 16, 0.5],
      colours: [['leaf', '#4f7f45', 1], ['flower', '#fbfbf8', 0.92], ['throat', '#eec53a', 0.08]], starts: { pack6: 4.4, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Drops every flower if it dries out once.',
    },
  ),
  ...kin(
    {
      id: 'verbena-trailing-violet', common: 'Trailing verbena', botanical: 'Verbena × hybrida', variety: 'violet', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [130, 200], spread: [320, 460], trail: [200, 360], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -4, night: 1 }, season: 'warm', bloom: '0000 4899 9850', leaf: ['fine', 32, 'feather', 'matte'], flower: ['ball', 38, 0.42],
      colours: [['leaf', '#4d7940', 1], ['flower', '#6a33a8', 0.92], ['throat', '#d8c4f0', 0.08]], starts: { pack6: 4.5, p9: 2.4 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Pinch twice and it covers a rim by July.',
    },
  ),
];
