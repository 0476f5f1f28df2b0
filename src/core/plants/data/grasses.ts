import { kin } from './record';

export const grasses = [
  ...kin(
    {
      id: 'pennisetum-purple', common: 'Fountain grass', botanical: 'Cenchrus hybrid', variety: 'purple', group: 'grass', roles: ['thriller'], habit: 'fountain',
      height: [600, 900], spread: [400, 600], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 3 }, season: 'warm', bloom: '0000 0379 9851', leaf: ['fine', 480, 'grass', 'matte'], flower: ['plume', 170, 0.22],
      colours: [['leaf', '#6a2c40', 0.9], ['stem', '#81394f', 0.1], ['flower', '#b9808c', 1]], starts: { p10: 4.5, l1: 6.5, l2: 10.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Purple forms set little seed, but check your list.',
    },
    { id: 'pennisetum-rose', variety: 'green, rose plumes', colours: [['leaf', '#7a9a4f', 1], ['flower', '#d8a6ae', 1]], note: 'Seeds itself in warm places; rose foxtails all summer.', botanical: 'Cenchrus setaceus' },
  ),
  ...kin(
    {
      id: 'fescue-blue', common: 'Blue fescue', botanical: 'Festuca glauca', variety: '', group: 'grass', roles: ['filler'], habit: 'fountain',
      height: [180, 280], spread: [200, 280], trail: [0, 0], vigour: 1, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -20 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 200, 'grass', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#8fabb0', 1]], starts: { p9: 2.6, l1: 5.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Comb out dead blades with fingers in spring.',
    },
  ),
  ...kin(
    {
      id: 'carex-bronze', common: 'Sedge', botanical: 'Carex comans', variety: 'bronze', group: 'grass', roles: ['filler'], habit: 'fountain',
      height: [220, 320], spread: [280, 400], trail: [80, 200], vigour: 2, sun: [2, 4, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -10 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 320, 'grass', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#94694a', 0.85], ['edge', '#b98f68', 0.15]], starts: { p9: 2.6, l1: 5.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Brown on purpose; lovely with orange and lime.',
    },
    { id: 'carex-orange', variety: 'orange tipped', colours: [['leaf', '#a8803f', 0.75], ['edge', '#d98a35', 0.25]], botanical: 'Carex testacea', roles: ['filler'] },
    { id: 'carex-frosted', variety: 'pale green', colours: [['leaf', '#b3c59a', 1]], note: 'Pale, fine and arching; combs out, never cut it hard.', roles: ['filler'] },
  ),
  ...kin(
    {
      id: 'hakone-gold', common: 'Hakone grass', botanical: 'Hakonechloa macra', variety: 'gold striped', group: 'grass', roles: ['filler'], habit: 'fountain',
      height: [200, 320], spread: [300, 420], trail: [90, 190], vigour: 2, sun: [0, 1.5, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -26, night: -5 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['fine', 240, 'grass', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#d3cf58', 0.7], ['edge', '#7fa04a', 0.3]], starts: { p9: 3.8, l1: 7.5, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Falls like water over a rim in shade.',
    },
  ),
  ...kin(
    {
      id: 'carex-variegated', common: 'Variegated sedge', botanical: 'Carex oshimensis', variety: 'cream striped', group: 'grass', roles: ['filler'], habit: 'fountain',
      height: [200, 300], spread: [280, 400], trail: [80, 180], vigour: 2, sun: [0.5, 1.5, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -20, night: -14 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 280, 'grass', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f8a3f', 0.45], ['edge', '#ecdf7e', 0.55]], starts: { p9: 2.8, l1: 5.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Bright in shade the year round; the winter pot’s backbone.',
    },
    { id: 'carex-white-edged', variety: 'white edged', colours: [['leaf', '#5a8546', 0.55], ['edge', '#eff0e2', 0.45]], roles: ['filler'] },
  ),
  ...kin(
    {
      id: 'pennisetum-dwarf', common: 'Dwarf fountain grass', botanical: 'Cenchrus alopecuroides', variety: 'hardy', group: 'grass', roles: ['thriller', 'filler'], habit: 'fountain',
      height: [450, 700], spread: [380, 550], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -5 }, season: 'hardy', bloom: '0000 0003 8973', leaf: ['fine', 420, 'grass', 'matte'], flower: ['plume', 110, 0.2],
      colours: [['leaf', '#8aa05a', 1], ['flower', '#c9b29a', 1]], starts: { l1: 6.5, l2: 10.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Bottlebrushes in autumn light; cut it down in spring.',
    },
  ),
  ...kin(
    {
      id: 'millet-purple', common: 'Purple millet', botanical: 'Cenchrus americanus', variety: 'near black', group: 'grass', roles: ['thriller'], habit: 'cane',
      height: [700, 1100], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 7 }, season: 'warm', bloom: '0000 0379 9620', leaf: ['bold', 420, 'strap', 'glossy'], flower: ['plume', 260, 0.1],
      colours: [['leaf', '#3f2030', 0.9], ['vein', '#6a3a4a', 0.1], ['flower', '#6a4a3a', 1]], starts: { p10: 4.2, l1: 7 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Maize turned black; birds take the seed.',
    },
  ),
  ...kin(
    {
      id: 'stipa', common: 'Feather grass', botanical: 'Nassella tenuissima', variety: '', group: 'grass', roles: ['filler', 'thriller'], habit: 'fountain',
      height: [350, 550], spread: [280, 400], trail: [0, 0], vigour: 2, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -14, night: -8 }, season: 'year-round', bloom: '0000 0388 6300', leaf: ['fine', 400, 'grass', 'matte'], flower: ['plume', 140, 0.25],
      colours: [['leaf', '#a3ad6a', 1], ['flower', '#d9cfa6', 1]], starts: { p9: 3, l1: 6, l2: 9.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Moves in every breath; it self-seeds, so check your local invasive list.',
    },
  ),
  ...kin(
    {
      id: 'miscanthus-dwarf', common: 'Dwarf silver grass', botanical: 'Miscanthus sinensis', variety: 'white lined, dwarf', group: 'grass', roles: ['thriller'], habit: 'fountain',
      height: [700, 1100], spread: [450, 650], trail: [0, 0], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -8 }, season: 'hardy', bloom: '0000 0000 2685', leaf: ['fine', 650, 'grass', 'matte'], flower: ['plume', 170, 0.12],
      colours: [['leaf', '#8fa878', 0.8], ['edge', '#e3e8d6', 0.2], ['flower', '#c9a99a', 1]], starts: { l2: 11, l3: 16 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'A fountain for a big pot; cut to the base in March.',
    },
  ),
  ...kin(
    {
      id: 'imperata-red', common: 'Blood grass', botanical: 'Imperata cylindrica', variety: 'red tipped', group: 'grass', roles: ['thriller', 'filler'], habit: 'fountain',
      height: [300, 480], spread: [220, 320], trail: [0, 0], vigour: 1, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -17, night: -6 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['fine', 360, 'grass', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#8fae55', 0.45], ['edge', '#b32a2f', 0.55]], starts: { p9: 3.4, l1: 6.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Lit from behind it glows. The green-leaved form is invasive.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'panicum-blue', common: 'Switch grass', botanical: 'Panicum virgatum', variety: 'blue-grey, upright', group: 'grass', roles: ['thriller'], habit: 'fountain',
      height: [700, 1100], spread: [350, 500], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -8 }, season: 'hardy', bloom: '0000 0000 5895', leaf: ['fine', 600, 'grass', 'waxy'], flower: ['plume', 180, 0.15],
      colours: [['leaf', '#8aa3a0', 1], ['flower', '#c2a3a0', 1]], starts: { l1: 7, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Stands like a column and turns gold in autumn.',
    },
  ),
  ...kin(
    {
      id: 'juncus-corkscrew', common: 'Corkscrew rush', botanical: 'Juncus effusus', variety: 'twisted', group: 'grass', roles: ['thriller', 'filler'], habit: 'fountain',
      height: [350, 550], spread: [350, 480], trail: [0, 100], vigour: 2, sun: [3, 4, 10, 13], scorch: null, water: 'thirsty', feed: 'light',
      cold: { winter: -24, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 450, 'grass', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f7a3a', 1]], starts: { p9: 3, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Wild green springs; stands in water if it must.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'papyrus-dwarf', common: 'Dwarf papyrus', botanical: 'Cyperus papyrus', variety: 'dwarf', group: 'grass', roles: ['thriller'], habit: 'cane',
      height: [500, 900], spread: [350, 500], trail: [0, 0], vigour: 3, sun: [3, 4, 11, 14], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 120, 'palmate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f9f4a', 1]], starts: { l1: 7.5, l2: 12 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Green fireworks for a pot that never dries.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'ophiopogon', common: 'Black mondo grass', botanical: 'Ophiopogon planiscapus', variety: 'black', group: 'grass', roles: ['filler'], habit: 'fountain',
      height: [130, 200], spread: [180, 260], trail: [0, 0], vigour: 1, sun: [1, 2, 9, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -18, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 180, 'grass', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#2a2230', 1]], starts: { p9: 3.4, l1: 6.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'mild', 'mild'], sap: 'no', spreads: false, note: 'The blackest leaf there is; slow, so buy enough.',
    },
  ),
  ...kin(
    {
      id: 'acorus-gold', common: 'Golden sweet flag', botanical: 'Acorus gramineus', variety: 'gold striped', group: 'grass', roles: ['filler'], habit: 'fan',
      height: [180, 280], spread: [220, 320], trail: [0, 0], vigour: 1, sun: [1, 2, 7, 10], scorch: 3, water: 'thirsty', feed: 'light',
      cold: { winter: -18, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 240, 'grass', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#7f9a3c', 0.4], ['edge', '#e2d24a', 0.6]], starts: { p9: 2.8, l1: 5.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'unknown', spreads: false, note: 'Yellow fans all winter, if it is never dry.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'isolepis', common: 'Fibre-optic grass', botanical: 'Isolepis cernua', variety: '', group: 'grass', roles: ['spiller', 'filler'], habit: 'fountain',
      height: [150, 240], spread: [250, 350], trail: [100, 220], vigour: 2, sun: [2, 3, 8, 11], scorch: 4, water: 'thirsty', feed: 'light',
      cold: { winter: -7, night: -2 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 240, 'grass', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6fa04a', 0.85], ['edge', '#cbb88a', 0.15]], starts: { p9: 2.4, p10: 3.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Each blade ends in a bead; sulks dry.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'liriope', common: 'Lilyturf', botanical: 'Liriope muscari', variety: 'violet spikes', group: 'grass', roles: ['filler'], habit: 'fountain',
      height: [250, 380], spread: [280, 400], trail: [0, 0], vigour: 1, sun: [1, 2, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -14 }, season: 'year-round', bloom: '0000 0003 9961', leaf: ['medium', 320, 'grass', 'glossy'], flower: ['spike', 90, 0.14],
      colours: [['leaf', '#3f6b3c', 1], ['flower', '#7a62b0', 1]], starts: { p9: 3, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Evergreen, autumn-flowering and hard to kill.',
    },
  ),
  ...kin(
    {
      id: 'lagurus', common: 'Bunny tails', botanical: 'Lagurus ovatus', variety: '', group: 'grass', roles: ['filler'], habit: 'fountain',
      height: [220, 350], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -4, night: 0 }, season: 'warm', bloom: '0000 1598 6200', leaf: ['fine', 200, 'grass', 'felted'], flower: ['plume', 38, 0.3],
      colours: [['leaf', '#9db58a', 1], ['flower', '#efe8d2', 1]], starts: { pack6: 4.4, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Soft tails to stroke and to dry.', facts: { ease: 'occasional' },
    },
  ),
];
