import { kin } from './record';

export const foliage = [
  ...kin(
    {
      id: 'cordyline-wine', common: 'Cordyline', botanical: 'Cordyline australis', variety: 'wine red', group: 'foliage', roles: ['thriller'], habit: 'fan',
      height: [450, 850], spread: [400, 620], trail: [0, 0], vigour: 2, sun: [3, 4.5, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -6, night: -3 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 520, 'strap', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5e1a2b', 0.8], ['edge', '#8c2f45', 0.2]], starts: { l1: 6.5, l2: 11, l3: 16 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Steady and wind-proof; peel off the lowest leaves as they brown.',
    },
    { id: 'cordyline-green', variety: 'green spike', botanical: 'Cordyline indivisa', colours: [['leaf', '#5d7a3a', 0.85], ['edge', '#86a052', 0.15]], starts: { p10: 3.5, l1: 5.5, l2: 9.5 } },
  ),
  ...kin(
    {
      id: 'phormium-bronze', common: 'New Zealand flax', botanical: 'Phormium hybrid', variety: 'bronze, dwarf', group: 'foliage', roles: ['thriller'], habit: 'fan',
      height: [400, 750], spread: [350, 550], trail: [0, 0], vigour: 2, sun: [3, 5, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -8, night: -5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 480, 'strap', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6b3f2e', 0.7], ['edge', '#b4664a', 0.3]], starts: { l1: 8, l2: 12.5, l3: 18 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: true, note: 'Tough fibres: cut dead leaves low with a sharp knife.',
    },
  ),
  ...kin(
    {
      id: 'dusty-miller', common: 'Silver ragwort', botanical: 'Jacobaea maritima', variety: '', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [200, 300], trail: [0, 0], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -12, night: -8 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 80, 'feather', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#bcc8c2', 0.8], ['edge', '#dbe3dd', 0.2]], starts: { pack6: 3.8, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Felted silver leaf that cools hot colours.',
    },
  ),
  ...kin(
    {
      id: 'coleus-plum-lime', common: 'Coleus', botanical: 'Coleus scutellarioides', variety: 'plum, lime edge', group: 'foliage', roles: ['filler'], habit: 'bush',
      height: [260, 420], spread: [260, 380], trail: [0, 0], vigour: 3, sun: [1, 2, 6, 9], scorch: 3, water: 'thirsty', feed: 'medium',
      cold: { winter: 4, night: 9 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 85, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#7a1f3d', 0.7], ['edge', '#b6c93a', 0.2], ['vein', '#a8355a', 0.1]], starts: { pack6: 4.8, p9: 2.4, l1: 5.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Pinch out flower spikes; tender, so wait for warm nights.',
    },
    { id: 'coleus-lime', variety: 'lime', colours: [['leaf', '#b9d233', 0.85], ['edge', '#d9e66b', 0.15]] },
    { id: 'coleus-copper', variety: 'copper', colours: [['leaf', '#b4532a', 0.75], ['edge', '#d98f45', 0.15], ['vein', '#7d2f22', 0.1]] },
  ),
  ...kin(
    {
      id: 'sweet-potato-vine-lime', common: 'Sweet-potato vine', botanical: 'Ipomoea batatas', variety: 'lime', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [150, 230], spread: [380, 560], trail: [400, 750], vigour: 5, sun: [3, 4, 8, 12], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 85, 'heart', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#bdd531', 0.92], ['vein', '#a3bb2c', 0.08]], starts: { p9: 2.5, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Covers its neighbours by midsummer unless it is cut.',
    },
    { id: 'sweet-potato-vine-dark', variety: 'near black', vigour: 4, scorch: null, sun: [4, 5, 10, 13], colours: [['leaf', '#3a2338', 0.92], ['vein', '#5a3a55', 0.08]] },
  ),
  ...kin(
    {
      id: 'dichondra-silver', common: 'Silver dichondra', botanical: 'Dichondra argentea', variety: '', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [60, 100], spread: [260, 380], trail: [350, 650], vigour: 3, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -4, night: 2 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 20, 'round', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#b3c2ba', 1]], starts: { p9: 2.4, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'A curtain of silver coins; let it dry between.',
    },
  ),
  ...kin(
    {
      id: 'periwinkle-variegated', common: 'Greater periwinkle', botanical: 'Vinca major', variety: 'cream edged', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [130, 210], spread: [300, 420], trail: [350, 650], vigour: 3, sun: [1, 2, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -8 }, season: 'year-round', bloom: '0047 5100 0000', leaf: ['medium', 45, 'ovate', 'glossy'], flower: ['round', 34, 0.06],
      colours: [['leaf', '#5d8550', 0.66], ['edge', '#e8e5b8', 0.34], ['flower', '#6a6fc9', 1]], starts: { pack6: 5.4, p9: 2.2, p10: 3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: true, note: 'Long plain ropes, good in a tall pot.',
    },
  ),
  ...kin(
    {
      id: 'ground-ivy-variegated', common: 'Ground ivy', botanical: 'Glechoma hederacea', variety: 'white edged', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [60, 110], spread: [240, 340], trail: [400, 800], vigour: 4, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -20, night: -5 }, season: 'year-round', bloom: '0002 2000 0000', leaf: ['fine', 26, 'round', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#7fa36a', 0.68], ['edge', '#eef0e2', 0.32]], starts: { pack6: 4.6, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Hangs straight as string; trim before it reaches soil.',
    },
  ),
  ...kin(
    {
      id: 'liquorice-plant-silver', common: 'Liquorice plant', botanical: 'Helichrysum petiolare', variety: 'silver', group: 'foliage', roles: ['spiller', 'filler'], habit: 'trail',
      height: [140, 230], spread: [340, 500], trail: [180, 360], vigour: 4, sun: [3, 5, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -3, night: 1 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 24, 'round', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#c3ccbd', 1]], starts: { pack6: 4.4, p9: 2.1 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: true, note: 'Pushes through others: shorten it now and then.',
    },
  ),
];
