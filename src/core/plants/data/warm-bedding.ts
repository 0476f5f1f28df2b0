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
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Thrives in heat and needs no deadheading.',
    },
    { id: 'angelonia-white', variety: 'white', colours: [['leaf', '#557b47', 1], ['flower', '#f5f4ee', 0.9], ['throat', '#d8dcc4', 0.1]], poison: ['none', 'none', 'none'] },
    { id: 'angelonia-pink', variety: 'pink', colours: [['leaf', '#4f7442', 1], ['flower', '#d983ab', 0.85], ['throat', '#f3d5e2', 0.15]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'petunia-violet', common: 'Petunia', botanical: 'Petunia × atkinsiana', variety: 'deep violet', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [200, 300], spread: [280, 400], trail: [0, 90], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -1, night: 3 }, season: 'warm', bloom: '0000 5999 8740', leaf: ['medium', 42, 'ovate', 'felted'], flower: ['trumpet', 62, 0.52],
      colours: [['leaf', '#56833f', 1], ['flower', '#5a2a9c', 0.85], ['throat', '#2b1350', 0.15]], starts: { plug: 10, pack6: 4, p9: 2, p10: 2.8 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Sticky stems; cut back by a third in midsummer.',
    },
    { id: 'petunia-magenta', variety: 'magenta', colours: [['leaf', '#56833f', 1], ['flower', '#c8146c', 0.88], ['throat', '#5f0a3a', 0.12]] },
    { id: 'petunia-white', variety: 'white', colours: [['leaf', '#5d8a46', 1], ['flower', '#f7f6f0', 0.9], ['throat', '#dfe6c3', 0.1]] },
    { id: 'petunia-soft-pink', variety: 'soft pink', colours: [['leaf', '#5d8a46', 1], ['flower', '#f3b3c8', 0.85], ['throat', '#b85a86', 0.15]] },
    { id: 'petunia-red', variety: 'scarlet', colours: [['leaf', '#56833f', 1], ['flower', '#d0202c', 0.9], ['throat', '#5e0d14', 0.1]] },
    { id: 'petunia-veined', variety: 'lilac, veined violet', colours: [['leaf', '#5d8a46', 1], ['flower', '#c9a3d6', 0.7], ['throat', '#6b2a86', 0.3]] },
    { id: 'petunia-yellow', variety: 'soft yellow', colours: [['leaf', '#5d8a46', 1], ['flower', '#f3e893', 0.85], ['throat', '#d9c24a', 0.15]] },
    { id: 'petunia-black', variety: 'near black', colours: [['leaf', '#527c3c', 1], ['flower', '#2b1730', 0.92], ['throat', '#4a2350', 0.08]] },
  ),
  ...kin(
    {
      id: 'calibrachoa-orange', common: 'Calibrachoa', botanical: 'Calibrachoa × hybrida', variety: 'orange', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
      height: [150, 230], spread: [260, 380], trail: [240, 420], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'hungry',
      cold: { winter: -2, night: 2 }, season: 'warm', bloom: '0000 5999 9850', leaf: ['fine', 18, 'ovate', 'matte'], flower: ['trumpet', 28, 0.58],
      colours: [['leaf', '#587f3e', 1], ['flower', '#f07f1d', 0.85], ['throat', '#7a2d10', 0.15]], starts: { plug: 18, p9: 2.4, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Drops its own dead flowers; wants feed every week.',
    },
    { id: 'calibrachoa-yellow', variety: 'lemon', colours: [['leaf', '#5f8743', 1], ['flower', '#f6e04a', 0.9], ['throat', '#c08a17', 0.1]], poison: ['none', 'none', 'none'] },
    { id: 'calibrachoa-violet', variety: 'blue-violet', colours: [['leaf', '#557c40', 1], ['flower', '#5b46b8', 0.88], ['throat', '#f2d34c', 0.12]], poison: ['none', 'none', 'none'] },
    { id: 'calibrachoa-pink', variety: 'rose pink', colours: [['leaf', '#587f3e', 1], ['flower', '#e0568f', 0.88], ['throat', '#f2d04a', 0.12]], poison: ['none', 'none', 'none'] },
    { id: 'calibrachoa-white', variety: 'white', colours: [['leaf', '#5f8743', 1], ['flower', '#f8f7f2', 0.92], ['throat', '#e6cf5a', 0.08]], poison: ['none', 'none', 'none'] },
    { id: 'calibrachoa-red', variety: 'cherry red', colours: [['leaf', '#557c3e', 1], ['flower', '#c81f3a', 0.9], ['throat', '#5c0f1c', 0.1]], poison: ['none', 'none', 'none'] },
    { id: 'calibrachoa-apricot', variety: 'apricot', colours: [['leaf', '#5f8743', 1], ['flower', '#f6b27a', 0.85], ['throat', '#c9562a', 0.15]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'pelargonium-scarlet', common: 'Pelargonium', botanical: 'Pelargonium × hortorum', variety: 'scarlet', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [280, 420], spread: [260, 360], trail: [0, 0], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 4 }, season: 'warm', bloom: '0001 6899 8742', leaf: ['bold', 75, 'round', 'felted'], flower: ['ball', 85, 0.32],
      colours: [['leaf', '#5b8a45', 0.8], ['vein', '#6e5a38', 0.2], ['flower', '#d81f2a', 1]], starts: { plug: 16, pack6: 5, p9: 2.3, l1: 4.8 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Snap off whole flower stems at the joint.',
    },
    { id: 'pelargonium-salmon', variety: 'salmon', colours: [['leaf', '#5f8d49', 0.8], ['vein', '#755f3c', 0.2], ['flower', '#f28b72', 1]] },
    { id: 'pelargonium-white', variety: 'white', colours: [['leaf', '#629150', 0.85], ['vein', '#7d7a4a', 0.15], ['flower', '#f8f6ef', 1]] },
    { id: 'pelargonium-magenta', variety: 'magenta', colours: [['leaf', '#5b8a45', 0.8], ['vein', '#6e5a38', 0.2], ['flower', '#c2247a', 1]] },
    { id: 'pelargonium-pink', variety: 'soft pink', colours: [['leaf', '#629150', 0.85], ['vein', '#7d7a4a', 0.15], ['flower', '#f2b5c6', 1]] },
  ),
  ...kin(
    {
      id: 'verbena-magenta', common: 'Verbena', botanical: 'Verbena × hybrida', variety: 'magenta', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
      height: [160, 250], spread: [280, 400], trail: [120, 240], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -3, night: 2 }, season: 'warm', bloom: '0000 4899 8740', leaf: ['fine', 35, 'ovate', 'matte'], flower: ['ball', 42, 0.42],
      colours: [['leaf', '#4f7a3f', 1], ['flower', '#cc2f86', 0.92], ['throat', '#f3d2e4', 0.08]], starts: { plug: 12, pack6: 4.5, p9: 2.4 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Shear after each flush; watch for mildew.',
    },
    { id: 'verbena-red', variety: 'scarlet', colours: [['leaf', '#4f7a3f', 1], ['flower', '#d4252b', 0.92], ['throat', '#f6d9c8', 0.08]], poison: ['none', 'none', 'none'] },
    { id: 'verbena-white', variety: 'white', colours: [['leaf', '#568246', 1], ['flower', '#f7f6f2', 0.95], ['throat', '#e7e3c2', 0.05]], poison: ['none', 'none', 'none'] },
    { id: 'verbena-peach', variety: 'peach', colours: [['leaf', '#568246', 1], ['flower', '#f4b294', 0.92], ['throat', '#f9e3cf', 0.08]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'marigold-orange', common: 'French marigold', botanical: 'Tagetes patula', variety: 'orange', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 3 }, season: 'warm', bloom: '0000 4899 9841', leaf: ['fine', 55, 'feather', 'matte'], flower: ['ball', 45, 0.42],
      colours: [['leaf', '#4a7437', 1], ['flower', '#f58a07', 0.8], ['throat', '#b23a0a', 0.2]], starts: { plug: 8, pack6: 3.4, p9: 1.8 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Cheap, cheerful and steady from seed.',
    },
    { id: 'marigold-yellow', variety: 'lemon yellow', colours: [['leaf', '#4a7437', 1], ['flower', '#f7d93a', 0.9], ['throat', '#d9a21a', 0.1]] },
    { id: 'marigold-mahogany', variety: 'mahogany, gold edge', colours: [['leaf', '#4a7437', 1], ['flower', '#8e2a12', 0.75], ['throat', '#eea81e', 0.25]] },
  ),
  ...kin(
    {
      id: 'bidens-yellow', common: 'Bidens', botanical: 'Bidens ferulifolia', variety: 'golden', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
      height: [180, 280], spread: [300, 450], trail: [160, 300], vigour: 4, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -3, night: 1 }, season: 'warm', bloom: '0000 5899 9961', leaf: ['fine', 45, 'feather', 'matte'], flower: ['daisy', 32, 0.4],
      colours: [['leaf', '#4f7f3c', 1], ['flower', '#f7c515', 0.88], ['throat', '#b9740a', 0.12]], starts: { plug: 14, pack6: 4.5, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Runs through its neighbours; trim it to keep the peace.',
    },
    { id: 'bidens-orange', variety: 'orange and gold', colours: [['leaf', '#4f7f3c', 1], ['flower', '#f08a1a', 0.75], ['throat', '#f6c52a', 0.25]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'lantana-sunset', common: 'Lantana', botanical: 'Lantana camara', variety: 'yellow to red', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [260, 420], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [6, 7, 14, 15], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -2, night: 7 }, season: 'warm', bloom: '0000 3899 9850', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['ball', 36, 0.35],
      colours: [['leaf', '#466f3a', 1], ['flower', '#f3a51f', 0.6], ['throat', '#d83a2a', 0.4]], starts: { p9: 3, l1: 6.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Berries are poisonous; leaves roughen skin.', poisonPart: 'berries and leaves',
    },
    { id: 'lantana-yellow', variety: 'yellow', colours: [['leaf', '#466f3a', 1], ['flower', '#f5cf2b', 0.85], ['throat', '#f9eeb0', 0.15]] },
  ),
  ...kin(
    {
      id: 'spurge-airy-white', common: 'Airy spurge', botanical: 'Euphorbia hypericifolia', variety: 'white', group: 'warm bedding', roles: ['filler'], habit: 'cloud',
      height: [250, 400], spread: [280, 400], trail: [0, 60], vigour: 3, sun: [3, 5, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 6999 9952', leaf: ['fine', 14, 'ovate', 'matte'], flower: ['airy', 9, 0.5],
      colours: [['leaf', '#7f9c74', 1], ['flower', '#fbfaf5', 1]], starts: { p9: 2.8, p10: 3.6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Milky sap burns skin and eyes: gloves, and wash.',
    },
  ),
  ...kin(
    {
      id: 'ageratum-blue', common: 'Floss flower', botanical: 'Ageratum houstonianum', variety: 'powder blue', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [160, 260], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [3, 4, 9, 12], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 4899 8630', leaf: ['medium', 40, 'heart', 'felted'], flower: ['ball', 26, 0.5],
      colours: [['leaf', '#58804a', 1], ['flower', '#8a93d8', 1]], starts: { plug: 9, pack6: 3.6, p9: 1.9 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: true, note: 'Soft blue buttons; do not let it wilt.',
    },
    { id: 'ageratum-white', variety: 'white', colours: [['leaf', '#5d864e', 1], ['flower', '#f4f4ee', 1]], note: 'Soft white buttons; do not let it wilt.' },
  ),
  ...kin(
    {
      id: 'begonia-white', common: 'Bedding begonia', botanical: 'Begonia × semperflorens', variety: 'white, green leaf', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [180, 270], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [1, 2, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 6 }, season: 'warm', bloom: '0000 5999 9840', leaf: ['medium', 45, 'round', 'glossy'], flower: ['round', 26, 0.45],
      colours: [['leaf', '#4f8a48', 1], ['flower', '#f9f7f2', 0.93], ['throat', '#f0c93f', 0.07]], starts: { plug: 9, pack6: 3.8, p9: 1.9 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Forgives a missed watering.', poisonPart: 'roots and stems',
    },
    { id: 'begonia-rose-bronze', variety: 'rose, bronze leaf', sun: [2, 3, 8, 12], scorch: 5, colours: [['leaf', '#5d3a34', 1], ['flower', '#e5597f', 0.93], ['throat', '#f0c93f', 0.07]] },
  ),
  ...kin(
    {
      id: 'lobelia-blue', common: 'Trailing lobelia', botanical: 'Lobelia erinus', variety: 'mid blue', group: 'warm bedding', roles: ['spiller'], habit: 'cascade',
      height: [110, 170], spread: [200, 300], trail: [150, 260], vigour: 2, sun: [2, 3, 7, 10], scorch: 3, water: 'thirsty', feed: 'medium',
      cold: { winter: -2, night: 1 }, season: 'cool', bloom: '0003 9974 5630', leaf: ['fine', 16, 'ovate', 'matte'], flower: ['round', 14, 0.55],
      colours: [['leaf', '#547a45', 1], ['flower', '#4a63cf', 0.85], ['throat', '#f2f3fa', 0.15]], starts: { plug: 9, pack6: 3.4, p9: 1.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Browns in heat; shear it and it comes again.',
    },
    { id: 'lobelia-white', variety: 'white', colours: [['leaf', '#5d8450', 1], ['flower', '#f7f7f6', 0.94], ['throat', '#dbe3c0', 0.06]] },
    { id: 'lobelia-deep', variety: 'deep blue, white eye', colours: [['leaf', '#4a6a44', 0.85], ['stem', '#5a3a4e', 0.15], ['flower', '#2b36a8', 0.85], ['throat', '#f2f3fa', 0.15]] },
  ),
  ...kin(
    {
      id: 'fan-flower-blue', common: 'Fan flower', botanical: 'Scaevola aemula', variety: 'violet-blue', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [140, 210], spread: [320, 460], trail: [260, 460], vigour: 4, sun: [4, 6, 13, 15], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -2, night: 3 }, season: 'warm', bloom: '0000 4899 9850', leaf: ['medium', 35, 'ovate', 'matte'], flower: ['airy', 24, 0.45],
      colours: [['leaf', '#4f7d43', 1], ['flower', '#7366c4', 0.88], ['throat', '#f3efe0', 0.12]], starts: { p9: 2.6, p10: 3.4 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Takes heat and a missed watering.',
    },
    { id: 'fan-flower-pink', variety: 'pink', colours: [['leaf', '#4f7d43', 1], ['flower', '#e08ab4', 0.88], ['throat', '#f8efe4', 0.12]], poison: ['none', 'none', 'none'] },
    { id: 'fan-flower-white', variety: 'white', colours: [['leaf', '#568446', 1], ['flower', '#f6f5ef', 0.92], ['throat', '#e9dc9a', 0.08]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'bacopa-white', common: 'Bacopa', botanical: 'Chaenostoma cordatum', variety: 'white', group: 'warm bedding', roles: ['spiller'], habit: 'cascade',
      height: [90, 150], spread: [260, 380], trail: [200, 380], vigour: 3, sun: [3, 4, 8, 11], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: -2, night: 1 }, season: 'warm', bloom: '0001 7988 8862', leaf: ['fine', 16, 'round', 'matte'], flower: ['round', 16, 0.5],
      colours: [['leaf', '#4f7f45', 1], ['flower', '#fbfbf8', 0.92], ['throat', '#eec53a', 0.08]], starts: { plug: 16, pack6: 4.4, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Drops every flower if it dries out once.',
    },
    { id: 'bacopa-lilac', variety: 'lilac', colours: [['leaf', '#4f7f45', 1], ['flower', '#b79ad6', 0.92], ['throat', '#eec53a', 0.08]], poison: ['none', 'none', 'none'] },
    { id: 'bacopa-pink', variety: 'pale pink', colours: [['leaf', '#4f7f45', 1], ['flower', '#efbfd2', 0.92], ['throat', '#e4b03a', 0.08]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'verbena-trailing-violet', common: 'Trailing verbena', botanical: 'Verbena × hybrida', variety: 'violet', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [130, 200], spread: [320, 460], trail: [200, 360], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -4, night: 1 }, season: 'warm', bloom: '0000 4899 9850', leaf: ['fine', 32, 'feather', 'matte'], flower: ['ball', 38, 0.42],
      colours: [['leaf', '#4d7940', 1], ['flower', '#6a33a8', 0.92], ['throat', '#d8c4f0', 0.08]], starts: { pack6: 4.5, p9: 2.4 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pinch twice and it covers a rim by July.',
    },
    { id: 'verbena-trailing-pink', variety: 'pink', colours: [['leaf', '#4d7940', 1], ['flower', '#e06a9c', 0.92], ['throat', '#f7d9e6', 0.08]], poison: ['none', 'none', 'none'] },
    { id: 'verbena-trailing-white', variety: 'white', colours: [['leaf', '#548146', 1], ['flower', '#f6f5f1', 0.95], ['throat', '#dfe6c8', 0.05]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'petunia-trailing-violet', common: 'Trailing petunia', botanical: 'Petunia × atkinsiana', variety: 'violet', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [140, 220], spread: [380, 560], trail: [450, 850], vigour: 4, sun: [4, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -1, night: 3 }, season: 'warm', bloom: '0000 4899 8740', leaf: ['medium', 38, 'ovate', 'felted'], flower: ['trumpet', 52, 0.55],
      colours: [['leaf', '#56833f', 1], ['flower', '#6a2fae', 0.85], ['throat', '#2f145c', 0.15]], starts: { p9: 2.6, p10: 3.4 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Feed every week; shorten the longest trails in July.', facts: { rain: 'stands', spent: 'falls' },
    },
    { id: 'petunia-trailing-pink', variety: 'hot pink', colours: [['leaf', '#56833f', 1], ['flower', '#e63b86', 0.88], ['throat', '#8f154e', 0.12]] },
    { id: 'petunia-trailing-white', variety: 'white', colours: [['leaf', '#5d8a46', 1], ['flower', '#f8f7f2', 0.92], ['throat', '#dfe6c3', 0.08]] },
    { id: 'petunia-trailing-blue', variety: 'light blue', colours: [['leaf', '#56833f', 1], ['flower', '#8f93d4', 0.85], ['throat', '#4b4a96', 0.15]] },
  ),
  ...kin(
    {
      id: 'pelargonium-ivy-red', common: 'Ivy-leaved pelargonium', botanical: 'Pelargonium peltatum', variety: 'red', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [180, 280], spread: [320, 480], trail: [250, 500], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 4 }, season: 'warm', bloom: '0001 5899 9862', leaf: ['medium', 52, 'lobed', 'glossy'], flower: ['ball', 52, 0.4],
      colours: [['leaf', '#4f8040', 0.9], ['edge', '#7d9a4c', 0.1], ['flower', '#d21f2c', 1]], starts: { pack6: 5.6, p9: 2.5, p10: 3.4 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'The window-box trailer of hot walls; snap off dead heads.',
    },
    { id: 'pelargonium-ivy-lilac', variety: 'lilac pink', colours: [['leaf', '#4f8040', 0.9], ['edge', '#7d9a4c', 0.1], ['flower', '#cf8fc8', 1]] },
    { id: 'pelargonium-ivy-white', variety: 'white', colours: [['leaf', '#558748', 0.9], ['edge', '#86a254', 0.1], ['flower', '#f7f5ef', 1]] },
    { id: 'pelargonium-ivy-burgundy', variety: 'burgundy', colours: [['leaf', '#4c7a3e', 0.9], ['edge', '#75924a', 0.1], ['flower', '#7d1636', 1]], pinch: 'no'},
  ),
  ...kin(
    {
      id: 'pelargonium-scented', common: 'Scented pelargonium', botanical: 'Pelargonium graveolens', variety: 'rose-scented leaf', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [300, 480], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -1, night: 4 }, season: 'warm', bloom: '0000 3576 4200', leaf: ['medium', 60, 'lobed', 'felted'], flower: ['round', 22, 0.1],
      colours: [['leaf', '#7d9a72', 1], ['flower', '#d9a6c6', 0.8], ['throat', '#8a3f78', 0.2]], starts: { p9: 2.8, l1: 5.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Rub the leaf: plant it where a hand passes.',
    },
  ),
  ...kin(
    {
      id: 'zinnia-orange', common: 'Zinnia', botanical: 'Zinnia × marylandica', variety: 'orange', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [250, 380], spread: [240, 340], trail: [0, 0], vigour: 3, sun: [6, 7, 13, 15], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 7 }, season: 'warm', bloom: '0000 1799 9720', leaf: ['medium', 52, 'ovate', 'matte'], flower: ['daisy', 56, 0.42],
      colours: [['leaf', '#56803f', 1], ['flower', '#f3701d', 0.85], ['throat', '#8a3412', 0.15]], starts: { seed: 2.5, pack6: 4.2, p9: 2.2 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Loves heat; water the soil, not the leaves.',
    },
    { id: 'zinnia-white', variety: 'white', colours: [['leaf', '#56803f', 1], ['flower', '#f7f5ee', 0.85], ['throat', '#d9b93a', 0.15]] },
    { id: 'zinnia-cherry', variety: 'cherry', colours: [['leaf', '#56803f', 1], ['flower', '#d32a60', 0.85], ['throat', '#6e1530', 0.15]] },
  ),
  ...kin(
    {
      id: 'cosmos-white', common: 'Cosmos', botanical: 'Cosmos bipinnatus', variety: 'white, dwarf', group: 'warm bedding', roles: ['filler', 'thriller'], habit: 'cloud',
      height: [350, 600], spread: [250, 380], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 0689 9830', leaf: ['fine', 60, 'feather', 'matte'], flower: ['daisy', 68, 0.3],
      colours: [['leaf', '#6b9150', 1], ['flower', '#f8f6f4', 0.85], ['throat', '#f0c32c', 0.15]], starts: { seed: 2.4, pack6: 3.8, p9: 2.2, l1: 5.2 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Lean mix, more flower; cut for the house.',
    },
    { id: 'cosmos-pink', variety: 'shell pink', colours: [['leaf', '#6b9150', 1], ['flower', '#e79ac0', 0.85], ['throat', '#f0c32c', 0.15]] },
  ),
  ...kin(
    {
      id: 'dahlia-red-dark', common: 'Dahlia', botanical: 'Dahlia × hybrida', variety: 'red, dark leaf', group: 'warm bedding', roles: ['filler', 'thriller'], habit: 'bush',
      height: [350, 520], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [5, 6, 11, 13], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -3, night: 5 }, season: 'warm', bloom: '0000 0689 9840', leaf: ['medium', 75, 'ovate', 'matte'], flower: ['daisy', 95, 0.25],
      colours: [['leaf', '#4a2f3a', 0.85], ['vein', '#6a4350', 0.15], ['flower', '#cf1f2e', 0.85], ['throat', '#4b1518', 0.15]], starts: { bare: 4, p10: 3.8, l1: 6.5, l2: 10 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Lift or dry the tuber off before hard frost.', facts: { bees: 'good' },
    },
    { id: 'dahlia-yellow', variety: 'yellow, dark leaf', colours: [['leaf', '#4a2f3a', 0.85], ['vein', '#6a4350', 0.15], ['flower', '#f6c82f', 0.88], ['throat', '#b5561a', 0.12]] },
    { id: 'dahlia-pink', variety: 'pink, green leaf', colours: [['leaf', '#4f7c43', 1], ['flower', '#e881ad', 0.9], ['throat', '#f3dc7a', 0.1]] },
    { id: 'dahlia-apricot', variety: 'apricot, green leaf', colours: [['leaf', '#4f7c43', 1], ['flower', '#f3a368', 0.9], ['throat', '#e9cf62', 0.1]] },
  ),
  ...kin(
    {
      id: 'gazania-orange', common: 'Gazania', botanical: 'Gazania rigens', variety: 'orange, dark ring', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [160, 240], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [6, 7, 14, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -3, night: 2 }, season: 'warm', bloom: '0000 4899 9830', leaf: ['medium', 90, 'strap', 'matte'], flower: ['daisy', 72, 0.4],
      colours: [['leaf', '#5d7f4e', 0.8], ['edge', '#c9d2c0', 0.2], ['flower', '#f28a12', 0.8], ['throat', '#4a2a12', 0.2]], starts: { pack6: 4.6, p9: 2.3 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Shuts in dull weather; made for heat and drought.',
    },
    { id: 'gazania-yellow', variety: 'yellow', colours: [['leaf', '#5d7f4e', 0.8], ['edge', '#c9d2c0', 0.2], ['flower', '#f6cf26', 0.88], ['throat', '#a9761a', 0.12]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'cleome-rose', common: 'Spider flower', botanical: 'Cleome houtteana', variety: 'rose, compact', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'wand',
      height: [450, 750], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 1689 9830', leaf: ['medium', 80, 'palmate', 'matte'], flower: ['airy', 60, 0.38],
      colours: [['leaf', '#55813f', 0.9], ['stem', '#8a5a74', 0.1], ['flower', '#dd7fb6', 1]], starts: { p9: 2.8, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'Small thorns on older stems: mind bare arms.',
    },
    { id: 'cleome-white', variety: 'white, compact', colours: [['leaf', '#55813f', 1], ['flower', '#f5f3f0', 1]] },
  ),
  ...kin(
    {
      id: 'celosia-red', common: 'Plume celosia', botanical: 'Celosia argentea', variety: 'red', group: 'warm bedding', roles: ['filler', 'thriller'], habit: 'wand',
      height: [250, 420], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [5, 6, 13, 15], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0000 0589 9830', leaf: ['medium', 70, 'ovate', 'matte'], flower: ['plume', 150, 0.42],
      colours: [['leaf', '#5a6f3d', 0.85], ['vein', '#8a4a3a', 0.15], ['flower', '#cf1f3a', 1]], starts: { pack6: 4.4, p9: 2.3 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Flames for a hot spot; never let it sit cold and wet.',
    },
    { id: 'celosia-gold', variety: 'gold', colours: [['leaf', '#5d8a42', 1], ['flower', '#f4b51c', 1]] },
  ),
  ...kin(
    {
      id: 'gomphrena-magenta', common: 'Globe amaranth', botanical: 'Gomphrena globosa', variety: 'magenta', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [250, 420], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [6, 7, 13, 15], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 0589 9840', leaf: ['medium', 55, 'ovate', 'felted'], flower: ['ball', 26, 0.32],
      colours: [['leaf', '#5e8549', 1], ['flower', '#b5227e', 1]], starts: { pack6: 4.2, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Everlasting buttons that dry on the plant.',
    },
  ),
  ...kin(
    {
      id: 'nicotiana-lime', common: 'Tobacco plant', botanical: 'Nicotiana alata', variety: 'lime, compact', group: 'warm bedding', roles: ['filler', 'thriller'], habit: 'wand',
      height: [300, 550], spread: [250, 350], trail: [0, 0], vigour: 3, sun: [2, 3, 8, 11], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 3799 8730', leaf: ['medium', 110, 'ovate', 'matte'], flower: ['trumpet', 42, 0.28],
      colours: [['leaf', '#5f8f49', 1], ['flower', '#c3d05a', 0.9], ['throat', '#e6ebb0', 0.1]], starts: { pack6: 4, p9: 2.2, l1: 5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Scented at dusk. Every part is poisonous.',
    },
    { id: 'nicotiana-white', variety: 'white, compact', colours: [['leaf', '#5f8f49', 1], ['flower', '#f6f5ee', 0.95], ['throat', '#d9e0b4', 0.05]] },
  ),
  ...kin(
    {
      id: 'heliotrope-violet', common: 'Heliotrope', botanical: 'Heliotropium arborescens', variety: 'deep violet', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [250, 400], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [4, 5, 10, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 3689 9730', leaf: ['medium', 65, 'ovate', 'matte'], flower: ['ball', 70, 0.3],
      colours: [['leaf', '#44603f', 0.85], ['vein', '#6a7f5a', 0.15], ['flower', '#4f2f8a', 1]], starts: { p9: 2.8, l1: 6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Smells of cherry pie by a seat; poisonous if eaten.',
    },
  ),
  ...kin(
    {
      id: 'alyssum-white', common: 'Sweet alyssum', botanical: 'Lobularia maritima', variety: 'white', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [80, 150], spread: [200, 320], trail: [60, 130], vigour: 3, sun: [3, 4, 10, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -6, night: -4 }, season: 'cool', bloom: '0005 9986 6872', leaf: ['fine', 18, 'strap', 'matte'], flower: ['airy', 12, 0.6],
      colours: [['leaf', '#6a8f5c', 1], ['flower', '#fbfaf6', 1]], starts: { plug: 8, pack6: 3.4, p9: 1.9 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Honey-scented foam; shear it when it thins.',
    },
    { id: 'alyssum-purple', variety: 'purple', colours: [['leaf', '#6a8f5c', 1], ['flower', '#8a5cae', 1]] },
  ),
  ...kin(
    {
      id: 'brachyscome-blue', common: 'Swan river daisy', botanical: 'Brachyscome multifida', variety: 'violet-blue', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [150, 230], spread: [250, 350], trail: [80, 180], vigour: 3, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -3, night: 1 }, season: 'warm', bloom: '0002 6898 8841', leaf: ['fine', 26, 'feather', 'matte'], flower: ['daisy', 24, 0.42],
      colours: [['leaf', '#6a9156', 1], ['flower', '#8d83d0', 0.85], ['throat', '#f0cf3c', 0.15]], starts: { pack6: 4.6, p9: 2.3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Fine and steady; a good weaver between bigger leaves.',
    },
  ),
  ...kin(
    {
      id: 'felicia-blue', common: 'Blue marguerite', botanical: 'Felicia amelloides', variety: 'sky blue', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [220, 340], spread: [240, 340], trail: [0, 60], vigour: 2, sun: [5, 6, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -3, night: 2 }, season: 'warm', bloom: '0001 6887 7762', leaf: ['fine', 24, 'ovate', 'matte'], flower: ['daisy', 34, 0.32],
      colours: [['leaf', '#557f4b', 1], ['flower', '#6b93dd', 0.82], ['throat', '#f2cb2c', 0.18]], starts: { p9: 2.5, l1: 5.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'True blue and rare for it; deadhead to keep it coming.',
    },
  ),
  ...kin(
    {
      id: 'marguerite-white', common: 'Marguerite', botanical: 'Argyranthemum frutescens', variety: 'white', group: 'warm bedding', roles: ['filler', 'thriller'], habit: 'bush',
      height: [350, 550], spread: [320, 450], trail: [0, 0], vigour: 3, sun: [5, 6, 11, 13], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: -3, night: 1 }, season: 'warm', bloom: '0004 8976 7852', leaf: ['medium', 55, 'feather', 'matte'], flower: ['daisy', 52, 0.35],
      colours: [['leaf', '#6e9560', 1], ['flower', '#f8f7f2', 0.82], ['throat', '#f0c22a', 0.18]], starts: { p9: 2.6, l1: 6, l2: 9.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Trains to a standard; rests in great heat.',
    },
    { id: 'marguerite-yellow', variety: 'lemon', colours: [['leaf', '#6e9560', 1], ['flower', '#f4e06a', 0.82], ['throat', '#dca51e', 0.18]] },
    { id: 'marguerite-pink', variety: 'pink', colours: [['leaf', '#6e9560', 1], ['flower', '#e58bb0', 0.82], ['throat', '#c9643a', 0.18]] },
  ),
  ...kin(
    {
      id: 'sanvitalia-yellow', common: 'Creeping zinnia', botanical: 'Sanvitalia procumbens', variety: 'golden, dark eye', group: 'warm bedding', roles: ['spiller'], habit: 'cascade',
      height: [90, 150], spread: [260, 380], trail: [120, 240], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 4899 9830', leaf: ['fine', 20, 'ovate', 'matte'], flower: ['daisy', 20, 0.45],
      colours: [['leaf', '#4f7a3e', 1], ['flower', '#f6bf1c', 0.7], ['throat', '#3a2414', 0.3]], starts: { seed: 2.4, pack6: 4.2, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Tiny sunflowers along a rim, with no deadheading.',
    },
  ),
  ...kin(
    {
      id: 'mecardonia-yellow', common: 'Mecardonia', botanical: 'Mecardonia procumbens', variety: 'yellow', group: 'warm bedding', roles: ['spiller'], habit: 'cascade',
      height: [70, 120], spread: [240, 340], trail: [120, 230], vigour: 3, sun: [4, 5, 11, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 5899 9840', leaf: ['fine', 14, 'ovate', 'glossy'], flower: ['round', 14, 0.4],
      colours: [['leaf', '#5f9440', 1], ['flower', '#f7d422', 0.92], ['throat', '#c98f1a', 0.08]], starts: { p9: 2.3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A tidy yellow mat that hangs; shrugs off heat.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'evolvulus-blue', common: 'Evolvulus', botanical: 'Evolvulus glomeratus', variety: 'sky blue', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [130, 200], spread: [260, 380], trail: [120, 260], vigour: 2, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 2, night: 6 }, season: 'warm', bloom: '0000 3799 9840', leaf: ['fine', 18, 'ovate', 'felted'], flower: ['round', 22, 0.35],
      colours: [['leaf', '#7d9a7c', 1], ['flower', '#5a86dc', 0.88], ['throat', '#f4f5f8', 0.12]], starts: { p9: 2.5, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Blue that takes full sun; open by day, shut by evening.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'pentas-red', common: 'Pentas', botanical: 'Pentas lanceolata', variety: 'red', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [280, 450], spread: [260, 360], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 3, night: 9 }, season: 'warm', bloom: '0000 3799 9740', leaf: ['medium', 70, 'ovate', 'felted'], flower: ['ball', 60, 0.3],
      colours: [['leaf', '#4f7f42', 1], ['flower', '#d3273a', 1]], starts: { p9: 2.8, l1: 6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Stars in clusters, busy with butterflies.',
    },
    { id: 'pentas-pink', variety: 'pink', colours: [['leaf', '#4f7f42', 1], ['flower', '#ea8fb2', 1]] },
  ),
  ...kin(
    {
      id: 'catharanthus-pink', common: 'Madagascar periwinkle', botanical: 'Catharanthus roseus', variety: 'rose pink', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [220, 340], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 4, night: 10 }, season: 'warm', bloom: '0000 3799 9840', leaf: ['medium', 42, 'ovate', 'glossy'], flower: ['round', 42, 0.42],
      colours: [['leaf', '#3f7a3f', 0.9], ['vein', '#8fb57c', 0.1], ['flower', '#e0699b', 0.85], ['throat', '#a51f55', 0.15]], starts: { pack6: 4.6, p9: 2.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Poisonous if eaten. Hates cold, wet roots.',
    },
    { id: 'catharanthus-white', variety: 'white', colours: [['leaf', '#3f7a3f', 0.9], ['vein', '#8fb57c', 0.1], ['flower', '#f8f7f3', 0.9], ['throat', '#d8dca8', 0.1]] },
  ),
  ...kin(
    {
      id: 'cuphea-orange', common: 'Cigar plant', botanical: 'Cuphea ignea', variety: 'orange', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [220, 360], spread: [240, 340], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 1, night: 5 }, season: 'warm', bloom: '0000 4799 9850', leaf: ['fine', 35, 'ovate', 'glossy'], flower: ['bell', 24, 0.32],
      colours: [['leaf', '#4f803f', 1], ['flower', '#ea5a20', 0.85], ['throat', '#2f1a1c', 0.15]], starts: { p9: 2.4, l1: 5.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Small fiery tubes all summer, and no deadheading.',
    },
  ),
  ...kin(
    {
      id: 'cuphea-bat', common: 'Bat-faced cuphea', botanical: 'Cuphea llavea', variety: 'red and violet', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [220, 340], spread: [280, 380], trail: [60, 140], vigour: 3, sun: [4, 5, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 4799 9840', leaf: ['medium', 42, 'ovate', 'matte'], flower: ['round', 28, 0.32],
      colours: [['leaf', '#4f7b41', 1], ['flower', '#cf1f3c', 0.7], ['throat', '#4a1f66', 0.3]], starts: { p9: 2.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Two red ears on a violet face.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'nemesia-white', common: 'Nemesia', botanical: 'Nemesia hybrid', variety: 'white', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [200, 300], spread: [200, 280], trail: [0, 40], vigour: 2, sun: [4, 5, 9, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: -4, night: 0 }, season: 'cool', bloom: '0026 9973 4763', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['round', 18, 0.5],
      colours: [['leaf', '#5c8a4b', 1], ['flower', '#f8f6f2', 0.88], ['throat', '#f1d04c', 0.12]], starts: { pack6: 4.4, p9: 2.2 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Scented; cut back in July and it flowers again.', facts: { scent: 'flower' },
    },
    { id: 'nemesia-blue', variety: 'violet-blue', colours: [['leaf', '#5c8a4b', 1], ['flower', '#7d68b8', 0.85], ['throat', '#f1d76a', 0.15]], poison: ['none', 'none', 'none'], facts: { scent: 'none' }, note: 'Cut back in July and it flowers again.' },
    { id: 'nemesia-red', variety: 'red and white', colours: [['leaf', '#5c8a4b', 1], ['flower', '#cf2433', 0.6], ['throat', '#f6f1e6', 0.4]], poison: ['none', 'none', 'none'], facts: { scent: 'none' }, note: 'Cut back in July and it flowers again.' },
  ),
  ...kin(
    {
      id: 'salvia-scarlet', common: 'Bedding salvia', botanical: 'Salvia splendens', variety: 'scarlet', group: 'warm bedding', roles: ['filler', 'thriller'], habit: 'wand',
      height: [250, 420], spread: [220, 300], trail: [0, 0], vigour: 2, sun: [3, 4, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 1, night: 6 }, season: 'warm', bloom: '0000 4899 9740', leaf: ['medium', 60, 'ovate', 'matte'], flower: ['spike', 26, 0.42],
      colours: [['leaf', '#3f7338', 1], ['flower', '#d8141f', 1]], starts: { pack6: 3.8, p9: 2.1 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Parks’ red: a little of it goes a long way.',
    },
    { id: 'salvia-violet', variety: 'violet', colours: [['leaf', '#3f7338', 1], ['flower', '#5a2a86', 1]], note: 'Violet spikes all summer; cut spent ones low.', common: 'Bedding salvia' },
  ),
  ...kin(
    {
      id: 'salvia-cherry', common: 'Shrubby salvia', botanical: 'Salvia microphylla', variety: 'cherry', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'bush',
      height: [400, 650], spread: [350, 480], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -9, night: -2 }, season: 'warm', bloom: '0000 4687 8873', leaf: ['fine', 26, 'ovate', 'matte'], flower: ['airy', 26, 0.28],
      colours: [['leaf', '#5a7f4c', 1], ['flower', '#cf2a5e', 1]], starts: { p9: 3, l1: 6.5, l2: 10 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Currant-scented leaves; flowers until the frost.', facts: { winterLook: 'bare stems' },
    },
  ),
  ...kin(
    {
      id: 'salvia-deep-blue', common: 'Tall blue salvia', botanical: 'Salvia guaranitica', variety: 'deep blue, dark calyx', group: 'warm bedding', roles: ['thriller'], habit: 'wand',
      height: [700, 1100], spread: [350, 480], trail: [0, 0], vigour: 4, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: 2 }, season: 'warm', bloom: '0000 1589 9850', leaf: ['medium', 80, 'ovate', 'matte'], flower: ['spike', 42, 0.3],
      colours: [['leaf', '#4f7f45', 0.9], ['stem', '#2a1f3a', 0.1], ['flower', '#2f2f9e', 0.85], ['throat', '#1d1830', 0.15]], starts: { l1: 7, l2: 11 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Tall and airy, late and long; stake it in wind.',
    },
  ),
  ...kin(
    {
      id: 'plumbago-blue', common: 'Plumbago', botanical: 'Plumbago auriculata', variety: 'sky blue', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'bush',
      height: [500, 900], spread: [400, 600], trail: [0, 150], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -4, night: 4 }, season: 'warm', bloom: '0000 1589 9851', leaf: ['medium', 45, 'ovate', 'matte'], flower: ['ball', 60, 0.32],
      colours: [['leaf', '#5f8f4d', 1], ['flower', '#8fb6ea', 0.95], ['throat', '#5f86cc', 0.05]], starts: { l1: 7.5, l2: 12 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['irritant', 'unknown', 'unknown'], sap: 'yes', spreads: false, note: 'Lax and lovely; tie it up or let it fall.',
    },
  ),
  ...kin(
    {
      id: 'lantana-trailing-lilac', common: 'Trailing lantana', botanical: 'Lantana montevidensis', variety: 'lilac', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [180, 280], spread: [350, 520], trail: [200, 400], vigour: 4, sun: [5, 6, 13, 15], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -3, night: 6 }, season: 'warm', bloom: '0000 3799 9851', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['ball', 28, 0.35],
      colours: [['leaf', '#4c7a3f', 1], ['flower', '#a873c4', 0.85], ['throat', '#f3e7b4', 0.15]], starts: { p9: 3, p10: 3.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Heat and drought are nothing to it; poisonous if eaten.', poisonPart: 'berries and leaves',
    },
  ),
  ...kin(
    {
      id: 'lophospermum-pink', common: 'Creeping gloxinia', botanical: 'Lophospermum erubescens', variety: 'pink', group: 'warm bedding', roles: ['spiller'], habit: 'trail',
      height: [150, 250], spread: [300, 450], trail: [400, 800], vigour: 3, sun: [3, 5, 10, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -2, night: 4 }, season: 'warm', bloom: '0000 1578 8740', leaf: ['medium', 55, 'heart', 'felted'], flower: ['trumpet', 60, 0.18],
      colours: [['leaf', '#5f8a4e', 1], ['flower', '#d9628c', 0.85], ['throat', '#f3dfe0', 0.15]], starts: { p10: 3.8, l1: 6.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Climbs or hangs by its leaf stalks, as it likes.', facts: { ease: 'occasional' },
    },
  ),
];
