import { kin } from './record';

/** Plants of the windowsill and the porch, out of doors in summer at the most. */
export const housePlants = [
  ...kin(
    {
      id: 'monstera', common: 'Swiss cheese plant', botanical: 'Monstera deliciosa', variety: '', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [600, 1100], spread: [500, 800], trail: [0, 0], vigour: 2, sun: [0, 1, 4, 6], scorch: 1, water: 'moderate', feed: 'medium',
      cold: { winter: 5, night: 11 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 340, 'palmate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#2f6a38', 0.9], ['stem', '#5a8a4a', 0.1]], starts: { l1: 12, l2: 18, l3: 26 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Slit leaves as wide as a tray; warm shade, out of wind. Harms whoever chews it.', facts: { winterLook: 'evergreen' },
    },
  ),
  ...kin(
    {
      id: 'peace-lily', common: 'Peace lily', botanical: 'Spathiphyllum wallisii', variety: 'white', group: 'tropical', roles: ['filler', 'thriller'], habit: 'mound',
      height: [300, 500], spread: [320, 480], trail: [0, 0], vigour: 2, sun: [0, 0.5, 3, 4], scorch: 0.5, water: 'thirsty', feed: 'medium',
      cold: { winter: 7, night: 12 }, season: 'warm', bloom: '0016 8777 6420', leaf: ['bold', 200, 'ovate', 'glossy'], flower: ['round', 80, 0.1],
      colours: [['leaf', '#2f6a38', 1], ['flower', '#f6f6ef', 0.9], ['throat', '#d9d9a0', 0.1]], starts: { p10: 6, l1: 10, l2: 16 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'White sails in deep shade; it flags when dry and gets up again. Harms whoever chews it.', facts: { winterLook: 'evergreen' },
    },
  ),
  ...kin(
    {
      id: 'umbrella-tree', common: 'Umbrella tree', botanical: 'Heptapleurum arboricola', variety: 'cream splashed', group: 'tropical', roles: ['thriller', 'filler'], habit: 'bush',
      height: [400, 750], spread: [300, 450], trail: [0, 0], vigour: 2, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 9 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 130, 'palmate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f7a3f', 0.7], ['edge', '#efe7b0', 0.3]], starts: { p10: 6, l1: 9.5, l2: 15 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Hands of leaflets on upright stems; brighter light keeps the cream.', facts: { winterLook: 'evergreen' },
    },
  ),
  ...kin(
    {
      id: 'prayer-plant', common: 'Prayer plant', botanical: 'Goeppertia makoyana', variety: 'feathered, wine reverse', group: 'tropical', roles: ['filler'], habit: 'mound',
      height: [250, 400], spread: [250, 380], trail: [0, 0], vigour: 2, sun: [0, 0.5, 3, 4], scorch: 0.5, water: 'moderate', feed: 'medium',
      cold: { winter: 8, night: 13 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 170, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#b9cf9e', 0.55], ['vein', '#2f5f3a', 0.3], ['edge', '#6a3a52', 0.15]], starts: { p10: 7, l1: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Painted leaves that fold at night; warmth, shade and moist air.', facts: { winterLook: 'evergreen' },
    },
  ),
  ...kin(
    {
      id: 'poinsettia-red', common: 'Poinsettia', botanical: 'Euphorbia pulcherrima', variety: 'red', group: 'tropical', roles: ['filler', 'thriller'], habit: 'bush',
      height: [280, 420], spread: [280, 400], trail: [0, 0], vigour: 2, sun: [1, 2, 6, 9], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: 6, night: 11 }, season: 'cool', bloom: '8520 0000 0039', leaf: ['bold', 110, 'ovate', 'matte'], flower: ['round', 110, 0.4],
      colours: [['leaf', '#3a6f3c', 1], ['flower', '#c8142a', 0.95], ['throat', '#d9c23a', 0.05]], starts: { p10: 5, l1: 9 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'December’s red; a porch at 12°C or more, never a draught. The milky sap irritates skin.', facts: { kept: 'indoors' },
    },
  ),
  ...kin(
    {
      id: 'aloe-vera', common: 'Aloe vera', botanical: 'Aloe vera', variety: '', group: 'succulent', roles: ['filler', 'thriller'], habit: 'rosette',
      height: [250, 420], spread: [250, 380], trail: [0, 0], vigour: 1, sun: [2, 4, 11, 13], scorch: 6, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 6 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 260, 'strap', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#7f9f80', 0.92], ['edge', '#b5c2a0', 0.08]], starts: { p9: 3.5, p10: 5, l1: 8.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Grit and a dry rest in winter; toothed edges. The yellow sap is not the gel, and purges.',
    },
  ),
  ...kin(
    {
      id: 'haworthia-zebra', common: 'Zebra haworthia', botanical: 'Haworthiopsis attenuata', variety: 'white banded', group: 'succulent', roles: ['filler'], habit: 'rosette',
      height: [70, 120], spread: [80, 140], trail: [0, 0], vigour: 1, sun: [1, 2, 6, 9], scorch: 3, water: 'dry', feed: 'light',
      cold: { winter: 1, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 70, 'strap', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f5f42', 0.75], ['edge', '#e6ebe2', 0.25]], starts: { p9: 3.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Small, banded and safe to have about; the one succulent for half shade.',
    },
  ),
  ...kin(
    {
      id: 'mammillaria', common: 'Pincushion cactus', botanical: 'Mammillaria hybrid', variety: 'white spined', group: 'succulent', roles: ['filler'], habit: 'rosette',
      height: [60, 120], spread: [60, 110], trail: [0, 0], vigour: 1, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 12, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#7c9273', 0.6], ['edge', '#efece2', 0.4]], starts: { p9: 3.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Spines all over; dry and cool in winter, and it may ring itself with flowers in spring.',
    },
  ),
  ...kin(
    {
      id: 'prickly-pear', common: 'Prickly pear', botanical: 'Opuntia microdasys', variety: 'golden dots', group: 'succulent', roles: ['filler', 'thriller'], habit: 'bush',
      height: [200, 350], spread: [180, 300], trail: [0, 0], vigour: 1, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 90, 'round', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f8a4c', 0.85], ['edge', '#d9b54a', 0.15]], starts: { p9: 3.4, p10: 4.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Its soft-looking dots are hooked bristles that lodge in skin: tongs, and out of reach.',
    },
  ),
  ...kin(
    {
      id: 'string-of-hearts', common: 'String of hearts', botanical: 'Ceropegia woodii', variety: 'silver marbled', group: 'succulent', roles: ['spiller'], habit: 'trail',
      height: [30, 60], spread: [150, 240], trail: [400, 900], vigour: 2, sun: [1, 2, 6, 9], scorch: 3, water: 'dry', feed: 'light',
      cold: { winter: 2, night: 7 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 18, 'heart', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#7f9c88', 0.7], ['edge', '#b7a0a8', 0.3]], starts: { p9: 4.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Threads of marbled hearts, a metre long in time; let it dry.',
    },
  ),
  ...kin(
    {
      id: 'elephant-bush', common: 'Elephant bush', botanical: 'Portulacaria afra', variety: 'cream edged', group: 'succulent', roles: ['filler', 'spiller'], habit: 'cascade',
      height: [150, 280], spread: [250, 380], trail: [100, 250], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 14, 'round', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#8aa85f', 0.65], ['edge', '#efe9c0', 0.25], ['stem', '#7a3f38', 0.1]], starts: { p9: 3.4, p10: 4.6, l1: 8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Like a jade plant on red stems, and harmless; it leans over the rim with age.',
    },
  ),
];
