import { kin } from './record';

export const morePerennials = [
  ...kin(
    {
      id: 'lavender-tufted', common: 'Tufted lavender', botanical: 'Lavandula stoechas', variety: 'violet', group: 'perennial', roles: ['filler', 'thriller'], habit: 'mound',
      height: [350, 550], spread: [350, 500], trail: [0, 0], vigour: 2, sun: [6, 7, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -8, night: -4 }, season: 'year-round', bloom: '0004 9953 2000', leaf: ['fine', 30, 'needle', 'felted'], flower: ['spike', 22, 0.3],
      colours: [['leaf', '#8f9f86', 1], ['flower', '#6a3f9a', 0.7], ['throat', '#a87fd0', 0.3]], starts: { p9: 3, l1: 6, l2: 11 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Rabbit-eared flowers from May; clip after each flush.',
    },
  ),
  ...kin(
    {
      id: 'alstroemeria-orange', common: 'Peruvian lily', botanical: 'Alstroemeria hybrid', variety: 'orange, dwarf', group: 'perennial', roles: ['filler', 'thriller'], habit: 'wand',
      height: [250, 400], spread: [250, 350], trail: [0, 0], vigour: 3, sun: [4, 5, 10, 12], scorch: null, water: 'moderate', feed: 'hungry',
      cold: { winter: -10, night: -2 }, season: 'hardy', bloom: '0000 4988 8500', leaf: ['medium', 70, 'strap', 'matte'], flower: ['trumpet', 50, 0.3],
      colours: [['leaf', '#6a9450', 1], ['flower', '#f2853a', 0.85], ['throat', '#7a2a1e', 0.15]], starts: { l1: 8, l2: 13 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['irritant', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Pull spent stems, do not cut them. The sap irritates; not the lily that kills cats, but keep cats away.', facts: { worlds: ['meadow', 'bedding'], ease: 'common', rhythm: 'dries slightly' },
    },
    { id: 'alstroemeria-pink', variety: 'pink, dwarf', colours: [['leaf', '#6a9450', 1], ['flower', '#e783a2', 0.85], ['throat', '#f2dc7a', 0.15]] },
  ),
  ...kin(
    {
      id: 'daylily-gold', common: 'Daylily', botanical: 'Hemerocallis hybrid', variety: 'gold, dwarf', group: 'perennial', roles: ['filler'], habit: 'fountain',
      height: [350, 500], spread: [350, 500], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -30, night: -8 }, season: 'hardy', bloom: '0000 0597 5200', leaf: ['medium', 350, 'strap', 'matte'], flower: ['trumpet', 75, 0.2],
      colours: [['leaf', '#6a9a50', 1], ['flower', '#f2b82e', 0.9], ['throat', '#c9862a', 0.1]], starts: { bare: 5, l1: 7, l2: 11 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'deadly', 'unknown'], sap: 'no', spreads: false, note: 'Deadly to cats: a lick of pollen can destroy their kidneys. Never where cats can reach it.', facts: { worlds: ['meadow'], ease: 'common', rhythm: 'dries slightly' }, poisonPart: 'every part, pollen too',
    },
  ),
  ...kin(
    {
      id: 'shasta-daisy', common: 'Shasta daisy', botanical: 'Leucanthemum × superbum', variety: 'white, dwarf', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [280, 420], spread: [280, 380], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -25, night: -6 }, season: 'hardy', bloom: '0000 0698 5100', leaf: ['medium', 90, 'ovate', 'glossy'], flower: ['daisy', 65, 0.35],
      colours: [['leaf', '#3f7a3c', 1], ['flower', '#f8f7f2', 0.8], ['throat', '#f0c02e', 0.2]], starts: { p9: 2.8, l1: 5.5 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Deadhead to side buds and it goes on into September.', facts: { worlds: ['meadow', 'bedding'], ease: 'common', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'salvia-nemorosa', common: 'Meadow sage', botanical: 'Salvia nemorosa', variety: 'violet', group: 'perennial', roles: ['filler', 'thriller'], habit: 'wand',
      height: [350, 550], spread: [300, 400], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -30, night: -8 }, season: 'hardy', bloom: '0000 2951 1000', leaf: ['medium', 70, 'ovate', 'matte'], flower: ['spike', 10, 0.38],
      colours: [['leaf', '#6a8058', 1], ['flower', '#5a3fa8', 0.8], ['throat', '#7a4a80', 0.2]], starts: { p9: 2.8, l1: 5.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Bees all day; cut down in July for a second show.',
    },
  ),
  ...kin(
    {
      id: 'scabious-blue', common: 'Scabious', botanical: 'Scabiosa columbaria', variety: 'lilac-blue', group: 'perennial', roles: ['filler'], habit: 'cloud',
      height: [250, 400], spread: [250, 350], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -25, night: -6 }, season: 'hardy', bloom: '0000 5998 8630', leaf: ['medium', 60, 'feather', 'matte'], flower: ['round', 40, 0.25],
      colours: [['leaf', '#6a9458', 1], ['flower', '#8a92d2', 1]], starts: { p9: 2.8, l1: 5.5 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pincushions on wires from May to October if picked.', facts: { worlds: ['meadow', 'bedding'], ease: 'common', rhythm: 'dries slightly', mix: 'limy' },
    },
  ),
  ...kin(
    {
      id: 'verbena-tall', common: 'Tall verbena', botanical: 'Verbena bonariensis', variety: 'violet', group: 'perennial', roles: ['thriller'], habit: 'wand',
      height: [700, 1000], spread: [250, 380], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -10, night: -2 }, season: 'hardy', bloom: '0000 0699 9850', leaf: ['medium', 80, 'strap', 'matte'], flower: ['airy', 8, 0.18],
      colours: [['leaf', '#5f8048', 0.5], ['stem', '#5a7a44', 0.5], ['flower', '#8a4fb8', 1]], starts: { p9: 2.6, l1: 5, l2: 9 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Wiry and see-through: stands at the front and hides nothing.', facts: { worlds: ['meadow', 'bedding'], ease: 'staple', display: { what: 'seed heads', hex: '#7a6a5a', sizeMm: 9, show: 0.1, months: [0.3, 0.2, 0, 0, 0, 0, 0, 0, 0, 0.3, 0.6, 0.5] } },
    },
  ),
  ...kin(
    {
      id: 'bamboo-clump', common: 'Clump bamboo', botanical: 'Fargesia murielae', variety: 'green', group: 'grass', roles: ['thriller'], habit: 'fountain',
      height: [900, 1500], spread: [600, 900], trail: [0, 0], vigour: 2, sun: [1, 3, 9, 12], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: -25, night: -10 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 90, 'strap', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f9448', 0.85], ['stem', '#a0a85a', 0.15]], starts: { l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Does not run; screens a corner, and drinks.', facts: { worlds: ['woodland', 'shrub', 'tropical'], ease: 'common', rhythm: 'evenly moist' },
    },
  ),
  ...kin(
    {
      id: 'hydrangea-panicle', common: 'Panicle hydrangea', botanical: 'Hydrangea paniculata', variety: 'lime to pink', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [600, 1000], spread: [500, 750], trail: [0, 0], vigour: 3, sun: [3, 4, 10, 12], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: -32, night: -8 }, season: 'hardy', bloom: '0000 0058 9840', leaf: ['medium', 90, 'ovate', 'matte'], flower: ['plume', 180, 0.35],
      colours: [['leaf', '#5a8a48', 1], ['flower', '#e6ecc4', 0.7], ['throat', '#e5a4b4', 0.3]], starts: { l2: 15, l3: 22 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Takes more sun than the mophead; cut back hard in March.', facts: { display: { what: 'seed heads', hex: '#b08a6a', sizeMm: 160, show: 0.3, months: [0.5, 0.4, 0.2, 0, 0, 0, 0, 0, 0.2, 0.6, 0.7, 0.6] }, rain: 'stands' },
    },
  ),
  ...kin(
    {
      id: 'jasmine-white', common: 'Jasmine', botanical: 'Jasminum officinale', variety: 'white', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [900, 1500], spread: [400, 600], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -10, night: -2 }, season: 'hardy', bloom: '0000 0499 7300', leaf: ['fine', 40, 'feather', 'matte'], flower: ['round', 20, 0.2],
      colours: [['leaf', '#5a8a4a', 1], ['flower', '#faf8f4', 1]], starts: { l1: 8, l2: 14 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Scent by the door on a summer evening; twines up a frame.', facts: { worlds: ['shrub', 'bedding'], ease: 'common', rhythm: 'dries slightly' },
    },
  ),
  ...kin(
    {
      id: 'passionflower-blue', common: 'Passionflower', botanical: 'Passiflora caerulea', variety: 'blue and white', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [900, 1500], spread: [400, 600], trail: [0, 0], vigour: 4, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -10, night: -2 }, season: 'hardy', bloom: '0000 0599 8500', leaf: ['medium', 90, 'palmate', 'matte'], flower: ['round', 80, 0.15],
      colours: [['leaf', '#4f7f44', 1], ['flower', '#e9ecf0', 0.6], ['throat', '#5a62b8', 0.4]], starts: { l1: 9, l2: 15 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'unknown', 'unknown'], sap: 'no', spreads: true, note: 'Each flower lasts a day and there is another; leaf and unripe fruit upset stomachs.', poisonPart: 'leaf and unripe fruit', facts: { worlds: ['shrub', 'tropical', 'bedding'], ease: 'common', rhythm: 'dries slightly' },
    },
  ),
];
