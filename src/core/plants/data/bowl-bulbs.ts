import { kin } from './record';

/** Bulbs and spring pots for bowls. */
export const bowlBulbs = [
  ...kin(
    {
      id: 'iris-dutch-blue', common: 'Dutch iris', botanical: 'Iris × hollandica', variety: 'blue, gold mark', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [350, 500], spread: [100, 150], trail: [0, 0], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -6 }, season: 'cool', bloom: '0002 9400 0000', leaf: ['medium', 320, 'grass', 'matte'], flower: ['trumpet', 85, 0.28],
      colours: [['leaf', '#6a9468', 1], ['flower', '#3f52b8', 0.88], ['throat', '#f2c62a', 0.12]], starts: { bulb: 3, p9: 2.6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], poisonPart: 'bulb', sap: 'yes', spreads: false, note: 'A cheap bulb of May; ten in a bowl, and cut some. Bulbs can itch the hands.',
    },
    { id: 'iris-dutch-yellow', variety: 'yellow', colours: [['leaf', '#6a9468', 1], ['flower', '#f3d23a', 0.9], ['throat', '#e39a1c', 0.1]] },
  ),
  ...kin(
    {
      id: 'fritillary', common: 'Snake’s-head fritillary', botanical: 'Fritillaria meleagris', variety: 'chequered', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [200, 300], spread: [80, 120], trail: [0, 0], vigour: 1, sun: [2, 3, 8, 10], scorch: null, water: 'thirsty', feed: 'light',
      cold: { winter: -30, night: -10 }, season: 'cool', bloom: '0028 3000 0000', leaf: ['fine', 130, 'grass', 'matte'], flower: ['bell', 38, 0.3],
      colours: [['leaf', '#7f9f84', 1], ['flower', '#7a3f66', 0.7], ['throat', '#d9b9cf', 0.3]], starts: { bulb: 3.5, p9: 2.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], poisonPart: 'bulb most', sap: 'no', spreads: false, note: 'Chequered bells for a moist spring bowl; plant the bulbs fresh. Poisonous.',
    },
  ),
  ...kin(
    {
      id: 'spring-snowflake', common: 'Spring snowflake', botanical: 'Leucojum vernum', variety: 'white, green tips', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [150, 240], spread: [80, 120], trail: [0, 0], vigour: 1, sun: [1, 2, 7, 9], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -14 }, season: 'cool', bloom: '0595 0000 0000', leaf: ['fine', 160, 'strap', 'glossy'], flower: ['bell', 24, 0.24],
      colours: [['leaf', '#4f8a44', 1], ['flower', '#f8f8f4', 0.92], ['throat', '#9fc26a', 0.08]], starts: { bulb: 5, p9: 3.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], poisonPart: 'bulb most', sap: 'yes', spreads: false, note: 'Rounder and stouter than a snowdrop, after it. Poisonous.',
    },
  ),
  ...kin(
    {
      id: 'winter-aconite', common: 'Winter aconite', botanical: 'Eranthis hyemalis', variety: 'yellow', group: 'bulb', roles: ['filler'], habit: 'mound',
      height: [60, 100], spread: [70, 110], trail: [0, 0], vigour: 1, sun: [1, 2, 7, 9], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -18 }, season: 'cool', bloom: '5950 0000 0000', leaf: ['fine', 45, 'palmate', 'glossy'], flower: ['round', 28, 0.5],
      colours: [['leaf', '#5f9a44', 1], ['flower', '#f4cf22', 1]], starts: { bulb: 3, p9: 2.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Gold cups on green ruffs in February; soak the tubers a night first. Poisonous.',
    },
  ),
  ...kin(
    {
      id: 'auricula-plum', common: 'Auricula', botanical: 'Primula auricula', variety: 'plum, cream eye', group: 'cool bedding', roles: ['filler'], habit: 'stalk',
      height: [120, 190], spread: [120, 170], trail: [0, 0], vigour: 1, sun: [1, 2, 6, 9], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -25, night: -14 }, season: 'cool', bloom: '0039 7100 0000', leaf: ['medium', 75, 'rosette', 'waxy'], flower: ['ball', 55, 0.4],
      colours: [['leaf', '#7f9f80', 1], ['flower', '#6a1f4c', 0.72], ['throat', '#f2e7b8', 0.28]], starts: { p9: 3.4 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'The pot plant of tradition: a small clay pot each, no wet on the leaf. Leaves can redden skin.',
    },
    { id: 'auricula-yellow', variety: 'yellow', colours: [['leaf', '#7f9f80', 1], ['flower', '#f0cf3a', 0.8], ['throat', '#f8f2d8', 0.2]] },
  ),
];
