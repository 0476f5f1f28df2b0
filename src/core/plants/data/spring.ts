import { kin } from './record';

export const spring = [
  ...kin(
    {
      id: 'ranunculus-pink', common: 'Ranunculus', botanical: 'Ranunculus asiaticus', variety: 'pink', group: 'cool bedding', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [180, 250], trail: [0, 0], vigour: 2, sun: [4, 5, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: -5, night: -2 }, season: 'cool', bloom: '0179 8200 0000', leaf: ['medium', 60, 'feather', 'matte'], flower: ['round', 70, 0.4],
      colours: [['leaf', '#5f9548', 1], ['flower', '#ee8aa6', 0.92], ['throat', '#5f8a44', 0.08]], starts: { p9: 2.6, p10: 3.4 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Rosettes of petals till it is hot; keep from the wettest weather.', facts: { worlds: ['bedding', 'winter'], ease: 'common', rhythm: 'dries slightly' },
    },
    { id: 'ranunculus-yellow', variety: 'yellow', colours: [['leaf', '#5f9548', 1], ['flower', '#f5cf35', 0.92], ['throat', '#5f8a44', 0.08]] },
    { id: 'ranunculus-white', variety: 'white', colours: [['leaf', '#5f9548', 1], ['flower', '#f8f6ee', 0.92], ['throat', '#5f8a44', 0.08]] },
    { id: 'ranunculus-red', variety: 'red', colours: [['leaf', '#5f9548', 1], ['flower', '#cf2a34', 0.92], ['throat', '#3a2a1e', 0.08]] },
  ),
  ...kin(
    {
      id: 'anemone-violet', common: 'Anemone', botanical: 'Anemone coronaria', variety: 'violet-blue', group: 'bulb', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [150, 220], trail: [0, 0], vigour: 2, sun: [4, 5, 9, 12], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -10, night: -4 }, season: 'cool', bloom: '0379 6000 0000', leaf: ['fine', 60, 'feather', 'matte'], flower: ['round', 60, 0.35],
      colours: [['leaf', '#5f9548', 1], ['flower', '#5a48b4', 0.85], ['throat', '#241a38', 0.15]], starts: { bulb: 3, p9: 2.6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Dark eye, long in flower in cool springs; sap irritates.', facts: { worlds: ['bedding', 'winter'], ease: 'common' },
    },
    { id: 'anemone-red', variety: 'scarlet', colours: [['leaf', '#5f9548', 1], ['flower', '#d42a30', 0.85], ['throat', '#241a20', 0.15]] },
    { id: 'anemone-white', variety: 'white', colours: [['leaf', '#5f9548', 1], ['flower', '#f8f7f2', 0.9], ['throat', '#3a3a2a', 0.1]] },
  ),
  ...kin(
    {
      id: 'windflower-blue', common: 'Windflower', botanical: 'Anemone blanda', variety: 'blue', group: 'bulb', roles: ['filler'], habit: 'mound',
      height: [90, 150], spread: [110, 160], trail: [0, 0], vigour: 2, sun: [2, 3, 8, 11], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -25, night: -10 }, season: 'cool', bloom: '0398 2000 0000', leaf: ['fine', 40, 'feather', 'matte'], flower: ['daisy', 38, 0.45],
      colours: [['leaf', '#5a8a48', 1], ['flower', '#6a78cc', 0.9], ['throat', '#f0d35a', 0.1]], starts: { bulb: 2.5, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'A low layer under tulips and shrubs; soak the corms a night before planting.', facts: { worlds: ['woodland', 'winter', 'bedding', 'alpine'], ease: 'common' },
    },
    { id: 'windflower-white', variety: 'white', colours: [['leaf', '#5a8a48', 1], ['flower', '#f8f7f4', 0.9], ['throat', '#f0d35a', 0.1]] },
  ),
  ...kin(
    {
      id: 'scilla-blue', common: 'Squill', botanical: 'Scilla siberica', variety: 'deep blue', group: 'bulb', roles: ['filler'], habit: 'mound',
      height: [90, 150], spread: [80, 120], trail: [0, 0], vigour: 2, sun: [1, 2, 8, 11], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -12 }, season: 'cool', bloom: '0189 1000 0000', leaf: ['fine', 110, 'strap', 'glossy'], flower: ['bell', 18, 0.35],
      colours: [['leaf', '#4f8a48', 1], ['flower', '#3f5ac8', 1]], starts: { bulb: 2.2, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Pure blue in March; the leaves fade by June. Bulbs can itch the hands.', poisonPart: 'bulb and leaves', facts: { worlds: ['woodland', 'winter', 'alpine', 'bedding'], ease: 'common' },
    },
    { id: 'glory-of-the-snow', variety: 'blue, white-eyed', common: 'Glory of the snow', botanical: 'Scilla luciliae', flower: ['daisy', 28, 0.38], colours: [['leaf', '#4f8a48', 1], ['flower', '#7a90dc', 0.75], ['throat', '#f4f5fa', 0.25]], note: 'Stars of pale blue with a white eye, as the snow goes.', sap: 'yes' },
  ),
  ...kin(
    {
      id: 'crocus-yellow', common: 'Crocus', botanical: 'Crocus chrysanthus', variety: 'yellow', group: 'bulb', roles: ['filler'], habit: 'mound',
      height: [80, 130], spread: [70, 110], trail: [0, 0], vigour: 1, sun: [3, 4, 9, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -12 }, season: 'cool', bloom: '0961 0000 0000', leaf: ['fine', 120, 'grass', 'glossy'], flower: ['trumpet', 40, 0.45],
      colours: [['leaf', '#5f8a4f', 0.85], ['vein', '#dfe6d6', 0.15], ['flower', '#f5c02a', 1]], starts: { bulb: 2, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'First colour of the year; plant thickly, a hand deep.', poisonPart: 'corm', facts: { worlds: ['alpine', 'winter', 'bedding'] },
    },
    { id: 'crocus-white', variety: 'white', colours: [['leaf', '#5f8a4f', 0.85], ['vein', '#dfe6d6', 0.15], ['flower', '#f8f7f2', 0.88], ['throat', '#f0962a', 0.12]] },
  ),
  ...kin(
    {
      id: 'tulip-botanical-red', common: 'Botanical tulip', botanical: 'Tulipa praestans', variety: 'scarlet, low', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [180, 280], spread: [100, 150], trail: [0, 0], vigour: 1, sun: [4, 5, 10, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -10 }, season: 'cool', bloom: '0038 2000 0000', leaf: ['medium', 150, 'strap', 'matte'], flower: ['trumpet', 60, 0.3],
      colours: [['leaf', '#7a9f86', 1], ['flower', '#e0342a', 0.92], ['throat', '#f0c63a', 0.08]], starts: { bulb: 3.5, p9: 2.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Several flowers to a stem, short enough for wind; comes again.', poisonPart: 'bulb',
    },
    { id: 'tulip-botanical-yellow', variety: 'yellow and white, low', botanical: 'Tulipa tarda', height: [110, 180], spread: [110, 160], flower: ['daisy', 45, 0.35], colours: [['leaf', '#6f9a6a', 1], ['flower', '#f7de4a', 0.6], ['throat', '#fbf8ea', 0.4]], note: 'Open stars close to the soil; comes again each spring.' },
  ),
  ...kin(
    {
      id: 'muscari-white', common: 'Grape hyacinth', botanical: 'Muscari aucheri', variety: 'white', group: 'bulb', roles: ['filler'], habit: 'stalk',
      height: [120, 180], spread: [80, 120], trail: [0, 0], vigour: 2, sun: [3, 4, 9, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -12 }, season: 'cool', bloom: '0038 2000 0000', leaf: ['fine', 150, 'strap', 'glossy'], flower: ['spike', 45, 0.35],
      colours: [['leaf', '#5a8a52', 1], ['flower', '#f5f6f2', 1]], starts: { bulb: 2.5, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Small white spires among blue things.', facts: { worlds: ['winter', 'bedding', 'alpine'] },
    },
  ),
  ...kin(
    {
      id: 'daffodil-species', common: 'Hoop-petticoat daffodil', botanical: 'Narcissus bulbocodium', variety: 'yellow, tiny', group: 'bulb', roles: ['filler'], habit: 'mound',
      height: [120, 180], spread: [80, 120], trail: [0, 0], vigour: 1, sun: [3, 4, 9, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -8 }, season: 'cool', bloom: '0289 1000 0000', leaf: ['fine', 150, 'grass', 'matte'], flower: ['trumpet', 28, 0.3],
      colours: [['leaf', '#5f8f5f', 1], ['flower', '#f5d030', 1]], starts: { bulb: 3.5, p9: 2.6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'For the edge of an alpine bowl; all daffodil bulbs are poisonous.', poisonPart: 'bulb',
    },
  ),
  ...kin(
    {
      id: 'calla-white', common: 'Calla', botanical: 'Zantedeschia aethiopica', variety: 'white', group: 'tropical', roles: ['thriller'], habit: 'fan',
      height: [450, 750], spread: [350, 500], trail: [0, 0], vigour: 3, sun: [2, 4, 9, 11], scorch: 4, water: 'thirsty', feed: 'hungry',
      cold: { winter: -10, night: 1 }, season: 'warm', bloom: '0000 5986 4200', leaf: ['bold', 280, 'heart', 'glossy'], flower: ['trumpet', 130, 0.18],
      colours: [['leaf', '#3f7f3c', 1], ['flower', '#faf8ee', 0.92], ['throat', '#f0cf4a', 0.08]], starts: { bare: 5, l1: 8, l2: 13 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Never dry while it grows; poisonous if chewed.', facts: { worlds: ['tropical', 'woodland'], ease: 'common', rhythm: 'stands wet', kept: 'frost-free' },
    },
    { id: 'calla-pink', variety: 'pink, dwarf', botanical: 'Zantedeschia hybrid', height: [300, 450], spread: [250, 350], leaf: ['bold', 200, 'heart', 'glossy'], flower: ['trumpet', 80, 0.2], bloom: '0000 0698 2000', colours: [['leaf', '#4a8440', 0.92], ['vein', '#cfd8c0', 0.08], ['flower', '#dc7f9c', 1]], facts: { worlds: ['tropical', 'bedding'], ease: 'common', rhythm: 'evenly moist', kept: 'lifted dry' }, note: 'Spotted leaf; lift and dry the tuber before frost. Harms whoever chews it.', cold: { winter: -2, night: 1 } },
  ),
  ...kin(
    {
      id: 'hippeastrum-red', common: 'Hippeastrum', botanical: 'Hippeastrum hybrid', variety: 'red', group: 'bulb', roles: ['thriller'], habit: 'stalk',
      height: [400, 600], spread: [250, 350], trail: [0, 0], vigour: 2, sun: [3, 5, 10, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 7 }, season: 'warm', bloom: '0002 9600 0000', leaf: ['bold', 400, 'strap', 'glossy'], flower: ['trumpet', 150, 0.3],
      colours: [['leaf', '#4f8a44', 1], ['flower', '#cf2230', 0.9], ['throat', '#8fae5a', 0.1]], starts: { p10: 8, l1: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Three great trumpets for three weeks; dry it off in autumn.', poisonPart: 'bulb', facts: { worlds: ['tropical'], ease: 'occasional', kept: 'indoors' },
    },
  ),
];
