import { kin } from './record';

/** Shrubs and climbers for tubs. */
export const tubShrubs = [
  ...kin(
    {
      id: 'abutilon-red', common: 'Abutilon', botanical: 'Abutilon hybrid', variety: 'red', group: 'tropical', roles: ['thriller', 'filler'], habit: 'bush',
      height: [450, 800], spread: [350, 500], trail: [0, 0], vigour: 3, sun: [3, 4, 9, 12], scorch: 5, water: 'thirsty', feed: 'hungry',
      cold: { winter: -4, night: 3 }, season: 'warm', bloom: '1124 7999 9741', leaf: ['medium', 85, 'lobed', 'matte'], flower: ['bell', 50, 0.22],
      colours: [['leaf', '#5a8a48', 1], ['flower', '#c8282c', 0.92], ['throat', '#f0b23a', 0.08]], starts: { p10: 4.5, l1: 7.5, l2: 12 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Lanterns from May to frost and on in a porch; trains to a standard.',
    },
    { id: 'abutilon-yellow', variety: 'yellow', colours: [['leaf', '#5a8a48', 1], ['flower', '#f2cf3a', 1]] },
    { id: 'abutilon-spotted', variety: 'apricot, gold-spotted leaf', colours: [['leaf', '#5a8a48', 0.62], ['edge', '#d9cf5a', 0.38], ['flower', '#f0a05a', 1]] },
  ),
  ...kin(
    {
      id: 'honeysuckle', common: 'Honeysuckle', botanical: 'Lonicera periclymenum', variety: 'cream and rose, compact', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [1000, 1500], spread: [400, 550], trail: [0, 0], vigour: 3, sun: [2, 3, 9, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -26, night: -8 }, season: 'hardy', bloom: '0000 3982 3300', leaf: ['medium', 50, 'ovate', 'matte'], flower: ['ball', 65, 0.3],
      colours: [['leaf', '#5a8450', 1], ['flower', '#f2dfae', 0.6], ['throat', '#c25a78', 0.4]], starts: { l2: 12, l3: 18 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], poisonPart: 'berries', sap: 'no', spreads: true, note: 'Scent at dusk, for moths and for you; the red berries upset stomachs.', facts: { display: { what: 'berries', hex: '#c0282c', sizeMm: 9, show: 0.05, months: [0, 0, 0, 0, 0, 0, 0, 0.5, 1, 0.5, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'rose-climbing-pink', common: 'Patio climbing rose', botanical: 'Rosa hybrid', variety: 'soft pink', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [1200, 1800], spread: [400, 600], trail: [0, 0], vigour: 3, sun: [4, 5, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -22, night: -6 }, season: 'hardy', bloom: '0000 1866 5410', leaf: ['medium', 50, 'ovate', 'glossy'], flower: ['ball', 55, 0.32],
      colours: [['leaf', '#3f6f3a', 1], ['flower', '#efa9bd', 0.85], ['throat', '#f6dcd2', 0.15]], starts: { l3: 24 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Small roses from the foot up; a frame, a deep tub, and gloves for the thorns.', facts: { support: 'frame' },
    },
  ),
  ...kin(
    {
      id: 'grape-vine', common: 'Grape vine', botanical: 'Vitis vinifera', variety: 'dessert, in a tub', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [1200, 2000], spread: [500, 700], trail: [0, 0], vigour: 4, sun: [6, 7, 14, 16], scorch: null, water: 'moderate', feed: 'hungry',
      cold: { winter: -20, night: -1 }, season: 'hardy', bloom: '0000 0500 0000', leaf: ['bold', 140, 'palmate', 'matte'], flower: ['airy', 4, 0.04],
      colours: [['leaf', '#5f8f44', 0.95], ['stem', '#7a5f4a', 0.05], ['flower', '#cfd9a0', 1]], starts: { l2: 16, l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'toxic', 'toxic'], poisonPart: 'fruit, to cats and dogs', sap: 'no', spreads: false, note: 'A roof of leaf and a few good bunches. Grapes and raisins ruin dogs’ kidneys.', facts: { display: { what: 'fruit', hex: '#4f3a5c', sizeMm: 18, show: 0.1, months: [0, 0, 0, 0, 0, 0, 0.2, 0.6, 1, 0.6, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'bottlebrush-red', common: 'Bottlebrush', botanical: 'Callistemon citrinus', variety: 'red', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [600, 1000], spread: [500, 750], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: -2 }, season: 'year-round', bloom: '0000 4961 1000', leaf: ['fine', 60, 'needle', 'matte'], flower: ['plume', 100, 0.26],
      colours: [['leaf', '#5f7f52', 1], ['flower', '#c81f2c', 1]], starts: { l2: 14, l3: 22 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Red brushes in June on a hot, dry evergreen; clip just behind each as it fades.', facts: { kept: 'frost-free', bees: 'good' },
    },
  ),
  ...kin(
    {
      id: 'rock-rose-white', common: 'Rock rose', botanical: 'Cistus hybrid', variety: 'white, dark blotch', group: 'shrub', roles: ['filler', 'thriller'], habit: 'bush',
      height: [400, 650], spread: [400, 600], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -9, night: -5 }, season: 'year-round', bloom: '0000 2983 0000', leaf: ['fine', 40, 'ovate', 'matte'], flower: ['round', 60, 0.3],
      colours: [['leaf', '#6f8668', 1], ['flower', '#f8f5f1', 0.86], ['throat', '#7a1f2c', 0.14]], starts: { l1: 7, l2: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Paper flowers for a day each in June; sun, wind and salt are nothing to it.',
    },
  ),
  ...kin(
    {
      id: 'photinia', common: 'Photinia', botanical: 'Photinia × fraseri', variety: 'red shoots, compact', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [550, 900], spread: [450, 650], trail: [0, 0], vigour: 2, sun: [3, 4, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -14, night: -6 }, season: 'year-round', bloom: '0002 4000 0000', leaf: ['medium', 85, 'ovate', 'glossy'], flower: ['ball', 70, 0.08],
      colours: [['leaf', '#3f6f3f', 0.65], ['edge', '#b5322c', 0.35], ['flower', '#f3efe4', 1]], starts: { l2: 12, l3: 19 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Red shoots in spring, and again each time it is clipped.',
    },
  ),
  ...kin(
    {
      id: 'cryptomeria-dwarf', common: 'Dwarf cryptomeria', botanical: 'Cryptomeria japonica', variety: 'bronze in winter', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [300, 500], spread: [250, 400], trail: [0, 0], vigour: 1, sun: [2, 3, 10, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 40, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#5a7f52', 0.8], ['edge', '#8a6a4a', 0.2]], starts: { l1: 9, l2: 15 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Soft plumes, green in summer and bronze in frost; never let it dry.',
    },
  ),
  ...kin(
    {
      id: 'heath-darley-pink', common: 'Darley Dale heath', botanical: 'Erica × darleyensis', variety: 'pink', group: 'shrub', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [260, 380], trail: [0, 50], vigour: 1, sun: [2, 4, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -15 }, season: 'year-round', bloom: '8998 3000 0046', leaf: ['fine', 8, 'needle', 'matte'], flower: ['spike', 6, 0.42],
      colours: [['leaf', '#4f7a48', 1], ['flower', '#cf7aa6', 1]], starts: { p9: 2.4, p10: 3.2, l1: 5.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'The winter heath that minds lime least; five months of flower. Clip it when they fade.',
    },
    { id: 'heath-darley-white', variety: 'white', colours: [['leaf', '#4f7a48', 1], ['flower', '#f6f5f0', 1]] },
  ),
];
