import { kin } from './record';

/** Bedding sold by the tray and in bud. */
export const trayBedding = [
  ...kin(
    {
      id: 'marigold-african-orange', common: 'African marigold', botanical: 'Tagetes erecta', variety: 'orange', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [250, 350], spread: [220, 300], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 4899 9840', leaf: ['medium', 110, 'feather', 'matte'], flower: ['ball', 85, 0.4],
      colours: [['leaf', '#4f7f3a', 1], ['flower', '#f4861c', 1]], starts: { plug: 8, pack6: 3.8, p9: 2 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Great pompons on stiff stems; snap off whole heads, for wet ones rot. Sap can redden skin.',
    },
    { id: 'marigold-african-yellow', variety: 'lemon yellow', colours: [['leaf', '#4f7f3a', 1], ['flower', '#f7dc3c', 1]] },
    { id: 'marigold-african-cream', variety: 'cream', colours: [['leaf', '#557f40', 1], ['flower', '#f6efcf', 1]] },
  ),
  ...kin(
    {
      id: 'pelargonium-regal-burgundy', common: 'Regal pelargonium', botanical: 'Pelargonium × domesticum', variety: 'burgundy, pink edge', group: 'warm bedding', roles: ['filler'], habit: 'bush',
      height: [250, 400], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [3, 4, 8, 11], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 5 }, season: 'warm', bloom: '0003 8983 2100', leaf: ['medium', 60, 'lobed', 'matte'], flower: ['ball', 95, 0.45],
      colours: [['leaf', '#5a8a46', 1], ['flower', '#6a1230', 0.7], ['throat', '#e48aa6', 0.3]], starts: { p9: 3.4, p10: 4.2, l1: 6.5 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'The showiest of all in May and June; hardly a flower after. Keep it from hard rain.',
    },
    { id: 'pelargonium-regal-white', variety: 'white, purple blotch', colours: [['leaf', '#5a8a46', 1], ['flower', '#f6f1f3', 0.72], ['throat', '#7a2f72', 0.28]] },
  ),
  ...kin(
    {
      id: 'gerbera-orange', common: 'Patio gerbera', botanical: 'Gerbera hybrid', variety: 'orange', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [220, 340], spread: [230, 320], trail: [0, 0], vigour: 2, sun: [3, 4, 8, 11], scorch: 5, water: 'moderate', feed: 'hungry',
      cold: { winter: -3, night: 3 }, season: 'warm', bloom: '0037 9986 8840', leaf: ['bold', 160, 'lobed', 'matte'], flower: ['daisy', 85, 0.24],
      colours: [['leaf', '#4f7f3c', 1], ['flower', '#f2701e', 0.86], ['throat', '#3a2418', 0.14]], starts: { p10: 5, l1: 8.5 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pull spent stalks out at the base; keep the crown dry and above the mix.',
    },
    { id: 'gerbera-pink', variety: 'pink', colours: [['leaf', '#4f7f3c', 1], ['flower', '#e85f8c', 0.86], ['throat', '#f0d98a', 0.14]] },
    { id: 'gerbera-red', variety: 'red', colours: [['leaf', '#4f7f3c', 1], ['flower', '#c81f2c', 0.86], ['throat', '#2a1a16', 0.14]] },
  ),
  ...kin(
    {
      id: 'isotoma-blue', common: 'Isotoma', botanical: 'Isotoma axillaris', variety: 'blue stars', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [200, 300], spread: [220, 320], trail: [0, 60], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -2, night: 3 }, season: 'warm', bloom: '0000 3899 9840', leaf: ['fine', 60, 'feather', 'matte'], flower: ['airy', 34, 0.36],
      colours: [['leaf', '#6f9a4e', 1], ['flower', '#7d82d8', 0.92], ['throat', '#d9dfa0', 0.08]], starts: { p9: 2.6, p10: 3.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Stars in heat till frost. The milky sap burns eyes badly: gloves, and wash.',
    },
    { id: 'isotoma-white', variety: 'white stars', colours: [['leaf', '#759f54', 1], ['flower', '#f3f3f1', 0.92], ['throat', '#d9dfa0', 0.08]] },
  ),
  ...kin(
    {
      id: 'gypsophila-annual-pink', common: 'Annual gypsophila', botanical: 'Gypsophila muralis', variety: 'pale pink', group: 'warm bedding', roles: ['filler'], habit: 'cloud',
      height: [160, 260], spread: [200, 300], trail: [0, 60], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -4, night: 0 }, season: 'warm', bloom: '0000 4998 7620', leaf: ['fine', 18, 'grass', 'matte'], flower: ['airy', 9, 0.36],
      colours: [['leaf', '#6f9a5e', 1], ['flower', '#f2c3d2', 1]], starts: { pack6: 3.8, p9: 2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'A cheap pink haze between larger things; clip it over in July.',
    },
  ),
  ...kin(
    {
      id: 'phlox-annual-rose', common: 'Annual phlox', botanical: 'Phlox drummondii', variety: 'rose, white eye', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [200, 280], trail: [0, 60], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -2, night: 2 }, season: 'warm', bloom: '0000 3898 7620', leaf: ['fine', 45, 'ovate', 'matte'], flower: ['ball', 48, 0.44],
      colours: [['leaf', '#5f9446', 1], ['flower', '#e0527f', 0.88], ['throat', '#f7eef0', 0.12]], starts: { pack6: 4, p9: 2.2 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'For hot, dry boxes; shear by half when it tires.',
    },
    { id: 'phlox-annual-cream', variety: 'cream', colours: [['leaf', '#5f9446', 1], ['flower', '#f4e8c8', 0.9], ['throat', '#e2c58a', 0.1]] },
    { id: 'phlox-annual-lilac', variety: 'lilac', colours: [['leaf', '#5f9446', 1], ['flower', '#b48fd0', 0.88], ['throat', '#f4eef8', 0.12]] },
  ),
  ...kin(
    {
      id: 'monkey-flower-yellow', common: 'Monkey flower', botanical: 'Erythranthe hybrid', variety: 'yellow, red spots', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [220, 320], trail: [0, 80], vigour: 3, sun: [1, 2, 6, 9], scorch: 3, water: 'thirsty', feed: 'medium',
      cold: { winter: -8, night: 0 }, season: 'cool', bloom: '0002 7998 6520', leaf: ['medium', 45, 'ovate', 'matte'], flower: ['trumpet', 40, 0.4],
      colours: [['leaf', '#6a9f48', 1], ['flower', '#f5cf2a', 0.82], ['throat', '#b8321f', 0.18]], starts: { pack6: 3.8, p9: 2.2 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'The one bedding plant that likes a wet, half-shaded pot; cut it back in June.',
    },
    { id: 'monkey-flower-orange', variety: 'orange-red', colours: [['leaf', '#6a9f48', 1], ['flower', '#e2581f', 0.86], ['throat', '#f4c23a', 0.14]] },
  ),
  ...kin(
    {
      id: 'cineraria-blue', common: 'Cineraria', botanical: 'Pericallis × hybrida', variety: 'blue, white ring', group: 'cool bedding', roles: ['filler'], habit: 'mound',
      height: [200, 300], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [1, 2, 5, 8], scorch: 2, water: 'thirsty', feed: 'medium',
      cold: { winter: 0, night: 2 }, season: 'cool', bloom: '4899 6100 0001', leaf: ['bold', 110, 'heart', 'matte'], flower: ['daisy', 42, 0.5],
      colours: [['leaf', '#4f8a44', 1], ['flower', '#3a4cc0', 0.7], ['throat', '#f2f2f6', 0.3]], starts: { p10: 4.2, l1: 6.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'A late-winter bench in every colour; over when it turns warm. Poisonous, as its ragwort kin.',
    },
    { id: 'cineraria-magenta', variety: 'magenta, white ring', colours: [['leaf', '#4f8a44', 1], ['flower', '#c01a72', 0.7], ['throat', '#f6eef2', 0.3]] },
  ),
  ...kin(
    {
      id: 'lampranthus-magenta', common: 'Trailing ice plant', botanical: 'Lampranthus spectabilis', variety: 'magenta', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [120, 200], spread: [260, 380], trail: [120, 260], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -3, night: 2 }, season: 'warm', bloom: '0001 6996 5420', leaf: ['fine', 40, 'needle', 'waxy'], flower: ['daisy', 48, 0.5],
      colours: [['leaf', '#7f9f86', 1], ['flower', '#d0288a', 0.9], ['throat', '#f2d34c', 0.1]], starts: { p9: 2.8, p10: 3.6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'A sheet of colour in sun, and shut without it; grit and little water.',
    },
  ),
  ...kin(
    {
      id: 'livingstone-daisy', common: 'Livingstone daisy', botanical: 'Dorotheanthus bellidiformis', variety: 'pinks and yellows', group: 'succulent', roles: ['filler'], habit: 'mound',
      height: [80, 150], spread: [200, 300], trail: [0, 90], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 3 }, season: 'warm', bloom: '0000 2897 5200', leaf: ['fine', 45, 'ovate', 'glossy'], flower: ['daisy', 38, 0.5],
      colours: [['leaf', '#6f9a52', 1], ['flower', '#ef7aa2', 0.7], ['throat', '#f7efd2', 0.3]], starts: { seed: 2, pack6: 3.6 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Sparkling leaves, and daisies that open for the sun alone.',
    },
  ),
];
