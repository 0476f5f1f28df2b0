import { kin } from './record';

/** Four that kill, or nearly: here so that they are known for what they are, and refused with the reason. */
export const poisonous = [
  ...kin(
    {
      id: 'foxglove', common: 'Foxglove', botanical: 'Digitalis purpurea', variety: 'purple, compact', group: 'perennial', roles: ['thriller'], habit: 'wand',
      height: [600, 1000], spread: [300, 400], trail: [0, 0], vigour: 2, sun: [1, 2, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -26, night: -8 }, season: 'hardy', bloom: '0000 4930 0000', leaf: ['bold', 180, 'ovate', 'matte'], flower: ['spike', 42, 0.25],
      colours: [['leaf', '#6f8f62', 1], ['flower', '#a9428c', 0.75], ['throat', '#f1dcea', 0.25]], starts: { p9: 3, l1: 5.5, l2: 9 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['deadly', 'deadly', 'deadly'], sap: 'yes', spreads: true, note: 'A spire for June and for bees. Leaf and seed stop the heart: never where anyone grazes.',
    },
  ),
  ...kin(
    {
      id: 'oleander-pink', common: 'Oleander', botanical: 'Nerium oleander', variety: 'pink', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [800, 1400], spread: [600, 900], trail: [0, 0], vigour: 3, sun: [5, 6, 13, 15], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -6, night: 3 }, season: 'year-round', bloom: '0000 0589 9500', leaf: ['medium', 130, 'ovate', 'matte'], flower: ['round', 45, 0.32],
      colours: [['leaf', '#4f7250', 1], ['flower', '#e8809e', 0.9], ['throat', '#f6dce2', 0.1]], starts: { l2: 14, l3: 22 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['deadly', 'deadly', 'deadly'], sap: 'yes', spreads: true, note: 'The tub of hot south walls. One leaf can kill, and so can its smoke: gloves, and never burn it.',
    },
  ),
  ...kin(
    {
      id: 'angels-trumpet', common: 'Angel’s trumpet', botanical: 'Brugmansia hybrid', variety: 'apricot', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [1000, 1600], spread: [700, 1000], trail: [0, 0], vigour: 4, sun: [3, 4, 9, 12], scorch: 5, water: 'thirsty', feed: 'hungry',
      cold: { winter: -2, night: 5 }, season: 'warm', bloom: '0000 0368 9960', leaf: ['bold', 240, 'ovate', 'matte'], flower: ['bell', 230, 0.28],
      colours: [['leaf', '#4f7a3f', 1], ['flower', '#f2b07a', 1]], starts: { l2: 14, l3: 22 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['deadly', 'deadly', 'deadly'], sap: 'yes', spreads: true, note: 'Trumpets a hand and a half long, scented at dusk. Every part poisons mind and heart: not within anyone’s reach.',
    },
  ),
  ...kin(
    {
      id: 'daphne', common: 'Winter daphne', botanical: 'Daphne odora', variety: 'gold edged', group: 'shrub', roles: ['filler', 'thriller'], habit: 'mound',
      height: [350, 600], spread: [400, 600], trail: [0, 0], vigour: 1, sun: [2, 3, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -10, night: -6 }, season: 'year-round', bloom: '5984 0000 0002', leaf: ['medium', 75, 'ovate', 'glossy'], flower: ['ball', 40, 0.16],
      colours: [['leaf', '#3f6f3f', 0.85], ['edge', '#e9df9a', 0.15], ['flower', '#ecc9d8', 0.7], ['throat', '#a84f7c', 0.3]], starts: { l2: 16, l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['deadly', 'deadly', 'deadly'], sap: 'yes', spreads: false, note: 'The best scent of February, and a few of its berries can kill. Sap blisters; do not prune or move it.',
    },
  ),
];
