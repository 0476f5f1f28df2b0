import { kin } from './record';

/** More to pick: herbs, roots, pods. */
export const kitchen = [
  ...kin(
    {
      id: 'aubergine', common: 'Aubergine', botanical: 'Solanum melongena', variety: 'small-fruited', group: 'herb', roles: ['thriller', 'filler'], habit: 'bush',
      height: [450, 700], spread: [350, 500], trail: [0, 0], vigour: 3, sun: [6, 7, 13, 15], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: 4, night: 11 }, season: 'warm', bloom: '0000 0389 7200', leaf: ['bold', 150, 'ovate', 'felted'], flower: ['round', 35, 0.06],
      colours: [['leaf', '#6f8f62', 0.9], ['stem', '#4f3a5c', 0.1], ['flower', '#9a7ac8', 0.88], ['throat', '#f2cf3a', 0.12]], starts: { p9: 3, l1: 5.5 },
      deadhead: 'no', pinch: 'helps', edible: 'fruit', poison: ['mild', 'toxic', 'toxic'], poisonPart: 'leaves and stems', sap: 'no', spreads: false, note: 'A hot wall, a cane and a feed each week; the leaves are not eaten.', facts: { display: { what: 'fruit', hex: '#3a2044', sizeMm: 90, show: 0.12, months: [0, 0, 0, 0, 0, 0, 0.3, 0.9, 1, 0.4, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'dill', common: 'Dill', botanical: 'Anethum graveolens', variety: 'leaf kind', group: 'herb', roles: ['filler'], habit: 'cloud',
      height: [350, 600], spread: [200, 300], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -5, night: 0 }, season: 'warm', bloom: '0000 0386 2000', leaf: ['fine', 120, 'feather', 'matte'], flower: ['airy', 60, 0.14],
      colours: [['leaf', '#6f9a62', 1], ['flower', '#dccf3a', 1]], starts: { seed: 2, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Sow a little every three weeks; it runs to flower in heat, and hates to be moved.',
    },
  ),
  ...kin(
    {
      id: 'lemon-balm', common: 'Lemon balm', botanical: 'Melissa officinalis', variety: 'green', group: 'herb', roles: ['filler'], habit: 'bush',
      height: [300, 500], spread: [280, 400], trail: [0, 0], vigour: 4, sun: [2, 3, 10, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -6 }, season: 'hardy', bloom: '0000 0158 2000', leaf: ['medium', 50, 'ovate', 'matte'], flower: ['spike', 8, 0.06],
      colours: [['leaf', '#6f9f4c', 1], ['flower', '#f3f0e2', 1]], starts: { p9: 2.4, l1: 4.8 },
      deadhead: 'helps', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Lemon for tea; cut it down in July and it comes fresh. It seeds about.',
    },
  ),
  ...kin(
    {
      id: 'marjoram-sweet', common: 'Sweet marjoram', botanical: 'Origanum majorana', variety: 'grey-green', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [180, 300], spread: [180, 260], trail: [0, 40], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -3, night: 3 }, season: 'warm', bloom: '0000 0167 3000', leaf: ['fine', 14, 'round', 'matte'], flower: ['airy', 5, 0.12],
      colours: [['leaf', '#8aa37c', 1], ['flower', '#f2eeee', 1]], starts: { p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Sweeter than oregano and tender; clip before it flowers.',
    },
  ),
  ...kin(
    {
      id: 'tarragon', common: 'French tarragon', botanical: 'Artemisia dracunculus', variety: 'green', group: 'herb', roles: ['filler'], habit: 'wand',
      height: [400, 600], spread: [250, 350], trail: [0, 0], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -14, night: -2 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['fine', 60, 'strap', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f9a58', 1]], starts: { p9: 2.8, l1: 5.2 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Buy the French kind, never seed; dry feet in winter, and divide it every third spring.',
    },
  ),
  ...kin(
    {
      id: 'spring-onion', common: 'Spring onion', botanical: 'Allium fistulosum', variety: 'bunching', group: 'herb', roles: ['filler'], habit: 'stalk',
      height: [250, 400], spread: [60, 100], trail: [0, 0], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -18, night: -6 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['fine', 280, 'grass', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f9464', 1]], starts: { seed: 2, pack6: 2.6 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'toxic', 'toxic'], poisonPart: 'every part, to cats and dogs', sap: 'no', spreads: false, note: 'Sow thickly every three weeks and pull; it fills any gap. Harms cats and dogs.',
    },
  ),
  ...kin(
    {
      id: 'pea-dwarf', common: 'Dwarf pea', botanical: 'Pisum sativum', variety: 'sugar pods', group: 'herb', roles: ['filler', 'thriller'], habit: 'bush',
      height: [350, 500], spread: [180, 260], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 13], scorch: null, water: 'thirsty', feed: 'light',
      cold: { winter: -6, night: -1 }, season: 'cool', bloom: '0001 6850 0000', leaf: ['medium', 70, 'feather', 'waxy'], flower: ['round', 26, 0.12],
      colours: [['leaf', '#7fa86a', 1], ['flower', '#f7f6f2', 1]], starts: { seed: 2.5, pack6: 3 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Twigs to lean on; pick the pods flat every other day, and the shoots for salad.', facts: { display: { what: 'fruit', hex: '#7fb04c', sizeMm: 70, show: 0.06, months: [0, 0, 0, 0, 0.2, 1, 0.7, 0, 0, 0, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'radish', common: 'Radish', botanical: 'Raphanus sativus', variety: 'round red', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [90, 150], spread: [80, 140], trail: [0, 0], vigour: 3, sun: [3, 4, 10, 12], scorch: null, water: 'thirsty', feed: 'light',
      cold: { winter: -3, night: 0 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['fine', 60, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f9f4c', 1]], starts: { seed: 1.8 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'From seed to plate in five weeks; children’s first crop. Root and young leaf are eaten.',
    },
  ),
  ...kin(
    {
      id: 'spinach', common: 'Spinach', botanical: 'Spinacia oleracea', variety: 'leaf kind', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [150, 250], spread: [150, 230], trail: [0, 0], vigour: 3, sun: [2, 3, 8, 10], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: -10, night: -5 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['medium', 100, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f7a38', 1]], starts: { seed: 2, pack6: 2.8 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'For spring and autumn; pick it small, for it bolts as the days lengthen.',
    },
  ),
];
