import { kin } from './record';

export const fruit = [
  ...kin(
    {
      id: 'blueberry', common: 'Blueberry', botanical: 'Vaccinium corymbosum', variety: 'highbush', group: 'shrub', roles: ['thriller', 'filler'], habit: 'bush',
      height: [600, 1000], spread: [450, 700], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -6 }, season: 'hardy', bloom: '0002 9300 0000', leaf: ['medium', 55, 'ovate', 'matte'], flower: ['bell', 9, 0.2],
      colours: [['leaf', '#5f8a4a', 0.9], ['stem', '#8a5a3a', 0.1], ['flower', '#f4f0ea', 1]], starts: { l1: 8, l2: 13, l3: 19 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Ericaceous mix and rainwater; two kinds set more fruit.', facts: { display: { what: 'fruit', hex: '#3f4a78', sizeMm: 12, show: 0.2, months: [0, 0, 0, 0, 0, 0, 0.8, 1, 0.3, 0, 0, 0] }, support: 'none' },
    },
  ),
  ...kin(
    {
      id: 'lemon-dwarf', common: 'Lemon', botanical: 'Citrus × limon', variety: 'dwarf', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [600, 1000], spread: [400, 650], trail: [0, 0], vigour: 2, sun: [6, 7, 12, 14], scorch: null, water: 'moderate', feed: 'hungry',
      cold: { winter: -4, night: 4 }, season: 'year-round', bloom: '5566 9643 4445', leaf: ['medium', 80, 'ovate', 'glossy'], flower: ['round', 35, 0.12],
      colours: [['leaf', '#3f7a35', 0.92], ['stem', '#6a7a45', 0.08], ['flower', '#fbf8f0', 1]], starts: { l2: 22, l3: 32 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Frost-free and light in winter; thorns. Peel oil burns skin in sun. Cats and dogs must not chew it.', poisonPart: 'oils in leaf and peel', facts: { display: { what: 'fruit', hex: '#f2cf2e', sizeMm: 60, show: 0.12, months: [1, 1, 0.8, 0.4, 0.2, 0.2, 0.2, 0.3, 0.4, 0.6, 0.9, 1] }, kept: 'frost-free' },
    },
    { id: 'calamondin', variety: 'orange-fruited', common: 'Calamondin', botanical: 'Citrus × microcarpa', height: [450, 800], spread: [350, 550], colours: [['leaf', '#3f7a35', 0.92], ['stem', '#6a7a45', 0.08], ['flower', '#fbf8f0', 1]], facts: { display: { what: 'fruit', hex: '#f2962a', sizeMm: 35, show: 0.15, months: [1, 1, 0.8, 0.4, 0.2, 0.2, 0.2, 0.3, 0.4, 0.6, 0.9, 1] }, kept: 'frost-free' }, note: 'Small bitter oranges most of the year; light and frost-free in winter. Thorns, and peel oil that burns skin in sun.', sap: 'yes' },
  ),
  ...kin(
    {
      id: 'thyme-common', common: 'Thyme', botanical: 'Thymus vulgaris', variety: 'bushy', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [150, 250], spread: [180, 280], trail: [0, 60], vigour: 2, sun: [5, 7, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -18, night: -8 }, season: 'year-round', bloom: '0000 4961 0000', leaf: ['fine', 8, 'needle', 'matte'], flower: ['airy', 6, 0.25],
      colours: [['leaf', '#7a8a6a', 0.9], ['stem', '#8a7a60', 0.1], ['flower', '#c9a8d6', 1]], starts: { pack6: 4, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Grit in the mix and little water; trim after it has flowered.',
    },
  ),
  ...kin(
    {
      id: 'sage-green', common: 'Common sage', botanical: 'Salvia officinalis', variety: 'grey-green', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [300, 500], spread: [350, 500], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -18, night: -6 }, season: 'year-round', bloom: '0000 3920 0000', leaf: ['medium', 55, 'ovate', 'felted'], flower: ['spike', 14, 0.18],
      colours: [['leaf', '#8a9a82', 0.9], ['stem', '#8f9a86', 0.1], ['flower', '#8a78c0', 1]], starts: { p9: 2.2, l1: 4.5 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut back in spring; old bushes go woody.',
    },
  ),
  ...kin(
    {
      id: 'spearmint', common: 'Spearmint', botanical: 'Mentha spicata', variety: 'green', group: 'herb', roles: ['filler'], habit: 'bush',
      height: [300, 500], spread: [300, 400], trail: [0, 0], vigour: 5, sun: [2, 3, 9, 12], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: -28, night: -6 }, season: 'hardy', bloom: '0000 0059 2000', leaf: ['medium', 50, 'ovate', 'matte'], flower: ['spike', 6, 0.12],
      colours: [['leaf', '#4f9a44', 1], ['flower', '#c9b0d6', 1]], starts: { p9: 2, l1: 4 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Runs at the root: give it a pot of its own, sunk in the large one.',
    },
  ),
  ...kin(
    {
      id: 'parsley-flat', common: 'Parsley', botanical: 'Petroselinum crispum', variety: 'flat-leaved', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [200, 280], trail: [0, 0], vigour: 2, sun: [2, 3, 8, 11], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -10, night: -5 }, season: 'cool', bloom: '0000 0000 0000', leaf: ['medium', 50, 'lobed', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f8a34', 1]], starts: { pack6: 3.4, p9: 1.8 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Pick the outside stems; sow again in late summer. Its sap on skin in sunlight can cause redness.',
    },
  ),
  ...kin(
    {
      id: 'coriander', common: 'Coriander', botanical: 'Coriandrum sativum', variety: 'leaf kind', group: 'herb', roles: ['filler'], habit: 'cloud',
      height: [200, 350], spread: [150, 220], trail: [0, 0], vigour: 3, sun: [3, 4, 7, 10], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -6, night: -3 }, season: 'cool', bloom: '0000 5442 0000', leaf: ['fine', 40, 'feather', 'matte'], flower: ['airy', 20, 0.2],
      colours: [['leaf', '#5fa044', 1], ['flower', '#f4f2ee', 1]], starts: { seed: 2, pack6: 3.2, p9: 1.8 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Runs to flower in heat; sow a little every three weeks.',
    },
  ),
  ...kin(
    {
      id: 'rocket', common: 'Rocket', botanical: 'Eruca vesicaria', variety: 'salad', group: 'herb', roles: ['filler'], habit: 'mound',
      height: [150, 250], spread: [180, 260], trail: [0, 0], vigour: 4, sun: [2, 3, 7, 10], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: -6, night: -3 }, season: 'cool', bloom: '0000 4330 0000', leaf: ['medium', 110, 'lobed', 'matte'], flower: ['round', 20, 0.05],
      colours: [['leaf', '#4f9640', 1], ['flower', '#f2eed8', 1]], starts: { seed: 2, pack6: 3, p9: 1.6 },
      deadhead: 'no', pinch: 'no', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut-and-come-again; bolts in a hot June.', facts: { ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'pepper-sweet', common: 'Sweet pepper', botanical: 'Capsicum annuum', variety: 'red, sweet', group: 'herb', roles: ['thriller', 'filler'], habit: 'bush',
      height: [400, 650], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [6, 7, 12, 14], scorch: null, water: 'moderate', feed: 'hungry',
      cold: { winter: 1, night: 10 }, season: 'warm', bloom: '0000 0888 7000', leaf: ['medium', 90, 'ovate', 'glossy'], flower: ['round', 20, 0.05],
      colours: [['leaf', '#3f8236', 1], ['flower', '#f7f5ee', 1]], starts: { p9: 2.8, l1: 4.5, l2: 8 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'A warm wall and a stake; the leaves are not eaten.', poisonPart: 'leaves and stems', facts: { display: { what: 'fruit', hex: '#d2241c', sizeMm: 60, show: 0.18, months: [0, 0, 0, 0, 0, 0, 0.3, 0.9, 1, 0.8, 0, 0] }, worlds: ['kitchen'] },
    },
  ),
  ...kin(
    {
      id: 'tomato-bush', common: 'Patio tomato', botanical: 'Solanum lycopersicum', variety: 'bush, red', group: 'herb', roles: ['thriller'], habit: 'bush',
      height: [450, 750], spread: [400, 600], trail: [0, 0], vigour: 4, sun: [6, 7, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: 1, night: 8 }, season: 'warm', bloom: '0000 0896 3000', leaf: ['bold', 180, 'feather', 'matte'], flower: ['round', 18, 0.08],
      colours: [['leaf', '#4f8a3f', 0.92], ['stem', '#5f8a4a', 0.08], ['flower', '#f3d94a', 1]], starts: { pack6: 4, p9: 2.2, l1: 4 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Three canes and a weekly feed; even watering keeps fruit from splitting.', poisonPart: 'leaves, stems and green fruit', facts: { display: { what: 'fruit', hex: '#d8301f', sizeMm: 30, show: 0.2, months: [0, 0, 0, 0, 0, 0, 0.6, 1, 1, 0.6, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'bean-french', common: 'Dwarf French bean', botanical: 'Phaseolus vulgaris', variety: 'green pods', group: 'herb', roles: ['filler'], habit: 'bush',
      height: [300, 450], spread: [250, 350], trail: [0, 0], vigour: 3, sun: [5, 6, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 0691 0000', leaf: ['bold', 110, 'ovate', 'matte'], flower: ['round', 20, 0.08],
      colours: [['leaf', '#5a923f', 1], ['flower', '#f4f0ec', 1]], starts: { seed: 2.5, pack6: 4, p9: 2 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Pick while the pods snap; never eat them raw.', poisonPart: 'raw beans and pods', facts: { display: { what: 'fruit', hex: '#6a9a44', sizeMm: 90, show: 0.08, months: [0, 0, 0, 0, 0, 0, 0.8, 1, 0.4, 0, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'courgette', common: 'Courgette', botanical: 'Cucurbita pepo', variety: 'bush, green', group: 'herb', roles: ['thriller'], habit: 'rosette',
      height: [450, 650], spread: [650, 900], trail: [0, 0], vigour: 5, sun: [6, 7, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 0799 6000', leaf: ['bold', 280, 'lobed', 'matte'], flower: ['trumpet', 120, 0.12],
      colours: [['leaf', '#55853f', 0.9], ['vein', '#c3ccb4', 0.1], ['flower', '#f2a81e', 1]], starts: { seed: 2.5, p9: 2.2, l1: 3.5 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'One to a large pot; pick them small and often. A bitter fruit is not eaten.', facts: { display: { what: 'fruit', hex: '#3f6a2e', sizeMm: 150, show: 0.08, months: [0, 0, 0, 0, 0, 0.2, 0.8, 1, 0.7, 0, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'cucumber-patio', common: 'Cucumber', botanical: 'Cucumis sativus', variety: 'small-fruited', group: 'climber', roles: ['thriller'], habit: 'climber',
      height: [1000, 1600], spread: [400, 550], trail: [0, 0], vigour: 4, sun: [5, 6, 11, 13], scorch: 4, water: 'thirsty', feed: 'hungry',
      cold: { winter: 3, night: 11 }, season: 'warm', bloom: '0000 0796 2000', leaf: ['bold', 120, 'lobed', 'matte'], flower: ['trumpet', 30, 0.08],
      colours: [['leaf', '#4f8a3c', 1], ['flower', '#f2d23a', 1]], starts: { seed: 2.8, p9: 2.6, l1: 4 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Tie it to a frame as it climbs; never let it dry out.', facts: { display: { what: 'fruit', hex: '#4a7f36', sizeMm: 90, show: 0.08, months: [0, 0, 0, 0, 0, 0, 0.7, 1, 0.7, 0, 0, 0] }, worlds: ['kitchen'] },
    },
  ),
  ...kin(
    {
      id: 'fig', common: 'Fig', botanical: 'Ficus carica', variety: 'hardy, brown', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [800, 1300], spread: [600, 900], trail: [0, 0], vigour: 3, sun: [6, 7, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -12, night: 0 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['bold', 180, 'lobed', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f8240', 0.85], ['vein', '#9ab07a', 0.1], ['stem', '#8a8070', 0.05]], starts: { l2: 16, l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'The sap burns skin in sunshine: wear gloves. Fruits best when its roots are confined.', poisonPart: 'sap and leaves', facts: { display: { what: 'fruit', hex: '#6a4a5a', sizeMm: 45, show: 0.08, months: [0, 0, 0, 0, 0, 0, 0.3, 0.9, 1, 0.3, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'apple-dwarf', common: 'Apple', botanical: 'Malus domestica', variety: 'on a dwarfing stock', group: 'shrub', roles: ['thriller'], habit: 'bush',
      height: [900, 1500], spread: [500, 800], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -30, night: -6 }, season: 'hardy', bloom: '0007 9000 0000', leaf: ['medium', 75, 'ovate', 'matte'], flower: ['round', 40, 0.45],
      colours: [['leaf', '#5a8a44', 0.9], ['stem', '#7a5f4a', 0.1], ['flower', '#fbeaf0', 0.85], ['throat', '#e79ab8', 0.15]], starts: { bare: 18, l3: 32 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Wants a stake and another apple within a bee’s flight; pips and leaves are not eaten.', poisonPart: 'pips and leaves', facts: { display: { what: 'fruit', hex: '#c8483a', sizeMm: 60, show: 0.15, months: [0, 0, 0, 0, 0, 0, 0.3, 0.7, 1, 0.6, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'raspberry-dwarf', common: 'Raspberry', botanical: 'Rubus idaeus', variety: 'dwarf', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [500, 900], spread: [450, 700], trail: [0, 0], vigour: 4, sun: [4, 5, 11, 13], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: -28, night: -6 }, season: 'hardy', bloom: '0000 6920 0000', leaf: ['medium', 80, 'feather', 'matte'], flower: ['round', 14, 0.1],
      colours: [['leaf', '#5a9048', 1], ['flower', '#f6f4ee', 1]], starts: { bare: 5, l1: 8, l2: 13 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut old canes out after fruiting; it suckers, so keep it in its own tub.', facts: { display: { what: 'fruit', hex: '#c0304a', sizeMm: 15, show: 0.15, months: [0, 0, 0, 0, 0, 0.4, 1, 0.6, 0, 0, 0, 0] } },
    },
  ),
  ...kin(
    {
      id: 'currant-red', common: 'Redcurrant', botanical: 'Ribes rubrum', variety: 'bush', group: 'shrub', roles: ['filler'], habit: 'bush',
      height: [700, 1000], spread: [500, 700], trail: [0, 0], vigour: 2, sun: [3, 4, 10, 12], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -30, night: -8 }, season: 'hardy', bloom: '0059 0000 0000', leaf: ['medium', 60, 'lobed', 'matte'], flower: ['airy', 6, 0.06],
      colours: [['leaf', '#5f9248', 1], ['flower', '#cfd69a', 1]], starts: { bare: 6, l2: 13 },
      deadhead: 'no', pinch: 'no', edible: 'fruit', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Fruits in part shade; net it, or the birds will take the lot.', facts: { display: { what: 'fruit', hex: '#d01f2a', sizeMm: 9, show: 0.2, months: [0, 0, 0, 0, 0, 0.5, 1, 0.5, 0, 0, 0, 0] } },
    },
  ),
];
