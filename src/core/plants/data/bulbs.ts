import { kin } from './record';

export const bulbs = [
  ...kin(
    {
      id: 'daffodil-dwarf', common: 'Dwarf daffodil', botanical: 'Narcissus hybrid', variety: 'yellow', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [150, 280], spread: [100, 160], trail: [0, 0], vigour: 1, sun: [3, 4, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -25, night: -14 }, season: 'cool', bloom: '0289 1000 0000', leaf: ['medium', 220, 'strap', 'matte'], flower: ['trumpet', 48, 0.3],
      colours: [['leaf', '#5f8f5f', 1], ['flower', '#f7d321', 0.75], ['throat', '#f0a81a', 0.25]], starts: { bulb: 4, p9: 2.6 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Leave the leaves till they yellow; bulbs are poisonous.', poisonPart: 'bulb most',
    },
    { id: 'daffodil-white', variety: 'white, orange cup', colours: [['leaf', '#5f8f5f', 1], ['flower', '#f7f4e6', 0.75], ['throat', '#f28f2a', 0.25]] },
  ),
  ...kin(
    {
      id: 'tulip-red', common: 'Tulip', botanical: 'Tulipa hybrid', variety: 'scarlet', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [250, 450], spread: [100, 150], trail: [0, 0], vigour: 1, sun: [4, 5, 11, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -12 }, season: 'cool', bloom: '0008 2000 0000', leaf: ['bold', 200, 'strap', 'waxy'], flower: ['bell', 62, 0.3],
      colours: [['leaf', '#7a9f86', 1], ['flower', '#d4202a', 0.9], ['throat', '#f0c63a', 0.1]], starts: { bulb: 4.5, p9: 3 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Plant deep, under the violas. Bulbs can itch the hands.', poisonPart: 'bulb most',
    },
    { id: 'tulip-yellow', variety: 'yellow', colours: [['leaf', '#7a9f86', 1], ['flower', '#f6cf22', 0.95], ['throat', '#e89a1a', 0.05]] },
    { id: 'tulip-purple', variety: 'near black', colours: [['leaf', '#7a9f86', 1], ['flower', '#3f1a3a', 0.95], ['throat', '#6a3a6a', 0.05]] },
    { id: 'tulip-white', variety: 'white', colours: [['leaf', '#7f9f84', 1], ['flower', '#f7f6ec', 0.95], ['throat', '#dfe3b4', 0.05]] },
    { id: 'tulip-pink', variety: 'pink', colours: [['leaf', '#7a9f86', 1], ['flower', '#ee93ad', 0.9], ['throat', '#f6e6d2', 0.1]] },
  ),
  ...kin(
    {
      id: 'hyacinth-blue', common: 'Hyacinth', botanical: 'Hyacinthus orientalis', variety: 'blue', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [180, 280], spread: [100, 150], trail: [0, 0], vigour: 1, sun: [3, 4, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -20, night: -12 }, season: 'cool', bloom: '0049 1000 0000', leaf: ['medium', 200, 'strap', 'glossy'], flower: ['spike', 110, 0.35],
      colours: [['leaf', '#4f8a45', 1], ['flower', '#5466c4', 1]], starts: { bulb: 9, p9: 3 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Wear gloves: bulbs make skin itch. Scent enough for a porch.', poisonPart: 'bulb most',
    },
    { id: 'hyacinth-pink', variety: 'pink', colours: [['leaf', '#4f8a45', 1], ['flower', '#e983a8', 1]] },
    { id: 'hyacinth-white', variety: 'white', colours: [['leaf', '#4f8a45', 1], ['flower', '#f7f5ee', 1]] },
  ),
  ...kin(
    {
      id: 'crocus-purple', common: 'Crocus', botanical: 'Crocus vernus', variety: 'purple', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [80, 130], spread: [80, 120], trail: [0, 0], vigour: 1, sun: [3, 4, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -18 }, season: 'cool', bloom: '0590 0000 0000', leaf: ['fine', 110, 'grass', 'matte'], flower: ['bell', 36, 0.4],
      colours: [['leaf', '#5f8a4f', 0.85], ['vein', '#dfe6d6', 0.15], ['flower', '#6f3fa0', 0.85], ['throat', '#f08f1a', 0.15]], starts: { bulb: 2.2, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'First colour of the year, over in three weeks.', poisonPart: 'corm',
    },
  ),
  ...kin(
    {
      id: 'muscari-blue', common: 'Grape hyacinth', botanical: 'Muscari armeniacum', variety: 'blue', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [120, 200], spread: [100, 150], trail: [0, 0], vigour: 2, sun: [2, 4, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -18 }, season: 'cool', bloom: '0039 0000 0000', leaf: ['fine', 160, 'grass', 'matte'], flower: ['spike', 48, 0.35],
      colours: [['leaf', '#5a8a52', 1], ['flower', '#4450b4', 1]], starts: { bulb: 2.2, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Blue beads between tulips.',
    },
  ),
  ...kin(
    {
      id: 'iris-dwarf-blue', common: 'Dwarf iris', botanical: 'Iris reticulata', variety: 'blue, gold mark', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [100, 160], spread: [80, 120], trail: [0, 0], vigour: 1, sun: [4, 5, 11, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -18 }, season: 'cool', bloom: '1950 0000 0000', leaf: ['fine', 150, 'grass', 'matte'], flower: ['trumpet', 50, 0.38],
      colours: [['leaf', '#6f8f6a', 1], ['flower', '#3f46b0', 0.88], ['throat', '#f0bf2a', 0.12]], starts: { bulb: 2.8, p9: 2.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'February, in a bowl by the door.', poisonPart: 'bulb most',
    },
  ),
  ...kin(
    {
      id: 'snowdrop', common: 'Snowdrop', botanical: 'Galanthus nivalis', variety: '', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [100, 160], spread: [80, 120], trail: [0, 0], vigour: 1, sun: [1, 2, 7, 10], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -20 }, season: 'cool', bloom: '4830 0000 0000', leaf: ['fine', 120, 'strap', 'waxy'], flower: ['bell', 24, 0.3],
      colours: [['leaf', '#7a9a7f', 1], ['flower', '#f8f8f4', 0.9], ['throat', '#6fa05a', 0.1]], starts: { bulb: 4.5, p9: 2.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Buy it growing; the dry bulbs resent delay.', poisonPart: 'bulb most',
    },
  ),
  ...kin(
    {
      id: 'agapanthus-blue', common: 'Agapanthus', botanical: 'Agapanthus hybrid', variety: 'blue', group: 'bulb', roles: ['thriller'], habit: 'stalk',
      height: [500, 800], spread: [350, 480], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -9, night: -3 }, season: 'year-round', bloom: '0000 0289 4000', leaf: ['bold', 380, 'strap', 'glossy'], flower: ['ball', 120, 0.2],
      colours: [['leaf', '#4f8a45', 1], ['flower', '#5a74cc', 1]], starts: { bare: 6, l1: 7.5, l2: 12, l3: 17 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Flowers best when its roots are tight.',
    },
    { id: 'agapanthus-white', variety: 'white', colours: [['leaf', '#558f4a', 1], ['flower', '#f5f4ee', 1]] },
  ),
  ...kin(
    {
      id: 'allium-purple', common: 'Ornamental onion', botanical: 'Allium hybrid', variety: 'purple globe', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [450, 700], spread: [150, 220], trail: [0, 0], vigour: 1, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -26, night: -12 }, season: 'cool', bloom: '0000 6940 0000', leaf: ['medium', 280, 'strap', 'matte'], flower: ['ball', 95, 0.25],
      colours: [['leaf', '#6f9a7a', 1], ['flower', '#8a55b5', 1]], starts: { bare: 2.8, p9: 3.5, l1: 6.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Drumsticks in May; hide the dying leaves with others.', poisonPart: 'bulb and leaves',
    },
  ),
  ...kin(
    {
      id: 'lily-orange', common: 'Lily', botanical: 'Lilium hybrid', variety: 'orange, short', group: 'bulb', roles: ['filler'], habit: 'wand',
      height: [400, 650], spread: [180, 260], trail: [0, 0], vigour: 1, sun: [4, 5, 10, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -26, night: -4 }, season: 'hardy', bloom: '0000 0293 0000', leaf: ['medium', 75, 'strap', 'glossy'], flower: ['trumpet', 120, 0.25],
      colours: [['leaf', '#4a8a3f', 1], ['flower', '#f2801e', 0.92], ['throat', '#6a2a14', 0.08]], starts: { bare: 3.2, p10: 4.5, l1: 7 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['mild', 'deadly', 'mild'], sap: 'unknown', spreads: false, note: 'Deadly to cats, pollen and all: never where a cat goes.', poisonPart: 'every part, pollen too',
    },
    { id: 'lily-white', variety: 'white, scented', colours: [['leaf', '#4a8a3f', 1], ['flower', '#f8f6f0', 0.92], ['throat', '#e9dc8a', 0.08]], facts: { scent: 'flower' } },
  ),
  ...kin(
    {
      id: 'eucomis', common: 'Pineapple lily', botanical: 'Eucomis comosa', variety: 'wine leaf', group: 'bulb', roles: ['thriller'], habit: 'stalk',
      height: [350, 600], spread: [300, 420], trail: [0, 0], vigour: 1, sun: [5, 6, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -9, night: 2 }, season: 'warm', bloom: '0000 0038 8200', leaf: ['bold', 340, 'strap', 'glossy'], flower: ['plume', 190, 0.16],
      colours: [['leaf', '#5a3a44', 0.75], ['vein', '#7a5560', 0.25], ['flower', '#d9b5bf', 1]], starts: { l1: 7.5, l2: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'A tuft of leaves on top, like the fruit.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'nerine-pink', common: 'Nerine', botanical: 'Nerine bowdenii', variety: 'pink', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [300, 450], spread: [130, 200], trail: [0, 0], vigour: 1, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -10, night: -4 }, season: 'hardy', bloom: '0000 0000 3981', leaf: ['medium', 260, 'strap', 'glossy'], flower: ['ball', 90, 0.25],
      colours: [['leaf', '#4f8a48', 1], ['flower', '#ee7fa8', 1]], starts: { bare: 2.5, p9: 3.5, l1: 6.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'October’s pink; likes its neck in the sun.', poisonPart: 'bulb most',
    },
  ),
  ...kin(
    {
      id: 'oxalis-purple', common: 'Purple shamrock', botanical: 'Oxalis triangularis', variety: 'purple', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [140, 220], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -6, night: 2 }, season: 'warm', bloom: '0000 3667 7500', leaf: ['medium', 42, 'palmate', 'matte'], flower: ['bell', 20, 0.12],
      colours: [['leaf', '#4a2050', 0.8], ['vein', '#7a4580', 0.2], ['flower', '#e6cfe3', 1]], starts: { bare: 1.2, p9: 2.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: true, note: 'Leaves fold at dusk; lift it or fleece it in winter.',
    },
  ),
  ...kin(
    {
      id: 'gladiolus-dwarf', common: 'Dwarf gladiolus', botanical: 'Gladiolus hybrid', variety: 'rose and white', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [350, 550], spread: [120, 180], trail: [0, 0], vigour: 1, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -9, night: 0 }, season: 'warm', bloom: '0000 0293 0000', leaf: ['medium', 400, 'strap', 'matte'], flower: ['trumpet', 50, 0.3],
      colours: [['leaf', '#5f9450', 1], ['flower', '#e27a98', 0.75], ['throat', '#f7eef0', 0.25]], starts: { bare: 1.2, p9: 3.2, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Swords first; cut the flower stem for a vase.', poisonPart: 'corm most',
    },
  ),
];
