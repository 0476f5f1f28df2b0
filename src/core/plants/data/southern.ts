import { kin } from './record';

export const southern = [
  ...kin(
    {
      id: 'gardenia', common: 'Gardenia', botanical: 'Gardenia jasminoides', variety: 'double white', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [450, 750], spread: [400, 600], trail: [0, 0], vigour: 1, sun: [2, 3, 7, 9], scorch: 3, water: 'moderate', feed: 'hungry',
      cold: { winter: -8, night: 3 }, season: 'year-round', bloom: '0000 5996 4200', leaf: ['medium', 75, 'ovate', 'glossy'], flower: ['round', 75, 0.28],
      colours: [['leaf', '#2f6232', 1], ['flower', '#fbf8ec', 1]], starts: { l1: 9, l2: 16 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Acid mix, even moisture, warm nights; the scent is the point.', facts: { worlds: ['shrub', 'tropical'], ease: 'common', mix: 'acid', rhythm: 'evenly moist' },
    },
  ),
  ...kin(
    {
      id: 'loropetalum', common: 'Fringe flower', botanical: 'Loropetalum chinense', variety: 'wine-leaved', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [500, 850], spread: [450, 700], trail: [0, 0], vigour: 2, sun: [3, 4, 10, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -12, night: -3 }, season: 'year-round', bloom: '0379 3000 0000', leaf: ['medium', 45, 'ovate', 'matte'], flower: ['airy', 35, 0.35],
      colours: [['leaf', '#5a2a3a', 1], ['flower', '#e2487f', 1]], starts: { l2: 14, l3: 20 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Wine leaf all year; pink fringes in spring. Acid mix.', facts: { worlds: ['shrub', 'winter'], ease: 'common', mix: 'acid', rhythm: 'evenly moist' },
    },
  ),
  ...kin(
    {
      id: 'kangaroo-paw-yellow', common: 'Kangaroo paw', botanical: 'Anigozanthos hybrid', variety: 'yellow', group: 'perennial', roles: ['thriller'], habit: 'wand',
      height: [450, 750], spread: [300, 420], trail: [0, 0], vigour: 2, sun: [6, 7, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -3, night: 3 }, season: 'year-round', bloom: '0000 4998 8520', leaf: ['medium', 300, 'strap', 'matte'], flower: ['plume', 60, 0.22],
      colours: [['leaf', '#5f8a4f', 0.88], ['stem', '#9aa04a', 0.12], ['flower', '#e3b92e', 1]], starts: { l1: 9, l2: 15 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Low-phosphate feed only; cut each stem to the base when it is over.', facts: { worlds: ['meadow', 'bedding', 'tropical'], ease: 'occasional', rhythm: 'dries slightly' },
    },
    { id: 'kangaroo-paw-red', variety: 'red', colours: [['leaf', '#5f8a4f', 0.88], ['stem', '#a03a34', 0.12], ['flower', '#b82a32', 1]] },
  ),
  ...kin(
    {
      id: 'lomandra', common: 'Lomandra', botanical: 'Lomandra longifolia', variety: 'fine green', group: 'grass', roles: ['thriller', 'filler'], habit: 'fountain',
      height: [400, 650], spread: [400, 600], trail: [0, 0], vigour: 2, sun: [2, 4, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -7, night: -4 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 450, 'grass', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6a9448', 1]], starts: { p10: 4, l1: 7, l2: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Tough tussock for heat and drought.', facts: { worlds: ['meadow', 'bedding', 'shrub'], ease: 'common', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'dianella-striped', common: 'Flax lily', botanical: 'Dianella tasmanica', variety: 'cream-striped', group: 'grass', roles: ['thriller', 'filler'], habit: 'fan',
      height: [400, 650], spread: [350, 500], trail: [0, 0], vigour: 2, sun: [2, 3, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -7, night: -3 }, season: 'year-round', bloom: '0000 0000 0035', leaf: ['medium', 420, 'strap', 'matte'], flower: ['airy', 12, 0.05],
      colours: [['leaf', '#5f8a52', 0.6], ['edge', '#e6e2c0', 0.4], ['flower', '#6a72c0', 1]], starts: { l1: 8, l2: 13 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Cream stripes in sun or shade; the blue berries are left alone.', poisonPart: 'berries', facts: { worlds: ['meadow', 'bedding', 'woodland'], ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'strawflower-yellow', common: 'Strawflower', botanical: 'Xerochrysum bracteatum', variety: 'golden', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [250, 400], spread: [250, 350], trail: [0, 0], vigour: 3, sun: [5, 7, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -4, night: 2 }, season: 'warm', bloom: '0004 8999 9960', leaf: ['medium', 60, 'strap', 'matte'], flower: ['daisy', 45, 0.35],
      colours: [['leaf', '#6a9050', 1], ['flower', '#f2c02e', 0.85], ['throat', '#d99a1e', 0.15]], starts: { pack6: 4.5, p9: 2.5, l1: 5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Papery flowers that dry on the stem; heat suits it.',
    },
    { id: 'strawflower-pink', variety: 'pink', colours: [['leaf', '#6a9050', 1], ['flower', '#e583a6', 0.85], ['throat', '#e8c94a', 0.15]] },
    { id: 'strawflower-white', variety: 'white', colours: [['leaf', '#6a9050', 1], ['flower', '#f7f4ea', 0.85], ['throat', '#e8c94a', 0.15]] },
  ),
  ...kin(
    {
      id: 'leucadendron', common: 'Leucadendron', botanical: 'Leucadendron hybrid', variety: 'wine and cream', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [500, 850], spread: [400, 600], trail: [0, 0], vigour: 2, sun: [6, 7, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -4, night: -1 }, season: 'year-round', bloom: '7773 0000 0357', leaf: ['medium', 70, 'strap', 'waxy'], flower: ['round', 60, 0.25],
      colours: [['leaf', '#6a4a48', 0.75], ['stem', '#8a3f45', 0.25], ['flower', '#b8404a', 0.6], ['throat', '#f0dfae', 0.4]], starts: { l2: 16, l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Acid, sandy, low-phosphate; never let it stand wet.', facts: { worlds: ['shrub', 'meadow'], ease: 'occasional', mix: 'acid', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'leucospermum-orange', common: 'Pincushion', botanical: 'Leucospermum cordifolium', variety: 'orange', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [500, 850], spread: [450, 650], trail: [0, 0], vigour: 2, sun: [6, 7, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -3, night: 1 }, season: 'year-round', bloom: '0006 9400 0000', leaf: ['medium', 60, 'ovate', 'waxy'], flower: ['ball', 90, 0.3],
      colours: [['leaf', '#5f8a60', 1], ['flower', '#f08a3a', 0.8], ['throat', '#d9443a', 0.2]], starts: { l2: 18, l3: 26 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Low-phosphate, sandy mix; spring flowers.', facts: { worlds: ['shrub'], ease: 'specialist', mix: 'acid', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'grevillea-red', common: 'Grevillea', botanical: 'Grevillea hybrid', variety: 'red', group: 'shrub', roles: ['filler'], habit: 'mound',
      height: [300, 500], spread: [400, 650], trail: [0, 80], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -5, night: -2 }, season: 'year-round', bloom: '6788 6444 5666', leaf: ['fine', 35, 'needle', 'matte'], flower: ['round', 35, 0.25],
      colours: [['leaf', '#6a8a58', 1], ['flower', '#d0364a', 1]], starts: { l1: 8, l2: 14 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['irritant', 'unknown', 'unknown'], sap: 'yes', spreads: false, note: 'Low-phosphate feed; the hairs of leaf and flower irritate some skins.', facts: { worlds: ['shrub', 'meadow'], ease: 'occasional', mix: 'acid', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'arctotis-orange', common: 'Arctotis', botanical: 'Arctotis hybrid', variety: 'orange', group: 'warm bedding', roles: ['filler'], habit: 'mound',
      height: [250, 380], spread: [280, 400], trail: [0, 40], vigour: 3, sun: [6, 7, 12, 14], scorch: null, water: 'dry', feed: 'medium',
      cold: { winter: -3, night: 1 }, season: 'warm', bloom: '0004 9876 7850', leaf: ['medium', 110, 'lobed', 'felted'], flower: ['daisy', 70, 0.35],
      colours: [['leaf', '#9aa88e', 1], ['flower', '#ee7a2a', 0.8], ['throat', '#3a2a2a', 0.2]], starts: { p9: 2.8, l1: 5.5 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Silver leaf; opens in sun, rests in heat above 30°C.',
    },
    { id: 'arctotis-wine', variety: 'wine', colours: [['leaf', '#9aa88e', 1], ['flower', '#9a2a48', 0.8], ['throat', '#3a2a2a', 0.2]] },
  ),
  ...kin(
    {
      id: 'euryops', common: 'Euryops', botanical: 'Euryops pectinatus', variety: 'yellow', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [450, 750], spread: [400, 600], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -4, night: 0 }, season: 'year-round', bloom: '5678 9643 4665', leaf: ['medium', 60, 'feather', 'matte'], flower: ['daisy', 45, 0.3],
      colours: [['leaf', '#7f9474', 1], ['flower', '#f2ca2a', 0.85], ['throat', '#e0a51e', 0.15]], starts: { l1: 6, l2: 11 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Grey ferny leaf, yellow daisies for months in mild winters.', facts: { worlds: ['bedding', 'meadow', 'shrub'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'clivia', common: 'Clivia', botanical: 'Clivia miniata', variety: 'orange', group: 'shade', roles: ['thriller', 'filler'], habit: 'fan',
      height: [400, 600], spread: [400, 600], trail: [0, 0], vigour: 1, sun: [0, 0.5, 2, 4], scorch: 0, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 6 }, season: 'year-round', bloom: '0389 4000 0000', leaf: ['bold', 450, 'strap', 'glossy'], flower: ['trumpet', 65, 0.2],
      colours: [['leaf', '#2f6a34', 1], ['flower', '#f2792a', 0.85], ['throat', '#f2d27a', 0.15]], starts: { l2: 18, l3: 26 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Deep shade; leave it undisturbed. Every part harms if eaten.', facts: { worlds: ['woodland', 'tropical'], ease: 'occasional', kept: 'frost-free', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'cushion-bush', common: 'Cushion bush', botanical: 'Leucophyta brownii', variety: 'silver wire', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [5, 7, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -4, night: 0 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 10, 'needle', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#c4ccc8', 0.8], ['stem', '#b4bcb6', 0.2]], starts: { p9: 2.8, l1: 5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A tangle of silver; hates a wet winter.', facts: { worlds: ['bedding', 'winter', 'succulent'], ease: 'common', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'groundsel-silver', common: 'Silver groundsel', botanical: 'Senecio candidans', variety: 'white-felted', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [250, 380], spread: [250, 380], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -9, night: -3 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 150, 'ovate', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#ccd4cc', 1]], starts: { p10: 4, l1: 7 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Broad silver leaves; water the soil, not the leaf.', facts: { worlds: ['bedding', 'winter'], ease: 'common', rhythm: 'dries slightly' },
    },
  ),
];
