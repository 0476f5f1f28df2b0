import { kin } from './record';

export const shadePlants = [
  ...kin(
    {
      id: 'caladium-white', common: 'Caladium', botanical: 'Caladium bicolor', variety: 'white, green veined', group: 'shade', roles: ['thriller', 'filler'], habit: 'cane',
      height: [320, 520], spread: [300, 420], trail: [0, 0], vigour: 2, sun: [0, 1, 4, 6], scorch: 1.5, water: 'thirsty', feed: 'medium',
      cold: { winter: 8, night: 12 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 190, 'heart', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#eef1e6', 0.6], ['vein', '#3f7a48', 0.25], ['edge', '#4c8a50', 0.15]], starts: { p10: 5, l1: 8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Lights up shade; hates cold, wet mix.',
    },
  ),
  ...kin(
    {
      id: 'begonia-cane', common: 'Cane begonia', botanical: 'Begonia × corallina', variety: 'spotted leaf, coral', group: 'shade', roles: ['thriller'], habit: 'cane',
      height: [400, 700], spread: [300, 450], trail: [0, 0], vigour: 3, sun: [0, 1.5, 4.5, 6], scorch: 1.5, water: 'moderate', feed: 'medium',
      cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0000 3689 9850', leaf: ['bold', 140, 'ovate', 'glossy'], flower: ['bell', 40, 0.2],
      colours: [['leaf', '#486b4e', 0.75], ['vein', '#c8d3c4', 0.15], ['edge', '#8b3a45', 0.1], ['flower', '#ee6c5f', 1]], starts: { p10: 4.8, l1: 8.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Tall canes for shade; stake in wind.',
    },
  ),
  ...kin(
    {
      id: 'fuchsia-upright', common: 'Fuchsia', botanical: 'Fuchsia × hybrida', variety: 'upright, red and violet', group: 'shade', roles: ['thriller', 'filler'], habit: 'bush',
      height: [350, 600], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [1, 2, 5, 7], scorch: 2, water: 'thirsty', feed: 'hungry',
      cold: { winter: -4, night: 3 }, season: 'warm', bloom: '0000 3799 9961', leaf: ['medium', 42, 'ovate', 'matte'], flower: ['bell', 46, 0.3],
      colours: [['leaf', '#4b733f', 0.9], ['stem', '#8a3b3f', 0.1], ['flower', '#cf1f4f', 0.6], ['throat', '#5b2a8c', 0.4]], starts: { pack6: 6, p9: 2.8, l1: 6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Nip off seed pods to keep flowers coming.',
    },
  ),
  ...kin(
    {
      id: 'impatiens-coral', common: 'Busy lizzie', botanical: 'Impatiens walleriana', variety: 'coral', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [220, 320], trail: [0, 0], vigour: 3, sun: [0, 1, 4, 6], scorch: 1.5, water: 'thirsty', feed: 'medium',
      cold: { winter: 2, night: 7 }, season: 'warm', bloom: '0000 5999 8630', leaf: ['medium', 45, 'ovate', 'glossy'], flower: ['round', 40, 0.48],
      colours: [['leaf', '#4d7f45', 1], ['flower', '#f26d5b', 0.92], ['throat', '#c92f4a', 0.08]], starts: { pack6: 4, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'The first to wilt: a shade plant that drinks.',
    },
    { id: 'impatiens-white', variety: 'white', colours: [['leaf', '#4d7f45', 1], ['flower', '#fbfaf6', 0.94], ['throat', '#d9e0b0', 0.06]] },
    { id: 'impatiens-violet', variety: 'violet', colours: [['leaf', '#4d7f45', 1], ['flower', '#9a4fc0', 0.92], ['throat', '#5d2480', 0.08]] },
  ),
  ...kin(
    {
      id: 'fern-sword', common: 'Sword fern', botanical: 'Nephrolepis exaltata', variety: '', group: 'shade', roles: ['filler', 'thriller'], habit: 'frond',
      height: [300, 480], spread: [400, 560], trail: [0, 120], vigour: 3, sun: [0, 0.5, 3, 5], scorch: 1, water: 'thirsty', feed: 'light',
      cold: { winter: -1, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 420, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f9a4a', 0.9], ['stem', '#8a7b46', 0.1]], starts: { p9: 3, l1: 6.5, l2: 10 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Mist in dry heat; never let it dry out.',
    },
  ),
  ...kin(
    {
      id: 'fern-shield', common: 'Shield fern', botanical: 'Polystichum setiferum', variety: '', group: 'shade', roles: ['filler', 'thriller'], habit: 'frond',
      height: [280, 480], spread: [360, 520], trail: [0, 0], vigour: 2, sun: [0, 0.5, 3.5, 5], scorch: 1, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -15 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 380, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#477a43', 0.88], ['stem', '#7a5b35', 0.12]], starts: { p9: 3.4, l1: 7.5, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut old fronds as the new ones uncurl.',
    },
  ),
  ...kin(
    {
      id: 'ivy-variegated', common: 'Ivy', botanical: 'Hedera helix', variety: 'white edged', group: 'shade', roles: ['spiller'], habit: 'trail',
      height: [90, 150], spread: [220, 340], trail: [250, 500], vigour: 2, sun: [0, 1, 6, 10], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -20, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 42, 'lobed', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4c7048', 0.68], ['edge', '#e6e8cf', 0.32]], starts: { pack6: 4.8, p9: 2, p10: 2.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Sap irritates some skins; keep off walls and trees.',
    },
    { id: 'ivy-green', variety: 'green, fine', cold: { winter: -24, night: -12 }, scorch: null, colours: [['leaf', '#3c6a3d', 0.85], ['vein', '#86a676', 0.15]] },
  ),
  ...kin(
    {
      id: 'begonia-trailing-orange', common: 'Trailing begonia', botanical: 'Begonia boliviensis', variety: 'orange', group: 'shade', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [180, 280], spread: [260, 380], trail: [180, 330], vigour: 3, sun: [1, 2, 5, 7], scorch: 2, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 6 }, season: 'warm', bloom: '0000 3799 9730', leaf: ['medium', 70, 'ovate', 'glossy'], flower: ['bell', 45, 0.42],
      colours: [['leaf', '#4b7a42', 1], ['flower', '#f0552b', 1]], starts: { p9: 2.8, p10: 3.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Hanging bells in shade; stems snap, so handle low.',
    },
  ),
  ...kin(
    {
      id: 'fuchsia-trailing-pink', common: 'Trailing fuchsia', botanical: 'Fuchsia × hybrida', variety: 'pink and white', group: 'shade', roles: ['spiller'], habit: 'cascade',
      height: [180, 270], spread: [280, 400], trail: [180, 340], vigour: 3, sun: [1, 2, 5, 6], scorch: 2, water: 'thirsty', feed: 'hungry',
      cold: { winter: -2, night: 4 }, season: 'warm', bloom: '0000 2799 9840', leaf: ['medium', 38, 'ovate', 'matte'], flower: ['bell', 50, 0.4],
      colours: [['leaf', '#50793f', 1], ['flower', '#e7608f', 0.55], ['throat', '#f7e9ef', 0.45]], starts: { pack6: 5.6, p9: 2.6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pinch three times before you let it bloom.',
    },
  ),
  ...kin(
    {
      id: 'torenia-blue', common: 'Wishbone flower', botanical: 'Torenia fournieri', variety: 'trailing, violet-blue', group: 'shade', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [150, 220], spread: [220, 320], trail: [120, 230], vigour: 2, sun: [1, 2, 5, 7], scorch: 2, water: 'thirsty', feed: 'medium',
      cold: { winter: 3, night: 9 }, season: 'warm', bloom: '0000 3899 8630', leaf: ['medium', 38, 'ovate', 'matte'], flower: ['trumpet', 26, 0.42],
      colours: [['leaf', '#548046', 1], ['flower', '#5a55bd', 0.75], ['throat', '#ece8f8', 0.25]], starts: { pack6: 4.4, p9: 2.3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'The lobelia for warm shade.',
    },
  ),
];
