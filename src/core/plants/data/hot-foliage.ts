import { kin } from './record';

export const hotFoliage = [
  ...kin(
    {
      id: 'fan-palm-dwarf', common: 'Dwarf fan palm', botanical: 'Chamaerops humilis', variety: 'green', group: 'tropical', roles: ['thriller'], habit: 'fan',
      height: [600, 1000], spread: [500, 800], trail: [0, 0], vigour: 1, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -12, night: -5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 450, 'palmate', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f8248', 0.95], ['stem', '#7a7050', 0.05]], starts: { l2: 18, l3: 28 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Slow and tough; hooked thorns on the leaf stalks.', facts: { worlds: ['tropical', 'shrub', 'succulent'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'windmill-palm', common: 'Windmill palm', botanical: 'Trachycarpus fortunei', variety: 'green', group: 'shrub', roles: ['thriller'], habit: 'fan',
      height: [800, 1400], spread: [700, 1000], trail: [0, 0], vigour: 2, sun: [3, 4, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -15, night: -6 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 500, 'palmate', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f7038', 0.92], ['stem', '#6a5a40', 0.08]], starts: { l3: 28 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Out of the wind, which shreds the fans; the hardiest palm for a tub.', facts: { worlds: ['tropical', 'shrub'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'pygmy-date-palm', common: 'Pygmy date palm', botanical: 'Phoenix roebelenii', variety: 'green', group: 'tropical', roles: ['thriller'], habit: 'fountain',
      height: [700, 1200], spread: [700, 1000], trail: [0, 0], vigour: 2, sun: [2, 4, 9, 12], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: -2, night: 7 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 500, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f8642', 0.95], ['stem', '#7a6a48', 0.05]], starts: { l2: 18, l3: 30 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Needle spines at the foot of each leaf: not beside a path. Indoors below 5°C.', facts: { worlds: ['tropical'], ease: 'common', kept: 'indoors' },
    },
  ),
  ...kin(
    {
      id: 'areca-palm', common: 'Areca palm', botanical: 'Dypsis lutescens', variety: 'golden-stemmed', group: 'tropical', roles: ['thriller'], habit: 'fountain',
      height: [700, 1300], spread: [500, 800], trail: [0, 0], vigour: 3, sun: [0, 1, 5, 7], scorch: 1, water: 'moderate', feed: 'medium',
      cold: { winter: 3, night: 10 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 500, 'feather', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6a9a48', 0.88], ['stem', '#c9b24a', 0.12]], starts: { l1: 9, l2: 16, l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Bright shade and moist air; sun bleaches it.', facts: { worlds: ['tropical'], ease: 'staple', kept: 'indoors', winterLook: 'evergreen' },
    },
  ),
  ...kin(
    {
      id: 'bird-of-paradise', common: 'Bird of paradise', botanical: 'Strelitzia reginae', variety: 'orange', group: 'tropical', roles: ['thriller'], habit: 'fan',
      height: [700, 1100], spread: [500, 800], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'hungry',
      cold: { winter: -2, night: 5 }, season: 'year-round', bloom: '4566 5300 0124', leaf: ['bold', 350, 'ovate', 'waxy'], flower: ['spike', 150, 0.06],
      colours: [['leaf', '#5f8060', 0.92], ['vein', '#a8b58a', 0.08], ['flower', '#f28a1c', 0.8], ['throat', '#2f48a8', 0.2]], starts: { l2: 18, l3: 28 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Flowers when it is pot-bound; seeds and flowers upset stomachs.', facts: { worlds: ['tropical'], ease: 'common', kept: 'frost-free' },
    },
  ),
  ...kin(
    {
      id: 'banana-dwarf', common: 'Dwarf banana', botanical: 'Musa acuminata', variety: 'green, dwarf', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [900, 1500], spread: [700, 1000], trail: [0, 0], vigour: 4, sun: [4, 6, 11, 13], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -2, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 600, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f9a48', 0.88], ['vein', '#b0c48a', 0.12]], starts: { l2: 15, l3: 24 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Out of the wind; bring it in before frost.', facts: { worlds: ['tropical'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'ginger-lily', common: 'Ginger lily', botanical: 'Hedychium coronarium', variety: 'white', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [800, 1300], spread: [450, 700], trail: [0, 0], vigour: 4, sun: [2, 3, 8, 10], scorch: 3, water: 'thirsty', feed: 'hungry',
      cold: { winter: -4, night: 7 }, season: 'warm', bloom: '0000 0006 9950', leaf: ['bold', 300, 'ovate', 'glossy'], flower: ['spike', 80, 0.2],
      colours: [['leaf', '#4f8a44', 1], ['flower', '#fbfaf4', 0.92], ['throat', '#eedd9a', 0.08]], starts: { l1: 8, l2: 14, l3: 20 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Scent carries at dusk; moist at all times while it grows.', facts: { worlds: ['tropical', 'woodland'], ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'heliconia', common: 'Heliconia', botanical: 'Heliconia psittacorum', variety: 'orange', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [600, 1000], spread: [400, 600], trail: [0, 0], vigour: 4, sun: [4, 5, 9, 11], scorch: 4, water: 'thirsty', feed: 'hungry',
      cold: { winter: 4, night: 13 }, season: 'warm', bloom: '0002 7999 9870', leaf: ['bold', 280, 'ovate', 'glossy'], flower: ['spike', 100, 0.15],
      colours: [['leaf', '#4f9044', 1], ['flower', '#ee7a2a', 0.85], ['throat', '#f2c04a', 0.15]], starts: { l2: 15, l3: 22 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'For frost-free heat; moist, out of the wind.', facts: { worlds: ['tropical'], ease: 'occasional', kept: 'indoors' },
    },
  ),
  ...kin(
    {
      id: 'dracaena-spike', common: 'Dracaena', botanical: 'Dracaena marginata', variety: 'red-edged', group: 'tropical', roles: ['thriller'], habit: 'fan',
      height: [600, 1000], spread: [400, 600], trail: [0, 0], vigour: 1, sun: [0, 1, 6, 8], scorch: 1.5, water: 'dry', feed: 'light',
      cold: { winter: 2, night: 10 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 350, 'strap', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f6a3a', 0.75], ['edge', '#8a2f45', 0.25]], starts: { p10: 5, l1: 8, l2: 15 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'A narrow spike for bright shade; harms cats and dogs that chew it.', facts: { worlds: ['tropical', 'bedding'], ease: 'common', kept: 'indoors' },
    },
    { id: 'song-of-india', variety: 'yellow-edged', common: 'Striped dracaena', botanical: 'Dracaena reflexa', colours: [['leaf', '#5f8a3f', 0.5], ['edge', '#d9d46a', 0.5]], habit: 'bush', height: [500, 900], spread: [350, 550], leaf: ['medium', 170, 'strap', 'glossy'], note: 'Whorls of striped leaf for bright shade; harms cats and dogs that chew it.', facts: { worlds: ['tropical'], ease: 'common', kept: 'indoors' } },
    { id: 'snake-plant', variety: 'banded', common: 'Snake plant', botanical: 'Dracaena trifasciata', colours: [['leaf', '#4f6a4a', 0.5], ['vein', '#8a9f86', 0.3], ['edge', '#d6cf7a', 0.2]], height: [450, 800], spread: [220, 380], leaf: ['bold', 450, 'strap', 'waxy'], sun: [0, 1, 9, 12], scorch: 3, note: 'Stands neglect and dry shade; harms cats and dogs that chew it.', facts: { worlds: ['tropical', 'succulent'], ease: 'staple', rhythm: 'dries out', mix: 'gritty', kept: 'indoors' } },
  ),
  ...kin(
    {
      id: 'pothos-gold', common: 'Pothos', botanical: 'Epipremnum aureum', variety: 'gold-splashed', group: 'tropical', roles: ['spiller'], habit: 'trail',
      height: [120, 200], spread: [300, 450], trail: [400, 900], vigour: 4, sun: [0, 1, 4, 6], scorch: 0.5, water: 'moderate', feed: 'light',
      cold: { winter: 5, night: 10 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 90, 'heart', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f9a3c', 0.7], ['vein', '#d9d67a', 0.3]], starts: { p9: 3, p10: 4, l1: 7 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Hangs fast in bright shade; poisonous if chewed.', facts: { worlds: ['tropical', 'bedding', 'woodland'], ease: 'staple', kept: 'indoors', heat: 'thrives' },
    },
    { id: 'pothos-green', variety: 'plain green', colours: [['leaf', '#5a9440', 1]] },
  ),
  ...kin(
    {
      id: 'philodendron-heart', common: 'Heart-leaf philodendron', botanical: 'Philodendron hederaceum', variety: 'green', group: 'tropical', roles: ['spiller'], habit: 'trail',
      height: [120, 200], spread: [300, 420], trail: [400, 800], vigour: 4, sun: [0, 1, 4, 6], scorch: 0.5, water: 'moderate', feed: 'light',
      cold: { winter: 6, night: 12 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 80, 'heart', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3f7a38', 0.95], ['stem', '#6a8a50', 0.05]], starts: { p9: 3.5, l1: 8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Shade only; poisonous if chewed.', facts: { worlds: ['tropical'], ease: 'common', kept: 'indoors' },
    },
  ),
  ...kin(
    {
      id: 'copperleaf', common: 'Copperleaf', botanical: 'Acalypha wilkesiana', variety: 'copper and red', group: 'tropical', roles: ['thriller', 'filler'], habit: 'bush',
      height: [500, 900], spread: [350, 550], trail: [0, 0], vigour: 4, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 11 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 150, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#a8452f', 0.6], ['vein', '#d9793f', 0.25], ['edge', '#e29aa0', 0.15]], starts: { p10: 4, l1: 7, l2: 12 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Colours best in full sun and heat.', facts: { worlds: ['tropical', 'bedding'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'duranta-gold', common: 'Golden dewdrop', botanical: 'Duranta erecta', variety: 'gold-leaved', group: 'tropical', roles: ['filler'], habit: 'bush',
      height: [350, 600], spread: [300, 450], trail: [0, 0], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 45, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#c9d24a', 1]], starts: { p9: 3, l1: 6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: true, note: 'Clips to any shape; its berries are poisonous, so clip before they set.', poisonPart: 'berries and leaves', facts: { worlds: ['tropical', 'bedding'], ease: 'common' },
    },
  ),
  ...kin(
    {
      id: 'aglaonema-silver', common: 'Aglaonema', botanical: 'Aglaonema commutatum', variety: 'silver', group: 'tropical', roles: ['filler'], habit: 'bush',
      height: [300, 500], spread: [280, 420], trail: [0, 0], vigour: 1, sun: [0, 0.5, 3, 5], scorch: 0, water: 'moderate', feed: 'light',
      cold: { winter: 6, night: 13 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 180, 'ovate', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f7a52', 0.45], ['vein', '#b9c8b4', 0.55]], starts: { p10: 5, l1: 9 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Deep shade and warmth; poisonous if chewed.', facts: { worlds: ['tropical', 'woodland'], ease: 'common', kept: 'indoors', pace: 'slow' },
    },
    { id: 'aglaonema-pink', variety: 'pink-veined', colours: [['leaf', '#4f6f4a', 0.5], ['vein', '#d9738a', 0.5]] },
  ),
  ...kin(
    {
      id: 'ixora-red', common: 'Ixora', botanical: 'Ixora coccinea', variety: 'scarlet', group: 'tropical', roles: ['filler'], habit: 'bush',
      height: [350, 600], spread: [300, 450], trail: [0, 0], vigour: 2, sun: [4, 6, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 11 }, season: 'warm', bloom: '0002 7999 9865', leaf: ['medium', 70, 'ovate', 'glossy'], flower: ['ball', 80, 0.35],
      colours: [['leaf', '#3f7a3a', 1], ['flower', '#df3a28', 1]], starts: { l1: 7, l2: 12 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Acid mix; flowers most of the year where there is no frost.', facts: { worlds: ['tropical'], ease: 'common', mix: 'acid', kept: 'indoors' },
    },
  ),
  ...kin(
    {
      id: 'crossandra-orange', common: 'Crossandra', botanical: 'Crossandra infundibuliformis', variety: 'apricot-orange', group: 'tropical', roles: ['filler'], habit: 'bush',
      height: [250, 400], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [2, 4, 8, 10], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: 4, night: 12 }, season: 'warm', bloom: '0000 4899 9960', leaf: ['medium', 80, 'ovate', 'glossy'], flower: ['round', 32, 0.32],
      colours: [['leaf', '#3f7a38', 1], ['flower', '#f2905a', 0.92], ['throat', '#f2d07a', 0.08]], starts: { p9: 3, l1: 6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Takes heat and half shade; pick off spent heads.', facts: { worlds: ['tropical', 'bedding'], ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'mexican-heather-violet', common: 'Mexican heather', botanical: 'Cuphea hyssopifolia', variety: 'violet', group: 'tropical', roles: ['filler'], habit: 'mound',
      height: [200, 350], spread: [250, 380], trail: [0, 40], vigour: 3, sun: [4, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -3, night: 5 }, season: 'warm', bloom: '0003 7999 9960', leaf: ['fine', 18, 'needle', 'glossy'], flower: ['airy', 9, 0.3],
      colours: [['leaf', '#4f8044', 1], ['flower', '#a05ac0', 1]], starts: { pack6: 4.5, p9: 2.4, l1: 5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Tiny flowers all summer without deadheading; heat suits it.', facts: { ease: 'common' },
    },
    { id: 'mexican-heather-white', variety: 'white', colours: [['leaf', '#558648', 1], ['flower', '#f6f5f2', 1]] },
  ),
  ...kin(
    {
      id: 'bromeliad-red', common: 'Bromeliad', botanical: 'Neoregelia carolinae', variety: 'red-hearted', group: 'tropical', roles: ['thriller', 'filler'], habit: 'rosette',
      height: [200, 320], spread: [350, 500], trail: [0, 0], vigour: 1, sun: [1, 2, 6, 8], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: 4, night: 10 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 280, 'strap', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f8a48', 0.65], ['vein', '#c8283c', 0.35]], starts: { l1: 9, l2: 15 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Keep water in its cup; stiff, toothed leaf edges.', facts: { worlds: ['tropical'], ease: 'occasional', kept: 'indoors', pace: 'slow' },
    },
  ),
  ...kin(
    {
      id: 'desert-rose', common: 'Desert rose', botanical: 'Adenium obesum', variety: 'rose pink', group: 'succulent', roles: ['thriller'], habit: 'bush',
      height: [300, 500], spread: [220, 350], trail: [0, 0], vigour: 1, sun: [6, 7, 12, 14], scorch: null, water: 'dry', feed: 'medium',
      cold: { winter: 4, night: 12 }, season: 'warm', bloom: '0002 7999 8500', leaf: ['medium', 70, 'ovate', 'waxy'], flower: ['trumpet', 60, 0.3],
      colours: [['leaf', '#4f7f48', 0.75], ['stem', '#9a9080', 0.25], ['flower', '#e65a86', 0.8], ['throat', '#f7dbe4', 0.2]], starts: { l1: 12, l2: 20 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['deadly', 'deadly', 'deadly'], sap: 'yes', spreads: false, note: 'Dry in winter. Every part can stop a heart: gloves, and never where children or animals are.', facts: { worlds: ['succulent', 'tropical'], ease: 'occasional', kept: 'indoors' },
    },
  ),
];
