import { kin } from './record';

/** For shade: ground, ferns, winter flower. */
export const woodland = [
  ...kin(
    {
      id: 'tiarella', common: 'Foamflower', botanical: 'Tiarella hybrid', variety: 'white, dark veined', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [240, 340], trail: [0, 60], vigour: 2, sun: [0, 1, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -12 }, season: 'year-round', bloom: '0003 9851 0000', leaf: ['medium', 75, 'lobed', 'matte'], flower: ['airy', 9, 0.16],
      colours: [['leaf', '#5f8f4c', 0.75], ['vein', '#4a2a30', 0.25], ['flower', '#f6ede9', 1]], starts: { p9: 3.4, l1: 6.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Froth over marked leaves in May; fills a shady rim.',
    },
  ),
  ...kin(
    {
      id: 'bleeding-heart', common: 'Bleeding heart', botanical: 'Lamprocapnos spectabilis', variety: 'pink and white', group: 'shade', roles: ['thriller'], habit: 'cloud',
      height: [400, 650], spread: [380, 550], trail: [0, 0], vigour: 2, sun: [0, 1, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -4 }, season: 'hardy', bloom: '0007 9300 0000', leaf: ['medium', 120, 'feather', 'matte'], flower: ['bell', 28, 0.18],
      colours: [['leaf', '#6f9a5c', 1], ['flower', '#e0608c', 0.8], ['throat', '#f6f0f0', 0.2]], starts: { bare: 5, l1: 7, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Lockets on arching stems in May; gone to ground by August, so give it company. Sap can itch.', facts: { top: [4, 7] },
    },
  ),
  ...kin(
    {
      id: 'soleirolia', common: 'Mind-your-own-business', botanical: 'Soleirolia soleirolii', variety: 'green', group: 'shade', roles: ['spiller', 'filler'], habit: 'trail',
      height: [20, 50], spread: [200, 320], trail: [60, 160], vigour: 3, sun: [0, 0.5, 3, 5], scorch: 1, water: 'thirsty', feed: 'light',
      cold: { winter: -8, night: -2 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 5, 'round', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6fae4a', 1]], starts: { p9: 2.6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'A green skin under ferns and over a damp rim; it gets everywhere.',
    },
    { id: 'soleirolia-gold', variety: 'gold', colours: [['leaf', '#c3cf4a', 1]] },
  ),
  ...kin(
    {
      id: 'pachysandra', common: 'Japanese spurge', botanical: 'Pachysandra terminalis', variety: 'green', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [150, 250], spread: [220, 320], trail: [0, 0], vigour: 1, sun: [0, 0.5, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -15 }, season: 'year-round', bloom: '0026 3000 0000', leaf: ['medium', 60, 'ovate', 'glossy'], flower: ['spike', 22, 0.06],
      colours: [['leaf', '#3f6f3c', 1], ['flower', '#f1efe4', 1]], starts: { p9: 2.8, l1: 5.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Evergreen ruffs for dry, deep shade, slow to begin.',
    },
    { id: 'pachysandra-white-edge', variety: 'white edged', colours: [['leaf', '#5a8454', 0.75], ['edge', '#eff0e2', 0.25], ['flower', '#f1efe4', 1]] },
  ),
  ...kin(
    {
      id: 'tree-fern', common: 'Tree fern', botanical: 'Dicksonia antarctica', variety: 'young', group: 'shade', roles: ['thriller'], habit: 'frond',
      height: [600, 1000], spread: [800, 1200], trail: [0, 0], vigour: 2, sun: [0, 1, 4, 6], scorch: 1.5, water: 'thirsty', feed: 'light',
      cold: { winter: -6, night: -2 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 330, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f8440', 1]], starts: { l2: 22, l3: 34 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A wheel of fronds for deep shade; wet its crown daily in summer, wrap it against frost.', facts: { kept: 'frost-free' },
    },
  ),
  ...kin(
    {
      id: 'christmas-rose', common: 'Christmas rose', botanical: 'Helleborus niger', variety: 'white', group: 'perennial', roles: ['filler', 'thriller'], habit: 'mound',
      height: [220, 320], spread: [280, 380], trail: [0, 0], vigour: 1, sun: [0.5, 1, 5, 7], scorch: 2, water: 'moderate', feed: 'medium',
      cold: { winter: -28, night: -18 }, season: 'year-round', bloom: '9852 0000 0027', leaf: ['bold', 130, 'palmate', 'glossy'], flower: ['round', 65, 0.22],
      colours: [['leaf', '#2f5f38', 1], ['flower', '#f7f5ee', 0.9], ['throat', '#dfe0a0', 0.1]], starts: { p10: 5, l1: 8, l2: 13 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'In flower at Christmas, in the open; every part is poisonous.',
    },
  ),
  ...kin(
    {
      id: 'cyclamen-autumn-pink', common: 'Ivy-leaved cyclamen', botanical: 'Cyclamen hederifolium', variety: 'pink', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [80, 130], spread: [150, 220], trail: [0, 0], vigour: 1, sun: [0.5, 1, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -14 }, season: 'cool', bloom: '0000 0002 9941', leaf: ['medium', 70, 'heart', 'matte'], flower: ['airy', 25, 0.3],
      colours: [['leaf', '#4f7a52', 0.6], ['vein', '#b9c7b8', 0.4], ['flower', '#e28fb6', 1]], starts: { bulb: 6, p9: 3.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Flowers in September before the leaf; marbled ivy leaves all winter. The tuber is poisonous.', facts: { top: [9, 5] },
    },
    { id: 'cyclamen-autumn-white', variety: 'white', colours: [['leaf', '#4f7a52', 0.6], ['vein', '#b9c7b8', 0.4], ['flower', '#f7f5f4', 1]] },
  ),
];
