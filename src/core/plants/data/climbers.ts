import { kin } from './record';

export const climbers = [
  ...kin(
    {
      id: 'clematis-blue', common: 'Clematis', botanical: 'Clematis hybrid', variety: 'violet-blue, compact', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [500, 1000], spread: [300, 400], trail: [0, 0], vigour: 2, sun: [3, 4, 10, 12], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -26, night: -10 }, season: 'hardy', bloom: '0000 5986 5200', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['daisy', 100, 0.35],
      colours: [['leaf', '#4f8042', 1], ['flower', '#5a4cb8', 0.85], ['throat', '#f0e6b0', 0.15]], starts: { l2: 13, l3: 19 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Roots in shade, head in sun; sap can blister.',
    },
    { id: 'clematis-pink', variety: 'pink, compact', colours: [['leaf', '#4f8042', 1], ['flower', '#e58fb8', 0.85], ['throat', '#8a4a5c', 0.15]] },
    { id: 'clematis-white', variety: 'white, compact', colours: [['leaf', '#4f8042', 1], ['flower', '#f7f6f2', 0.85], ['throat', '#7a4a6a', 0.15]] },
  ),
  ...kin(
    {
      id: 'black-eyed-susan', common: 'Black-eyed Susan vine', botanical: 'Thunbergia alata', variety: 'orange, black eye', group: 'climber', roles: ['thriller', 'spiller'], habit: 'climber',
      height: [800, 1300], spread: [240, 360], trail: [60, 160], vigour: 4, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 6 }, season: 'warm', bloom: '0000 1689 9830', leaf: ['medium', 55, 'heart', 'matte'], flower: ['round', 36, 0.35],
      colours: [['leaf', '#5a8a42', 1], ['flower', '#f4941a', 0.8], ['throat', '#1f1416', 0.2]], starts: { p9: 2.4, l1: 5.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Up a cane or over a basket, from seed to frost.',
    },
    { id: 'black-eyed-susan-yellow', variety: 'lemon, black eye', colours: [['leaf', '#5a8a42', 1], ['flower', '#f5dc4a', 0.8], ['throat', '#1f1416', 0.2]] },
  ),
  ...kin(
    {
      id: 'sweet-pea', common: 'Sweet pea', botanical: 'Lathyrus odoratus', variety: 'mixed pinks', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [1500, 1800], spread: [280, 380], trail: [0, 0], vigour: 3, sun: [5, 6, 11, 13], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: -6, night: -3 }, season: 'cool', bloom: '0000 2895 1000', leaf: ['medium', 48, 'ovate', 'matte'], flower: ['round', 36, 0.32],
      colours: [['leaf', '#6f9a5c', 1], ['flower', '#d96fae', 0.6], ['throat', '#f0c3d6', 0.4]], starts: { seed: 2.6, pack6: 3.8, p9: 2.4 },
      deadhead: 'needed', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Cut it every other day. Pods look like peas and are poisonous.', poisonPart: 'seeds',
    },
  ),
  ...kin(
    {
      id: 'morning-glory', common: 'Morning glory', botanical: 'Ipomoea tricolor', variety: 'sky blue', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [1800, 2500], spread: [300, 450], trail: [0, 0], vigour: 4, sun: [6, 7, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 1, night: 7 }, season: 'warm', bloom: '0000 0389 8500', leaf: ['bold', 85, 'heart', 'matte'], flower: ['trumpet', 85, 0.25],
      colours: [['leaf', '#5a8a48', 1], ['flower', '#4f86e0', 0.8], ['throat', '#f6f2d2', 0.2]], starts: { seed: 2.4, p9: 2.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'unknown', spreads: true, note: 'Open till noon. Seeds are poisonous.', poisonPart: 'seeds',
    },
  ),
  ...kin(
    {
      id: 'star-jasmine', common: 'Star jasmine', botanical: 'Trachelospermum jasminoides', variety: '', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [500, 1100], spread: [300, 420], trail: [0, 0], vigour: 1, sun: [3, 5, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -10, night: -6 }, season: 'year-round', bloom: '0000 0281 0000', leaf: ['medium', 50, 'ovate', 'glossy'], flower: ['airy', 26, 0.25],
      colours: [['leaf', '#2f6436', 1], ['flower', '#f7f5ea', 1]], starts: { l2: 14, l3: 20 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'none', 'none'], sap: 'yes', spreads: false, note: 'Evergreen and sweet at the door; milky sap.',
    },
  ),
  ...kin(
    {
      id: 'purple-bell-vine', common: 'Purple bell vine', botanical: 'Rhodochiton atrosanguineus', variety: '', group: 'climber', roles: ['thriller', 'spiller'], habit: 'climber',
      height: [1500, 2500], spread: [300, 450], trail: [150, 400], vigour: 2, sun: [3, 5, 10, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 1, night: 5 }, season: 'warm', bloom: '0000 1389 9840', leaf: ['medium', 50, 'heart', 'matte'], flower: ['bell', 45, 0.3],
      colours: [['leaf', '#5f7f4a', 1], ['flower', '#b35a86', 0.75], ['throat', '#2f1428', 0.25]], starts: { p9: 3 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'Dark clappers in pink bells; climbs or hangs.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'ivy-column', common: 'Ivy', botanical: 'Hedera helix', variety: 'green, on canes', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [450, 800], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [0, 1, 8, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 42, 'lobed', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3c6a3d', 0.85], ['vein', '#86a676', 0.15]], starts: { l2: 11, l3: 16 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'An evergreen obelisk; keep it off walls and trees.', poisonPart: 'leaf and berry', facts: { worlds: ['winter', 'woodland', 'shrub'], ease: 'common' },
    },
    { id: 'ivy-column-gold', variety: 'gold splashed, on canes', colours: [['leaf', '#5f8a3c', 0.5], ['edge', '#e3d552', 0.5]] },
    { id: 'ivy-column-white', variety: 'white edged, on canes', colours: [['leaf', '#4c7048', 0.65], ['edge', '#eceede', 0.35]] },
  ),
];
