import { kin } from './record';

export const moreBedding = [
  ...kin(
    {
      id: 'begonia-wing-red', common: 'Wing-leaved begonia', botanical: 'Begonia hybrid', variety: 'red', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'cane',
      height: [350, 500], spread: [280, 400], trail: [0, 0], vigour: 3, sun: [0.5, 1.5, 8, 11], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 8 }, season: 'warm', bloom: '0000 4999 9960', leaf: ['bold', 120, 'ovate', 'glossy'], flower: ['bell', 28, 0.3],
      colours: [['leaf', '#4f8a44', 1], ['flower', '#d82a3c', 0.94], ['throat', '#f2cf4a', 0.06]], starts: { p10: 3.8, l1: 6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Carries a pot in sun or shade and drops its own dead flowers.', poisonPart: 'roots and stems',
    },
    { id: 'begonia-wing-pink', variety: 'pink', colours: [['leaf', '#4f8a44', 1], ['flower', '#ef7f9c', 0.94], ['throat', '#f2cf4a', 0.06]] },
    { id: 'begonia-wing-white', variety: 'white', colours: [['leaf', '#55904a', 1], ['flower', '#f8f4f0', 0.94], ['throat', '#f2cf4a', 0.06]] },
  ),
  ...kin(
    {
      id: 'nierembergia-violet', common: 'Cupflower', botanical: 'Nierembergia scoparia', variety: 'violet', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [150, 250], spread: [220, 320], trail: [0, 60], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -5, night: 2 }, season: 'warm', bloom: '0000 4999 9740', leaf: ['fine', 18, 'needle', 'matte'], flower: ['round', 26, 0.42],
      colours: [['leaf', '#5a8848', 1], ['flower', '#7a5ac0', 0.88], ['throat', '#f0e08a', 0.12]], starts: { pack6: 4.5, p9: 2.4 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'A neat cushion of cups that stands heat.', facts: { worlds: ['bedding'], ease: 'common', rhythm: 'dries slightly' },
    },
    { id: 'nierembergia-white', variety: 'white', colours: [['leaf', '#5f8e4c', 1], ['flower', '#f7f6f2', 0.9], ['throat', '#f0e08a', 0.1]] },
  ),
  ...kin(
    {
      id: 'lobelia-edging-blue', common: 'Edging lobelia', botanical: 'Lobelia erinus', variety: 'deep blue, upright', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [100, 160], spread: [130, 200], trail: [0, 20], vigour: 2, sun: [3, 4, 8, 11], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: -2, night: 1 }, season: 'cool', bloom: '0000 6987 5400', leaf: ['fine', 12, 'ovate', 'matte'], flower: ['airy', 12, 0.5],
      colours: [['leaf', '#4f7a40', 1], ['flower', '#2f3fb8', 0.9], ['throat', '#f4f4fa', 0.1]], starts: { plug: 9, pack6: 3.6, p9: 1.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Never let it dry out; clip over in July and it flowers again.',
    },
  ),
  ...kin(
    {
      id: 'impatiens-red', common: 'Busy lizzie', botanical: 'Impatiens walleriana', variety: 'red', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [220, 320], trail: [0, 0], vigour: 3, sun: [0, 1, 4, 6], scorch: 1.5, water: 'thirsty', feed: 'medium',
      cold: { winter: 2, night: 7 }, season: 'warm', bloom: '0000 5999 9950', leaf: ['medium', 50, 'ovate', 'glossy'], flower: ['round', 42, 0.5],
      colours: [['leaf', '#5a8f44', 1], ['flower', '#d0222e', 1]], starts: { plug: 9, pack6: 3.6, p9: 1.9 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Flowers in shade till frost; wilts when dry and forgives it.',
    },
  ),
  ...kin(
    {
      id: 'begonia-red', common: 'Bedding begonia', botanical: 'Begonia × semperflorens', variety: 'red, green-leaved', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [170, 270], spread: [190, 290], trail: [0, 0], vigour: 2, sun: [1, 2, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 6 }, season: 'warm', bloom: '0000 5999 9960', leaf: ['medium', 45, 'round', 'glossy'], flower: ['round', 22, 0.42],
      colours: [['leaf', '#5a9448', 1], ['flower', '#d02a38', 0.94], ['throat', '#f2cf4a', 0.06]], starts: { plug: 9, pack6: 3.6, p9: 1.9 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Asks for nothing from May to frost, in sun or half shade.', poisonPart: 'roots and stems',
    },
    { id: 'begonia-pink', variety: 'pink, green-leaved', colours: [['leaf', '#5a9448', 1], ['flower', '#f08fa8', 0.94], ['throat', '#f2cf4a', 0.06]] },
  ),
  ...kin(
    {
      id: 'pelargonium-compact-red', common: 'Compact pelargonium', botanical: 'Pelargonium × hortorum', variety: 'red, dark-leaved', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [180, 260], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 4 }, season: 'warm', bloom: '0000 6999 9850', leaf: ['medium', 55, 'round', 'felted'], flower: ['ball', 70, 0.34],
      colours: [['leaf', '#3f5f38', 0.7], ['vein', '#5a3a34', 0.3], ['flower', '#d2202a', 1]], starts: { plug: 16, pack6: 6, p9: 2.4 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Short enough for a small box or the front of a large one.',
    },
    { id: 'pelargonium-compact-pink', variety: 'pink, dark-leaved', colours: [['leaf', '#3f5f38', 0.7], ['vein', '#5a3a34', 0.3], ['flower', '#ec86a8', 1]] },
    { id: 'pelargonium-coral', variety: 'coral', height: [300, 420], spread: [280, 360], colours: [['leaf', '#55843f', 0.85], ['vein', '#6a5a3a', 0.15], ['flower', '#f0705a', 1]], flower: ['ball', 95, 0.34], note: 'Salmon-coral heads all summer; snap off the old ones.' },
  ),
  ...kin(
    {
      id: 'petunia-small-violet', common: 'Small-flowered petunia', botanical: 'Petunia × atkinsiana', variety: 'violet', group: 'warm bedding', roles: ['filler', 'spiller'], habit: 'cascade',
      height: [150, 220], spread: [300, 420], trail: [150, 300], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'hungry',
      cold: { winter: -2, night: 2 }, season: 'warm', bloom: '0000 5999 9850', leaf: ['fine', 28, 'ovate', 'felted'], flower: ['trumpet', 38, 0.56],
      colours: [['leaf', '#56833f', 1], ['flower', '#6a35ac', 0.88], ['throat', '#3a1a66', 0.12]], starts: { p9: 2.2, p10: 3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Stands rain better than the large ones and cleans itself.', facts: { rain: 'stands', spent: 'falls' },
    },
    { id: 'petunia-small-pink', variety: 'pink', colours: [['leaf', '#56833f', 1], ['flower', '#e2649c', 0.88], ['throat', '#f2dc7a', 0.12]] },
    { id: 'petunia-small-white', variety: 'white', colours: [['leaf', '#5d8a46', 1], ['flower', '#f7f6f0', 0.9], ['throat', '#dfe6c3', 0.1]] },
    { id: 'petunia-double-pink', variety: 'pink, double', common: 'Petunia', height: [220, 320], habit: 'mound', roles: ['filler'], trail: [0, 60], spread: [260, 360], flower: ['round', 75, 0.42], colours: [['leaf', '#56833f', 1], ['flower', '#ea7fb0', 1]], facts: { bees: 'none' }, note: 'Frilled doubles; keep them from heavy rain and pick off the old ones.', deadhead: 'needed', pinch: 'helps', water: 'thirsty', cold: { winter: -1, night: 3 } },
  ),
  ...kin(
    {
      id: 'zinnia-tall-mixed-pink', common: 'Tall zinnia', botanical: 'Zinnia elegans', variety: 'rose pink, tall', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'wand',
      height: [450, 700], spread: [220, 320], trail: [0, 0], vigour: 3, sun: [6, 7, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 1, night: 8 }, season: 'warm', bloom: '0000 0699 9500', leaf: ['medium', 75, 'ovate', 'matte'], flower: ['ball', 80, 0.3],
      colours: [['leaf', '#5a8a42', 1], ['flower', '#e0467f', 0.94], ['throat', '#f0c93a', 0.06]], starts: { seed: 2.5, pack6: 4, p9: 2.2 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut it and it branches; keep water off the leaves.', facts: { support: 'stake' },
    },
  ),
  ...kin(
    {
      id: 'coleus-compact-lime', common: 'Compact coleus', botanical: 'Coleus scutellarioides', variety: 'lime, compact', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [0.5, 1.5, 8, 11], scorch: 3, water: 'thirsty', feed: 'medium',
      cold: { winter: 2, night: 9 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#b9cf42', 0.9], ['vein', '#8fae3a', 0.1]], starts: { pack6: 4.5, p9: 2.4 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Stays low and bushy; pinch out the flower spikes.',
    },
    { id: 'coleus-compact-wine', variety: 'wine, compact', colours: [['leaf', '#6a1f33', 0.75], ['edge', '#b9cf6a', 0.25]] },
    { id: 'coleus-tall-copper', variety: 'copper, tall', common: 'Tall coleus', roles: ['thriller', 'filler'], habit: 'bush', height: [500, 800], spread: [350, 500], vigour: 4, colours: [['leaf', '#b5522c', 0.7], ['vein', '#d98a48', 0.2], ['edge', '#8a2f2a', 0.1]], leaf: ['bold', 110, 'ovate', 'matte'], starts: { p10: 3.6, l1: 6 }, note: 'Fills the middle of a large pot by August, in sun or half shade.', water: 'thirsty' },
  ),
  ...kin(
    {
      id: 'spurge-compact-white', common: 'Airy spurge', botanical: 'Euphorbia hypericifolia', variety: 'white, compact', group: 'warm bedding', roles: ['filler'], habit: 'cloud',
      height: [180, 260], spread: [220, 300], trail: [0, 0], vigour: 2, sun: [3, 5, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 5999 9860', leaf: ['fine', 20, 'ovate', 'matte'], flower: ['airy', 7, 0.32],
      colours: [['leaf', '#6a9a58', 1], ['flower', '#f8f8f4', 1]], starts: { p9: 2.6, p10: 3.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'A small froth for window boxes; the sap irritates.',
    },
  ),
  ...kin(
    {
      id: 'salvia-compact-red', common: 'Bedding salvia', botanical: 'Salvia splendens', variety: 'red, compact', group: 'warm bedding', roles: ['filler'], habit: 'wand',
      height: [220, 320], spread: [180, 240], trail: [0, 0], vigour: 2, sun: [3, 4, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 1, night: 6 }, season: 'warm', bloom: '0000 5999 9850', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['spike', 30, 0.3],
      colours: [['leaf', '#4f8a40', 1], ['flower', '#d6202a', 1]], starts: { plug: 9, pack6: 3.8, p9: 2 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Upright red all summer; snap off spent spikes.',
    },
    { id: 'salvia-compact-coral', variety: 'coral, compact', colours: [['leaf', '#4f8a40', 1], ['flower', '#f2846a', 1]], note: 'Upright coral all summer; snap off spent spikes.' },
  ),
  ...kin(
    {
      id: 'dahlia-white', common: 'Dahlia', botanical: 'Dahlia × hybrida', variety: 'white, low', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'bush',
      height: [350, 500], spread: [300, 400], trail: [0, 0], vigour: 3, sun: [5, 6, 11, 13], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -3, night: 5 }, season: 'warm', bloom: '0000 0699 9800', leaf: ['medium', 90, 'feather', 'matte'], flower: ['ball', 75, 0.32],
      colours: [['leaf', '#4f8440', 1], ['flower', '#f7f4ea', 0.95], ['throat', '#e6cf5a', 0.05]], starts: { bare: 4, p10: 4, l1: 6.5 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Deadhead to a joint and it flowers till frost; earwigs love it.',
    },
    { id: 'dahlia-orange', variety: 'orange, low', colours: [['leaf', '#4f8440', 1], ['flower', '#f07a28', 0.95], ['throat', '#a8501e', 0.05]] },
    { id: 'dahlia-cherry', variety: 'cherry, low', colours: [['leaf', '#4f8440', 1], ['flower', '#c82258', 0.95], ['throat', '#f0c93a', 0.05]] },
  ),
  ...kin(
    {
      id: 'osteospermum-pink', common: 'Cape daisy', botanical: 'Osteospermum ecklonis', variety: 'pink', group: 'cool bedding', roles: ['filler'], habit: 'bush',
      height: [250, 380], spread: [260, 360], trail: [0, 0], vigour: 3, sun: [5, 6, 11, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: -3 }, season: 'cool', bloom: '0027 9976 7751', leaf: ['medium', 50, 'ovate', 'matte'], flower: ['daisy', 60, 0.38],
      colours: [['leaf', '#5f8a4c', 1], ['flower', '#dd7fae', 0.82], ['throat', '#54407a', 0.18]], starts: { p9: 2.4, p10: 3.2, l1: 5.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Opens in sun; rests in great heat and comes back.',
    },
  ),
  ...kin(
    {
      id: 'verbena-pink', common: 'Verbena', botanical: 'Verbena × hybrida', variety: 'pink, upright', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [200, 300], spread: [260, 360], trail: [0, 60], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -3, night: 2 }, season: 'warm', bloom: '0000 5999 9740', leaf: ['medium', 45, 'ovate', 'matte'], flower: ['ball', 50, 0.42],
      colours: [['leaf', '#4f7c40', 1], ['flower', '#ea86a8', 0.92], ['throat', '#f7e6ee', 0.08]], starts: { plug: 12, pack6: 4.2, p9: 2.2 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Clip spent heads; airy places keep mildew off.',
    },
  ),
  ...kin(
    {
      id: 'lantana-white', common: 'Lantana', botanical: 'Lantana camara', variety: 'white', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [250, 400], spread: [300, 450], trail: [0, 60], vigour: 3, sun: [6, 7, 14, 15], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -2, night: 7 }, season: 'warm', bloom: '0000 4899 9960', leaf: ['medium', 50, 'ovate', 'matte'], flower: ['ball', 35, 0.34],
      colours: [['leaf', '#5a8444', 1], ['flower', '#f7f4e6', 0.9], ['throat', '#f2dc6a', 0.1]], starts: { p9: 2.6, p10: 3.4, l1: 6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Butterflies in heat; its green berries are the worst of it.', poisonPart: 'berries and leaves',
    },
    { id: 'lantana-pink', variety: 'pink and cream', colours: [['leaf', '#5a8444', 1], ['flower', '#e880a2', 0.6], ['throat', '#f5e39a', 0.4]] },
  ),
  ...kin(
    {
      id: 'nicotiana-red', common: 'Tobacco plant', botanical: 'Nicotiana alata', variety: 'red, low', group: 'warm bedding', roles: ['filler'], habit: 'wand',
      height: [300, 450], spread: [220, 320], trail: [0, 0], vigour: 3, sun: [2, 3, 8, 11], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 4998 8600', leaf: ['medium', 110, 'ovate', 'matte'], flower: ['trumpet', 45, 0.28],
      colours: [['leaf', '#6a9a4c', 1], ['flower', '#b8263c', 1]], starts: { plug: 9, pack6: 4, p9: 2.2 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Sticky leaf; flowers in half shade.', facts: { scent: 'none' },
    },
  ),
  ...kin(
    {
      id: 'sunflower-dwarf', common: 'Dwarf sunflower', botanical: 'Helianthus annuus', variety: 'yellow, dwarf', group: 'warm bedding', roles: ['thriller', 'filler'], habit: 'stalk',
      height: [350, 550], spread: [220, 300], trail: [0, 0], vigour: 3, sun: [6, 7, 12, 14], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 0699 6000', leaf: ['bold', 120, 'heart', 'matte'], flower: ['daisy', 100, 0.25],
      colours: [['leaf', '#5f8f42', 1], ['flower', '#f5bd22', 0.72], ['throat', '#4a2c14', 0.28]], starts: { seed: 2.5, p9: 2.6, l1: 4.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cheerful for six weeks; leave a head for the finches.', facts: { ease: 'common', display: { what: 'seed heads', hex: '#6a4a2a', sizeMm: 80, show: 0.12, months: [0, 0, 0, 0, 0, 0, 0, 0, 0.5, 0.7, 0.3, 0] } },
    },
  ),
  ...kin(
    {
      id: 'chrysanthemum-pink', common: 'Chrysanthemum', botanical: 'Chrysanthemum × morifolium', variety: 'pink, domed', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [250, 380], spread: [280, 400], trail: [0, 0], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -18, night: -4 }, season: 'hardy', bloom: '0000 0002 9940', leaf: ['medium', 45, 'lobed', 'matte'], flower: ['daisy', 40, 0.6],
      colours: [['leaf', '#4f7a44', 1], ['flower', '#d973a6', 0.95], ['throat', '#e8c94a', 0.05]], starts: { p10: 3.2, l1: 5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Bought in bud for autumn; weeks of colour, then over.',
    },
    { id: 'chrysanthemum-plum', variety: 'plum, domed', colours: [['leaf', '#4f7a44', 1], ['flower', '#7a2a5a', 0.95], ['throat', '#e8c94a', 0.05]] },
  ),
  ...kin(
    {
      id: 'fuchsia-hardy', common: 'Hardy fuchsia', botanical: 'Fuchsia magellanica', variety: 'red and violet', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [500, 850], spread: [400, 600], trail: [0, 0], vigour: 3, sun: [2, 3, 8, 11], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: -12, night: -1 }, season: 'hardy', bloom: '0000 0499 9860', leaf: ['medium', 35, 'ovate', 'matte'], flower: ['bell', 35, 0.25],
      colours: [['leaf', '#4f8444', 0.9], ['stem', '#a04048', 0.1], ['flower', '#cf2a4a', 0.65], ['throat', '#5a3a9a', 0.35]], starts: { p9: 2.8, l1: 5.5, l2: 10 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Comes again from the base; arching red bells till frost.', facts: { winterLook: 'bare stems' },
    },
  ),
  ...kin(
    {
      id: 'ivy-gold-heart', common: 'Ivy', botanical: 'Hedera helix', variety: 'gold-hearted', group: 'shade', roles: ['spiller'], habit: 'trail',
      height: [80, 140], spread: [200, 320], trail: [300, 700], vigour: 2, sun: [0, 1, 6, 10], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -10 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 35, 'lobed', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f6f3a', 0.55], ['vein', '#d6cf4a', 0.45]], starts: { pack6: 4.5, p9: 2.2, l1: 5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Gold for shade the whole year; the sap marks some skins.', poisonPart: 'leaf and berry',
    },
  ),
];
