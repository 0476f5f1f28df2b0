import { kin } from './record';

export const coolBedding = [
  ...kin(
    {
      id: 'snapdragon-yellow', common: 'Snapdragon', botanical: 'Antirrhinum majus', variety: 'clear yellow', group: 'cool bedding', roles: ['thriller', 'filler'], habit: 'wand',
      height: [320, 560], spread: [200, 300], trail: [0, 0], vigour: 2, sun: [4, 5, 9, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -8, night: -3 }, season: 'cool', bloom: '0014 8973 5862', leaf: ['fine', 45, 'ovate', 'matte'], flower: ['spike', 30, 0.42],
      colours: [['leaf', '#4f7a45', 1], ['flower', '#f6d02f', 0.8], ['throat', '#f3a21d', 0.2]], starts: { pack6: 4.2, p9: 2.2, l1: 5 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Best in spring and again in autumn; rests in heat.',
    },
    { id: 'snapdragon-pink', variety: 'pink', colours: [['leaf', '#4f7a45', 1], ['flower', '#e58aa8', 0.8], ['throat', '#f6d9a8', 0.2]] },
    { id: 'snapdragon-white', variety: 'white', colours: [['leaf', '#558148', 1], ['flower', '#f8f7f0', 0.9], ['throat', '#efe6a6', 0.1]] },
    { id: 'snapdragon-crimson', variety: 'crimson', colours: [['leaf', '#47703e', 1], ['flower', '#a3142c', 0.88], ['throat', '#d8522c', 0.12]] },
  ),
  ...kin(
    {
      id: 'osteospermum-white', common: 'Cape daisy', botanical: 'Osteospermum ecklonis', variety: 'white, blue eye', group: 'cool bedding', roles: ['filler'], habit: 'bush',
      height: [250, 380], spread: [260, 360], trail: [0, 0], vigour: 2, sun: [5, 6, 11, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: -3 }, season: 'cool', bloom: '0027 9976 7751', leaf: ['fine', 50, 'ovate', 'matte'], flower: ['daisy', 60, 0.42],
      colours: [['leaf', '#557a4a', 1], ['flower', '#f6f4f0', 0.82], ['throat', '#3e4a86', 0.18]], starts: { p9: 2.6, p10: 3.4, l1: 6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Shuts its flowers on dull days and at night.',
    },
    { id: 'osteospermum-purple', variety: 'purple', colours: [['leaf', '#557a4a', 1], ['flower', '#8e3f94', 0.84], ['throat', '#2e2a5c', 0.16]] },
    { id: 'osteospermum-yellow', variety: 'soft yellow', colours: [['leaf', '#557a4a', 1], ['flower', '#f3df7a', 0.84], ['throat', '#4a4a5c', 0.16]] },
    { id: 'osteospermum-apricot', variety: 'apricot', colours: [['leaf', '#557a4a', 1], ['flower', '#eea476', 0.84], ['throat', '#6a3a5c', 0.16]] },
  ),
  ...kin(
    {
      id: 'viola-blue', common: 'Viola', botanical: 'Viola × williamsii', variety: 'sky blue, yellow eye', group: 'cool bedding', roles: ['filler'], habit: 'mound',
      height: [120, 190], spread: [180, 260], trail: [60, 140], vigour: 2, sun: [2, 3, 9, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: -18, night: -8 }, season: 'cool', bloom: '2379 9620 4742', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['round', 30, 0.48],
      colours: [['leaf', '#4d7a44', 1], ['flower', '#6d7fd4', 0.85], ['throat', '#f4cf3b', 0.15]], starts: { plug: 9, pack6: 3.4, p9: 1.8 },
      deadhead: 'helps', pinch: 'helps', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Flowers in any mild spell from autumn to spring.',
    },
    { id: 'viola-yellow', variety: 'clear yellow', colours: [['leaf', '#4d7a44', 1], ['flower', '#f7d733', 0.92], ['throat', '#d98a14', 0.08]] },
    { id: 'viola-white', variety: 'white', colours: [['leaf', '#4d7a44', 1], ['flower', '#f6f5f2', 0.9], ['throat', '#e9cf5a', 0.1]] },
    { id: 'viola-purple-gold', variety: 'purple and gold', colours: [['leaf', '#4f7d42', 1], ['flower', '#5a2a86', 0.65], ['throat', '#f2b92a', 0.35]] },
    { id: 'viola-apricot', variety: 'apricot', colours: [['leaf', '#4f7d42', 1], ['flower', '#f3b078', 0.9], ['throat', '#c9702a', 0.1]] },
    { id: 'viola-wine', variety: 'wine red', colours: [['leaf', '#4f7d42', 1], ['flower', '#7d1a3a', 0.88], ['throat', '#e6b93a', 0.12]] },
  ),
  ...kin(
    {
      id: 'nemesia-pink', common: 'Nemesia', botanical: 'Nemesia fruticans', variety: 'pink and white', group: 'cool bedding', roles: ['filler'], habit: 'cloud',
      height: [200, 320], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [3, 5, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: -3 }, season: 'cool', bloom: '0026 9974 5762', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['airy', 17, 0.45],
      colours: [['leaf', '#54794a', 1], ['flower', '#ec9bb8', 0.7], ['throat', '#fbf5ef', 0.3]], starts: { pack6: 4.6, p9: 2.3 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Scented; shear by half when it tires.',
    },
  ),
  ...kin(
    {
      id: 'primrose-cream', common: 'Primrose', botanical: 'Primula vulgaris', variety: 'cream', group: 'cool bedding', roles: ['filler'], habit: 'mound',
      height: [100, 160], spread: [160, 220], trail: [0, 0], vigour: 1, sun: [1, 2, 5, 7], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -20, night: -10 }, season: 'cool', bloom: '2579 3000 0012', leaf: ['medium', 85, 'ovate', 'matte'], flower: ['round', 32, 0.4],
      colours: [['leaf', '#5f8f4a', 1], ['flower', '#f5edb0', 0.88], ['throat', '#eab52c', 0.12]], starts: { pack6: 3.8, p9: 1.7 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Some skins react to the leaves: wear gloves.',
    },
  ),
  ...kin(
    {
      id: 'pansy-blue', common: 'Pansy', botanical: 'Viola × wittrockiana', variety: 'blue, dark face', group: 'cool bedding', roles: ['filler'], habit: 'mound',
      height: [130, 200], spread: [160, 240], trail: [0, 0], vigour: 2, sun: [2, 3.5, 9, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: -14, night: -7 }, season: 'cool', bloom: '1379 9850 5642', leaf: ['medium', 32, 'ovate', 'matte'], flower: ['round', 62, 0.42],
      colours: [['leaf', '#4d7a40', 1], ['flower', '#4f5cc0', 0.7], ['throat', '#1c1440', 0.3]], starts: { plug: 9, pack6: 3.6, p9: 1.9 },
      deadhead: 'needed', pinch: 'no', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Flowers on mild days all winter; tires in heat.',
    },
    { id: 'pansy-yellow', variety: 'yellow, dark face', colours: [['leaf', '#4d7a40', 1], ['flower', '#f5cc1e', 0.75], ['throat', '#3a1a14', 0.25]] },
    { id: 'pansy-white', variety: 'white', colours: [['leaf', '#548146', 1], ['flower', '#f7f6f2', 0.93], ['throat', '#f0d24a', 0.07]] },
    { id: 'pansy-crimson', variety: 'crimson, dark face', colours: [['leaf', '#4d7a40', 1], ['flower', '#9c1830', 0.75], ['throat', '#2a0a14', 0.25]] },
    { id: 'pansy-orange', variety: 'clear orange', colours: [['leaf', '#4d7a40', 1], ['flower', '#f08a1a', 0.95], ['throat', '#c9561a', 0.05]] },
  ),
  ...kin(
    {
      id: 'viola-trailing-blue', common: 'Trailing viola', botanical: 'Viola cornuta', variety: 'light blue', group: 'cool bedding', roles: ['spiller'], habit: 'cascade',
      height: [90, 150], spread: [220, 320], trail: [120, 240], vigour: 2, sun: [2, 3.5, 9, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: -14, night: -7 }, season: 'cool', bloom: '1379 9950 4742', leaf: ['fine', 24, 'ovate', 'matte'], flower: ['round', 28, 0.45],
      colours: [['leaf', '#4f7d42', 1], ['flower', '#8f9ade', 0.85], ['throat', '#f4e6a0', 0.15]], starts: { pack6: 4, p9: 2.1 },
      deadhead: 'helps', pinch: 'helps', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A winter basket’s best trailer; shear after each flush.',
    },
    { id: 'viola-trailing-white', variety: 'white', colours: [['leaf', '#568448', 1], ['flower', '#f8f7f4', 0.93], ['throat', '#f1d65a', 0.07]] },
    { id: 'viola-trailing-yellow', variety: 'yellow', colours: [['leaf', '#4f7d42', 1], ['flower', '#f5d236', 0.93], ['throat', '#c98f1a', 0.07]] },
  ),
  ...kin(
    {
      id: 'primrose-yellow', common: 'Polyanthus', botanical: 'Primula × polyantha', variety: 'yellow, tall heads', group: 'cool bedding', roles: ['filler'], habit: 'stalk',
      height: [160, 260], spread: [160, 240], trail: [0, 0], vigour: 2, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: -18, night: -9 }, season: 'cool', bloom: '1359 4000 0011', leaf: ['medium', 90, 'ovate', 'matte'], flower: ['ball', 55, 0.3],
      colours: [['leaf', '#5c8a45', 0.9], ['vein', '#88a868', 0.1], ['flower', '#f4cf2a', 0.85], ['throat', '#e08a1a', 0.15]], starts: { pack6: 4.2, p9: 2 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Leaves can irritate some people’s skin; keep it out of hot sun.',
    },
    { id: 'primrose-crimson', variety: 'crimson, gold eye', colours: [['leaf', '#5c8a45', 0.9], ['vein', '#88a868', 0.1], ['flower', '#a3182f', 0.8], ['throat', '#f0c02a', 0.2]] },
    { id: 'primrose-blue', variety: 'violet-blue', colours: [['leaf', '#5c8a45', 0.9], ['vein', '#88a868', 0.1], ['flower', '#46399c', 0.8], ['throat', '#f2d24a', 0.2]] },
  ),
  ...kin(
    {
      id: 'bellis-pink', common: 'Double daisy', botanical: 'Bellis perennis', variety: 'pink pompon', group: 'cool bedding', roles: ['filler'], habit: 'stalk',
      height: [100, 160], spread: [120, 180], trail: [0, 0], vigour: 1, sun: [2, 4, 10, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -8 }, season: 'cool', bloom: '1259 8400 0222', leaf: ['medium', 40, 'ovate', 'matte'], flower: ['ball', 34, 0.34],
      colours: [['leaf', '#5a8d45', 1], ['flower', '#e88fae', 0.9], ['throat', '#f6d9de', 0.1]], starts: { pack6: 3.6, p9: 1.8 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Spring buttons; out it comes when summer starts.',
    },
    { id: 'bellis-white', variety: 'white pompon', colours: [['leaf', '#5a8d45', 1], ['flower', '#f6f3f0', 0.93], ['throat', '#efc9d2', 0.07]] },
  ),
  ...kin(
    {
      id: 'cyclamen-pink', common: 'Miniature cyclamen', botanical: 'Cyclamen persicum', variety: 'pink', group: 'cool bedding', roles: ['filler'], habit: 'stalk',
      height: [120, 200], spread: [140, 220], trail: [0, 0], vigour: 1, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -1, night: 1 }, season: 'cool', bloom: '6430 0000 0689', leaf: ['medium', 48, 'heart', 'matte'], flower: ['airy', 34, 0.3],
      colours: [['leaf', '#3f6b46', 0.65], ['vein', '#b5c7b4', 0.35], ['flower', '#dc5f92', 0.9], ['throat', '#8f1f55', 0.1]], starts: { p9: 3, p10: 4 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Twist off dead stalks whole; the tuber is poisonous.', poisonPart: 'tuber',
    },
    { id: 'cyclamen-white', variety: 'white', colours: [['leaf', '#3f6b46', 0.65], ['vein', '#b5c7b4', 0.35], ['flower', '#f6f2f2', 0.95], ['throat', '#e5a6c0', 0.05]] },
  ),
  ...kin(
    {
      id: 'wallflower-orange', common: 'Wallflower', botanical: 'Erysimum cheiri', variety: 'orange', group: 'cool bedding', roles: ['filler'], habit: 'bush',
      height: [220, 350], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -6 }, season: 'cool', bloom: '0038 9200 0000', leaf: ['medium', 55, 'strap', 'matte'], flower: ['ball', 45, 0.36],
      colours: [['leaf', '#587f4b', 1], ['flower', '#ea7a17', 0.85], ['throat', '#a3380f', 0.15]], starts: { pack6: 3.6, p9: 1.9 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Set out in autumn; spring’s best scent in a box.', poisonPart: 'seed and leaf',
    },
  ),
  ...kin(
    {
      id: 'wallflower-mauve', common: 'Perennial wallflower', botanical: 'Erysimum hybrid', variety: 'mauve', group: 'cool bedding', roles: ['filler'], habit: 'bush',
      height: [350, 550], spread: [300, 420], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -12, night: -6 }, season: 'year-round', bloom: '1359 9986 5532', leaf: ['medium', 60, 'strap', 'matte'], flower: ['spike', 18, 0.3],
      colours: [['leaf', '#7d9382', 1], ['flower', '#8a5ca6', 1]], starts: { p9: 3, l1: 6, l2: 9.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Hardly ever out of flower until it wears itself out.', poisonPart: 'seed and leaf',
    },
  ),
  ...kin(
    {
      id: 'stock-lilac', common: 'Stock', botanical: 'Matthiola incana', variety: 'lilac', group: 'cool bedding', roles: ['filler', 'thriller'], habit: 'wand',
      height: [250, 420], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [4, 5, 9, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: -2 }, season: 'cool', bloom: '0027 9962 1431', leaf: ['medium', 70, 'strap', 'felted'], flower: ['spike', 30, 0.42],
      colours: [['leaf', '#87a082', 1], ['flower', '#b58ad0', 0.9], ['throat', '#efe3f3', 0.1]], starts: { pack6: 4.2, p9: 2.2 },
      deadhead: 'helps', pinch: 'no', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Clove scent in cool weather; gone by high summer.',
    },
    { id: 'stock-white', variety: 'white', colours: [['leaf', '#8aa386', 1], ['flower', '#f7f5f0', 0.95], ['throat', '#e4e6c8', 0.05]] },
  ),
  ...kin(
    {
      id: 'dianthus-pink', common: 'Pinks', botanical: 'Dianthus hybrid', variety: 'pink, dark eye', group: 'cool bedding', roles: ['filler'], habit: 'mound',
      height: [160, 280], spread: [200, 300], trail: [0, 40], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -20, night: -10 }, season: 'year-round', bloom: '0001 6895 4310', leaf: ['fine', 60, 'grass', 'waxy'], flower: ['round', 34, 0.38],
      colours: [['leaf', '#8aa6a2', 1], ['flower', '#e986ae', 0.8], ['throat', '#8c1f46', 0.2]], starts: { pack6: 4.8, p9: 2.5, l1: 5.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Clove-scented; likes to be on the dry side.',
    },
    { id: 'dianthus-white', variety: 'white', colours: [['leaf', '#8aa6a2', 1], ['flower', '#f8f6f2', 0.95], ['throat', '#dfe6d8', 0.05]] },
    { id: 'dianthus-crimson', variety: 'crimson', colours: [['leaf', '#86a29a', 1], ['flower', '#a3153a', 0.92], ['throat', '#5e0d24', 0.08]] },
  ),
  ...kin(
    {
      id: 'sweet-william', common: 'Sweet william', botanical: 'Dianthus barbatus', variety: 'crimson and white', group: 'cool bedding', roles: ['filler', 'thriller'], habit: 'bush',
      height: [250, 420], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [4, 5, 10, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -20, night: -8 }, season: 'cool', bloom: '0002 7950 0200', leaf: ['medium', 55, 'strap', 'matte'], flower: ['ball', 75, 0.36],
      colours: [['leaf', '#4f7d42', 1], ['flower', '#b81f3e', 0.7], ['throat', '#f3e6ea', 0.3]], starts: { pack6: 3.8, p9: 2.1 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'unknown', spreads: false, note: 'Old-fashioned and long in the vase.',
    },
  ),
  ...kin(
    {
      id: 'cabbage-white', common: 'Ornamental cabbage', botanical: 'Brassica oleracea', variety: 'white heart', group: 'cool bedding', roles: ['filler'], habit: 'rosette',
      height: [150, 260], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [3, 4, 10, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -12, night: -6 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['bold', 140, 'rosette', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#f0efdf', 0.45], ['edge', '#6d9a84', 0.55]], starts: { p9: 2.2, p10: 2.8, l1: 4.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Colours up as nights turn cold; keeps till spring.',
    },
    { id: 'cabbage-violet', variety: 'violet heart', colours: [['leaf', '#b04a92', 0.45], ['edge', '#5d7f78', 0.55]] },
  ),
  ...kin(
    {
      id: 'calendula-orange', common: 'Pot marigold', botanical: 'Calendula officinalis', variety: 'orange', group: 'cool bedding', roles: ['filler'], habit: 'bush',
      height: [250, 420], spread: [240, 340], trail: [0, 0], vigour: 3, sun: [4, 5, 10, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -7, night: -2 }, season: 'cool', bloom: '0013 8985 5763', leaf: ['medium', 80, 'strap', 'matte'], flower: ['daisy', 60, 0.34],
      colours: [['leaf', '#6f9a55', 1], ['flower', '#f58a0c', 0.9], ['throat', '#9c4a10', 0.1]], starts: { seed: 2.2, pack6: 3.6, p9: 2 },
      deadhead: 'needed', pinch: 'helps', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'yes', spreads: false, note: 'Petals for salad; sap is sticky and may itch.',
    },
    { id: 'calendula-cream', variety: 'cream', colours: [['leaf', '#6f9a55', 1], ['flower', '#f3dfa3', 0.88], ['throat', '#9c5a20', 0.12]] },
  ),
  ...kin(
    {
      id: 'forget-me-not', common: 'Forget-me-not', botanical: 'Myosotis sylvatica', variety: 'sky blue', group: 'cool bedding', roles: ['filler'], habit: 'cloud',
      height: [150, 250], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [1, 2, 7, 9], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -10 }, season: 'cool', bloom: '0025 9610 0000', leaf: ['fine', 45, 'ovate', 'matte'], flower: ['airy', 9, 0.5],
      colours: [['leaf', '#6a8f5a', 1], ['flower', '#6ea0e6', 0.88], ['throat', '#f6e07a', 0.12]], starts: { pack6: 3.4, p9: 1.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Seeds about; pull it when it mildews.',
    },
  ),
  ...kin(
    {
      id: 'diascia-coral', common: 'Twinspur', botanical: 'Diascia hybrid', variety: 'coral', group: 'cool bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [150, 240], spread: [240, 340], trail: [100, 200], vigour: 3, sun: [3, 5, 10, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: -7, night: -2 }, season: 'cool', bloom: '0015 9974 5862', leaf: ['fine', 22, 'ovate', 'matte'], flower: ['round', 20, 0.5],
      colours: [['leaf', '#56853f', 1], ['flower', '#ee8a76', 0.92], ['throat', '#8a2a3a', 0.08]], starts: { pack6: 4.4, p9: 2.2 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cool summers keep it going; shear after each flush.',
    },
    { id: 'diascia-pink', variety: 'shell pink', colours: [['leaf', '#56853f', 1], ['flower', '#efafc2', 0.92], ['throat', '#a3446a', 0.08]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'snapdragon-trailing', common: 'Trailing snapdragon', botanical: 'Antirrhinum hybrid', variety: 'pink and yellow', group: 'cool bedding', roles: ['spiller'], habit: 'cascade',
      height: [130, 200], spread: [250, 350], trail: [150, 300], vigour: 2, sun: [4, 5, 9, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -8, night: -3 }, season: 'cool', bloom: '0014 8973 5862', leaf: ['fine', 30, 'ovate', 'matte'], flower: ['spike', 22, 0.36],
      colours: [['leaf', '#55804a', 1], ['flower', '#ea88a0', 0.65], ['throat', '#f4d24a', 0.35]], starts: { pack6: 4.6, p9: 2.4 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Hangs its snaps over the rim, spring and autumn.',
    },
  ),
  ...kin(
    {
      id: 'nemophila-blue', common: 'Baby blue eyes', botanical: 'Nemophila menziesii', variety: 'blue, white eye', group: 'cool bedding', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [100, 180], spread: [200, 300], trail: [90, 180], vigour: 3, sun: [3, 4, 8, 10], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -6, night: -1 }, season: 'cool', bloom: '0004 9940 0000', leaf: ['fine', 30, 'feather', 'matte'], flower: ['round', 28, 0.42],
      colours: [['leaf', '#6f9a5c', 1], ['flower', '#5f95e0', 0.7], ['throat', '#f3f6fa', 0.3]], starts: { seed: 2.2, pack6: 3.8, p9: 2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A spring sheet of sky; over by midsummer.',
    },
  ),
];
