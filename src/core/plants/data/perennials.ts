import { kin } from './record';

export const perennials = [
  ...kin(
    {
      id: 'gaura-white', common: 'Gaura', botanical: 'Oenothera lindheimeri', variety: 'white, compact', group: 'perennial', roles: ['thriller', 'filler'], habit: 'cloud',
      height: [350, 520], spread: [280, 400], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -12, night: -2 }, season: 'hardy', bloom: '0000 2899 9830', leaf: ['fine', 40, 'ovate', 'matte'], flower: ['airy', 24, 0.4],
      colours: [['leaf', '#5c7c4e', 0.85], ['stem', '#8a4a4f', 0.15], ['flower', '#fbf3f3', 0.9], ['throat', '#efb2c0', 0.1]], starts: { p9: 3, l1: 6.5, l2: 9.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Butterflies on wire stems; moves in every breeze.',
    },
    { id: 'gaura-pink', variety: 'pink, compact', colours: [['leaf', '#5c6f4e', 0.8], ['stem', '#8a4a4f', 0.2], ['flower', '#e58fb0', 0.9], ['throat', '#b0466f', 0.1]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'heuchera-caramel', common: 'Heuchera', botanical: 'Heuchera hybrid', variety: 'caramel', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [150, 240], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [1, 2, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -20 }, season: 'year-round', bloom: '0000 0584 1000', leaf: ['bold', 80, 'lobed', 'matte'], flower: ['airy', 6, 0.06],
      colours: [['leaf', '#c4823f', 0.75], ['vein', '#a5544b', 0.25], ['flower', '#f3e9dc', 1]], starts: { p9: 3.5, l1: 7, l2: 10 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Firm it back in if frost lifts the crown.',
    },
    { id: 'heuchera-plum', variety: 'plum, silvered', colours: [['leaf', '#5c3350', 0.6], ['edge', '#8d7a93', 0.25], ['vein', '#3c1e36', 0.15], ['flower', '#efdfe4', 1]] },
    { id: 'heuchera-lime', variety: 'lime', sun: [0.5, 1.5, 4, 6], scorch: 1, colours: [['leaf', '#c3d54a', 0.85], ['vein', '#93ab3a', 0.15], ['flower', '#f4f2e4', 1]] },
    { id: 'heuchera-silver', variety: 'silver, dark veined', colours: [['leaf', '#b3bcb4', 0.7], ['vein', '#4f4450', 0.3], ['flower', '#f2e6ea', 1]] },
    { id: 'heuchera-red', variety: 'brick red', colours: [['leaf', '#a8402f', 0.9], ['vein', '#7a2a26', 0.1], ['flower', '#f0ddd6', 1]] },
  ),
  ...kin(
    {
      id: 'lavender', common: 'Lavender', botanical: 'Lavandula angustifolia', variety: 'compact', group: 'perennial', roles: ['filler', 'thriller'], habit: 'wand',
      height: [280, 430], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -20, night: -12 }, season: 'year-round', bloom: '0000 0293 1000', leaf: ['fine', 32, 'needle', 'felted'], flower: ['spike', 9, 0.32],
      colours: [['leaf', '#8ba08f', 0.9], ['stem', '#a3b29a', 0.1], ['flower', '#6f5bb0', 1]], starts: { p9: 2.8, l1: 5.8, l2: 9 },
      deadhead: 'helps', pinch: 'no', edible: 'flower', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Shear after flowering, never into old wood.',
    },
    { id: 'lavender-white', variety: 'white', colours: [['leaf', '#93a893', 0.9], ['stem', '#a9b59c', 0.1], ['flower', '#f4f2f0', 1]] },
  ),
  ...kin(
    {
      id: 'creeping-jenny-gold', common: 'Creeping jenny', botanical: 'Lysimachia nummularia', variety: 'gold', group: 'perennial', roles: ['spiller'], habit: 'trail',
      height: [50, 90], spread: [260, 380], trail: [250, 480], vigour: 3, sun: [1, 2, 6, 8], scorch: 2.5, water: 'thirsty', feed: 'light',
      cold: { winter: -25, night: -8 }, season: 'year-round', bloom: '0000 0230 0000', leaf: ['fine', 22, 'round', 'glossy'], flower: ['round', 18, 0.06],
      colours: [['leaf', '#cdd53c', 1], ['flower', '#f2cf1e', 1]], starts: { pack6: 4.4, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Roots wherever it lands: keep it off open ground.',
    },
    { id: 'creeping-jenny-green', variety: 'green', colours: [['leaf', '#6f9f45', 1], ['flower', '#f2cf1e', 1]], scorch: 4, sun: [1, 2, 6, 12], bloom: '0000 0299 3000' },
  ),
  ...kin(
    {
      id: 'rudbeckia-gold', common: 'Rudbeckia', botanical: 'Rudbeckia fulgida', variety: 'golden, dark eye', group: 'perennial', roles: ['filler', 'thriller'], habit: 'bush',
      height: [350, 600], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -28, night: -4 }, season: 'hardy', bloom: '0000 0169 9710', leaf: ['medium', 80, 'ovate', 'matte'], flower: ['daisy', 62, 0.35],
      colours: [['leaf', '#4f7a3f', 1], ['flower', '#f5b718', 0.82], ['throat', '#2a1810', 0.18]], starts: { p9: 2.8, l1: 5.8, l2: 9.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['irritant', 'none', 'none'], sap: 'unknown', spreads: false, note: 'July to October without a pause.',
    },
    { id: 'rudbeckia-bronze', variety: 'bronze', colours: [['leaf', '#4f7a3f', 1], ['flower', '#b5561a', 0.82], ['throat', '#2a1810', 0.18]], botanical: 'Rudbeckia hirta', cold: { winter: -5, night: 2 }, season: 'warm', leaf: ['medium', 80, 'ovate', 'felted'] },
  ),
  ...kin(
    {
      id: 'echinacea-pink', common: 'Echinacea', botanical: 'Echinacea purpurea', variety: 'rose pink', group: 'perennial', roles: ['thriller', 'filler'], habit: 'wand',
      height: [400, 700], spread: [280, 380], trail: [0, 0], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -5 }, season: 'hardy', bloom: '0000 0059 4100', leaf: ['medium', 90, 'ovate', 'matte'], flower: ['daisy', 85, 0.22],
      colours: [['leaf', '#55803f', 1], ['flower', '#d87fae', 0.75], ['throat', '#b0561e', 0.25]], starts: { p9: 3.2, l1: 6.5, l2: 10.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Leave the last cones for the finches.',
    },
    { id: 'echinacea-white', variety: 'white', colours: [['leaf', '#5a8544', 1], ['flower', '#f5f3ea', 0.75], ['throat', '#c9a02a', 0.25]] },
  ),
  ...kin(
    {
      id: 'gaillardia', common: 'Blanket flower', botanical: 'Gaillardia × grandiflora', variety: 'red, yellow tipped', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [220, 350], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [6, 7, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -24, night: -3 }, season: 'hardy', bloom: '0000 2899 9730', leaf: ['medium', 80, 'feather', 'felted'], flower: ['daisy', 65, 0.35],
      colours: [['leaf', '#6a8a5a', 1], ['flower', '#cf3a20', 0.65], ['throat', '#f2b82a', 0.35]], starts: { p9: 2.6, l1: 5.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['irritant', 'unknown', 'unknown'], sap: 'yes', spreads: false, note: 'Sun, thin mix and a forgetful waterer.',
    },
  ),
  ...kin(
    {
      id: 'coreopsis-yellow', common: 'Tickseed', botanical: 'Coreopsis verticillata', variety: 'lemon', group: 'perennial', roles: ['filler'], habit: 'cloud',
      height: [220, 380], spread: [260, 360], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -4 }, season: 'hardy', bloom: '0000 0799 8300', leaf: ['fine', 38, 'feather', 'matte'], flower: ['daisy', 32, 0.42],
      colours: [['leaf', '#5f8f4a', 1], ['flower', '#f4e27a', 0.9], ['throat', '#d9a51e', 0.1]], starts: { p9: 2.6, l1: 5.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Threadleaf and small suns; shear in August.',
    },
    { id: 'coreopsis-pink', variety: 'rose', colours: [['leaf', '#5f8f4a', 1], ['flower', '#d8739a', 0.88], ['throat', '#e2b52a', 0.12]], botanical: 'Coreopsis hybrid' },
  ),
  ...kin(
    {
      id: 'penstemon-red', common: 'Penstemon', botanical: 'Penstemon hybrid', variety: 'red', group: 'perennial', roles: ['thriller', 'filler'], habit: 'wand',
      height: [400, 650], spread: [280, 400], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -9, night: -3 }, season: 'warm', bloom: '0000 0698 8710', leaf: ['medium', 75, 'strap', 'matte'], flower: ['spike', 34, 0.32],
      colours: [['leaf', '#4f7a3f', 1], ['flower', '#cf2a44', 0.85], ['throat', '#f6e3e2', 0.15]], starts: { p9: 2.8, l1: 6, l2: 9.5 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Foxglove bells until the frost, if you deadhead.',
    },
    { id: 'penstemon-violet', variety: 'violet', colours: [['leaf', '#4f7a3f', 1], ['flower', '#6a4aa5', 0.85], ['throat', '#f0ecf6', 0.15]], poison: ['none', 'none', 'none'] },
  ),
  ...kin(
    {
      id: 'veronica-blue', common: 'Speedwell', botanical: 'Veronica spicata', variety: 'blue', group: 'perennial', roles: ['filler'], habit: 'wand',
      height: [250, 400], spread: [220, 300], trail: [0, 0], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -8 }, season: 'hardy', bloom: '0000 0898 4100', leaf: ['medium', 45, 'strap', 'matte'], flower: ['spike', 10, 0.32],
      colours: [['leaf', '#5a8048', 1], ['flower', '#4a58b8', 1]], starts: { p9: 2.8, l1: 5.8 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Upright blue for bees; cut the first spikes for a second.',
    },
  ),
  ...kin(
    {
      id: 'agastache-orange', common: 'Agastache', botanical: 'Agastache aurantiaca', variety: 'apricot orange', group: 'perennial', roles: ['filler', 'thriller'], habit: 'wand',
      height: [350, 550], spread: [280, 380], trail: [0, 0], vigour: 2, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -10, night: -3 }, season: 'hardy', bloom: '0000 0489 9840', leaf: ['fine', 32, 'ovate', 'matte'], flower: ['spike', 18, 0.32],
      colours: [['leaf', '#7f9a78', 1], ['flower', '#f0945a', 0.85], ['throat', '#c9617a', 0.15]], starts: { p9: 2.8, l1: 6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Aniseed leaves; drought suits it.',
    },
    { id: 'agastache-blue', variety: 'violet-blue', colours: [['leaf', '#6f9560', 1], ['flower', '#7a6ab8', 1]], botanical: 'Agastache foeniculum', cold: { winter: -24, night: -4 }, height: [600, 900], spread: [300, 450] },
  ),
  ...kin(
    {
      id: 'russian-sage', common: 'Russian sage', botanical: 'Salvia yangii', variety: 'blue', group: 'perennial', roles: ['thriller'], habit: 'wand',
      height: [500, 850], spread: [350, 500], trail: [0, 0], vigour: 2, sun: [6, 7, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -6 }, season: 'hardy', bloom: '0000 0279 9400', leaf: ['fine', 45, 'feather', 'felted'], flower: ['spike', 9, 0.3],
      colours: [['leaf', '#a3b3a5', 0.7], ['stem', '#d3dad0', 0.3], ['flower', '#7a78c4', 1]], starts: { l1: 6.5, l2: 10 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A blue haze on white stems; go easy on the feed.',
    },
  ),
  ...kin(
    {
      id: 'catmint', common: 'Catmint', botanical: 'Nepeta × faassenii', variety: 'lavender blue', group: 'perennial', roles: ['filler'], habit: 'cascade',
      height: [220, 350], spread: [320, 450], trail: [80, 180], vigour: 3, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -30, night: -12 }, season: 'hardy', bloom: '0000 4986 7500', leaf: ['fine', 28, 'heart', 'felted'], flower: ['spike', 11, 0.3],
      colours: [['leaf', '#8fa58f', 1], ['flower', '#7f80c8', 1]], starts: { p9: 2.6, l1: 5.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'mild', 'none'], sap: 'no', spreads: false, note: 'Shear in June for a second flush; cats will find it.',
    },
  ),
  ...kin(
    {
      id: 'geranium-violet', common: 'Cranesbill', botanical: 'Geranium hybrid', variety: 'violet-blue', group: 'perennial', roles: ['filler'], habit: 'cloud',
      height: [220, 350], spread: [350, 500], trail: [60, 180], vigour: 3, sun: [3, 4, 9, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -12 }, season: 'hardy', bloom: '0000 4997 6420', leaf: ['medium', 55, 'palmate', 'matte'], flower: ['round', 36, 0.3],
      colours: [['leaf', '#5a8545', 1], ['flower', '#6f62c4', 0.9], ['throat', '#efeaf6', 0.1]], starts: { p9: 3, l1: 6 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'The hardy geranium: threads itself between the rest.',
    },
    { id: 'geranium-pink', variety: 'pink, veined', colours: [['leaf', '#5a8545', 1], ['flower', '#e5a0c2', 0.85], ['throat', '#a34a86', 0.15]] },
  ),
  ...kin(
    {
      id: 'campanula-trailing-blue', common: 'Trailing bellflower', botanical: 'Campanula poscharskyana', variety: 'lavender blue', group: 'perennial', roles: ['spiller'], habit: 'cascade',
      height: [90, 150], spread: [260, 380], trail: [150, 300], vigour: 3, sun: [2, 3, 8, 11], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -14 }, season: 'year-round', bloom: '0000 3973 2100', leaf: ['fine', 28, 'heart', 'matte'], flower: ['airy', 24, 0.45],
      colours: [['leaf', '#5a8a48', 1], ['flower', '#8a86d4', 0.9], ['throat', '#f2f0f8', 0.1]], starts: { pack6: 4.6, p9: 2.2 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Stars down a wall; trim it once and it comes again.',
    },
    { id: 'campanula-trailing-white', variety: 'white', colours: [['leaf', '#5f8f4c', 1], ['flower', '#f7f6f2', 1]] },
  ),
  ...kin(
    {
      id: 'erigeron', common: 'Mexican fleabane', botanical: 'Erigeron karvinskianus', variety: 'white to pink', group: 'perennial', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [130, 220], spread: [280, 400], trail: [100, 220], vigour: 3, sun: [4, 5, 12, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -10, night: -4 }, season: 'year-round', bloom: '0002 6998 8863', leaf: ['fine', 22, 'ovate', 'matte'], flower: ['daisy', 18, 0.5],
      colours: [['leaf', '#6f9550', 1], ['flower', '#f6e9ee', 0.75], ['throat', '#f0c63a', 0.25]], starts: { pack6: 4.4, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: true, note: 'A froth of daisies all season; it seeds in every crack.',
    },
  ),
  ...kin(
    {
      id: 'aubrieta-purple', common: 'Aubrieta', botanical: 'Aubrieta × cultorum', variety: 'purple', group: 'perennial', roles: ['spiller'], habit: 'cascade',
      height: [70, 130], spread: [260, 360], trail: [120, 240], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -14 }, season: 'year-round', bloom: '0029 5000 0000', leaf: ['fine', 16, 'ovate', 'felted'], flower: ['round', 16, 0.65],
      colours: [['leaf', '#7f9a72', 1], ['flower', '#7a3fa5', 0.93], ['throat', '#f0e6a8', 0.07]], starts: { pack6: 4.4, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A purple sheet in April; shear it hard after.',
    },
  ),
  ...kin(
    {
      id: 'arabis-white', common: 'Rock cress', botanical: 'Arabis caucasica', variety: 'white', group: 'perennial', roles: ['spiller'], habit: 'cascade',
      height: [90, 150], spread: [240, 340], trail: [100, 200], vigour: 2, sun: [3, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -30, night: -16 }, season: 'year-round', bloom: '0059 8100 0000', leaf: ['fine', 30, 'strap', 'felted'], flower: ['round', 15, 0.6],
      colours: [['leaf', '#8fa582', 1], ['flower', '#f8f7f3', 1]], starts: { pack6: 4.2, p9: 2.1 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'White in March, grey-green after.',
    },
  ),
  ...kin(
    {
      id: 'candytuft', common: 'Candytuft', botanical: 'Iberis sempervirens', variety: 'white', group: 'perennial', roles: ['filler'], habit: 'cascade',
      height: [130, 220], spread: [250, 350], trail: [60, 150], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -26, night: -15 }, season: 'year-round', bloom: '0017 9700 0000', leaf: ['fine', 24, 'strap', 'glossy'], flower: ['ball', 38, 0.55],
      colours: [['leaf', '#3f6f42', 1], ['flower', '#fafaf6', 1]], starts: { pack6: 4.4, p9: 2.4, l1: 5.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Evergreen mat, snow-white in spring.',
    },
  ),
  ...kin(
    {
      id: 'phlox-creeping-pink', common: 'Moss phlox', botanical: 'Phlox subulata', variety: 'pink', group: 'perennial', roles: ['spiller'], habit: 'cascade',
      height: [70, 120], spread: [250, 350], trail: [100, 200], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -34, night: -18 }, season: 'year-round', bloom: '0006 9600 0000', leaf: ['fine', 12, 'needle', 'matte'], flower: ['round', 19, 0.65],
      colours: [['leaf', '#5f8548', 1], ['flower', '#e58ab8', 0.9], ['throat', '#b03f86', 0.1]], starts: { pack6: 4.6, p9: 2.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A carpet over the edge in May.',
    },
    { id: 'phlox-creeping-white', variety: 'white', colours: [['leaf', '#658a4c', 1], ['flower', '#f8f6f4', 0.95], ['throat', '#e9d98a', 0.05]] },
    { id: 'phlox-creeping-blue', variety: 'lavender blue', colours: [['leaf', '#5f8548', 1], ['flower', '#9a97dc', 0.9], ['throat', '#6a4fa8', 0.1]] },
  ),
  ...kin(
    {
      id: 'saxifrage', common: 'Mossy saxifrage', botanical: 'Saxifraga × arendsii', variety: 'rose', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [90, 160], spread: [180, 260], trail: [0, 30], vigour: 1, sun: [1, 2.5, 6, 8], scorch: 2.5, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -16 }, season: 'year-round', bloom: '0028 9100 0000', leaf: ['fine', 14, 'palmate', 'matte'], flower: ['round', 18, 0.5],
      colours: [['leaf', '#5f9448', 1], ['flower', '#d8456a', 0.85], ['throat', '#f3e0b0', 0.15]], starts: { pack6: 4.4, p9: 2.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Moss with flowers; keep it from the noon sun.',
    },
  ),
  ...kin(
    {
      id: 'lambs-ear', common: 'Lamb’s ear', botanical: 'Stachys byzantina', variety: '', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [130, 220], spread: [260, 360], trail: [0, 40], vigour: 3, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 95, 'ovate', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#b7c3b2', 1]], starts: { p9: 2.5, l1: 5.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A child will stroke it; rots in winter wet.',
    },
  ),
  ...kin(
    {
      id: 'brunnera', common: 'Siberian bugloss', botanical: 'Brunnera macrophylla', variety: 'silver, blue flower', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [240, 360], spread: [320, 450], trail: [0, 0], vigour: 2, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -32, night: -10 }, season: 'hardy', bloom: '0028 9400 0000', leaf: ['bold', 130, 'heart', 'matte'], flower: ['airy', 8, 0.15],
      colours: [['leaf', '#bcc7ba', 0.75], ['vein', '#4f7a4a', 0.25], ['flower', '#6f9ae0', 1]], starts: { p9: 3.6, l1: 6.8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Silver hearts under a haze of blue in spring.',
    },
  ),
  ...kin(
    {
      id: 'pulmonaria', common: 'Lungwort', botanical: 'Pulmonaria saccharata', variety: 'spotted leaf, blue', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [280, 400], trail: [0, 0], vigour: 2, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -12 }, season: 'year-round', bloom: '0379 6100 0000', leaf: ['bold', 120, 'ovate', 'felted'], flower: ['bell', 16, 0.18],
      colours: [['leaf', '#5f8a52', 0.7], ['vein', '#d3ddd0', 0.3], ['flower', '#5f6ac8', 0.65], ['throat', '#d880a8', 0.35]], starts: { p9: 3, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Early bees come to it; cut the tired leaves in June.',
    },
  ),
  ...kin(
    {
      id: 'hellebore-white', common: 'Hellebore', botanical: 'Helleborus × hybridus', variety: 'white', group: 'perennial', roles: ['thriller', 'filler'], habit: 'mound',
      height: [300, 450], spread: [350, 480], trail: [0, 0], vigour: 1, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: -26, night: -16 }, season: 'year-round', bloom: '1898 3000 0000', leaf: ['bold', 120, 'palmate', 'glossy'], flower: ['round', 60, 0.25],
      colours: [['leaf', '#3f6b3f', 1], ['flower', '#f3f1e4', 0.85], ['throat', '#c9d29a', 0.15]], starts: { l1: 8, l2: 12.5, l3: 17 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'In flower from February to April; every part is poisonous.',
    },
    { id: 'hellebore-plum', variety: 'plum', colours: [['leaf', '#3f6b3f', 1], ['flower', '#6a2a4a', 0.85], ['throat', '#d9d29a', 0.15]] },
  ),
  ...kin(
    {
      id: 'spurge-evergreen', common: 'Mediterranean spurge', botanical: 'Euphorbia characias', variety: 'blue-grey leaf, lime heads', group: 'perennial', roles: ['thriller'], habit: 'bush',
      height: [450, 750], spread: [380, 520], trail: [0, 0], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -14, night: -9 }, season: 'year-round', bloom: '0158 9510 0000', leaf: ['medium', 70, 'strap', 'waxy'], flower: ['ball', 110, 0.25],
      colours: [['leaf', '#6f8f82', 1], ['flower', '#c9d65a', 0.9], ['throat', '#4a3a3a', 0.1]], starts: { l1: 7, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Milky sap burns skin and eyes: gloves, and wash.', facts: { heat: 'stands' },
    },
  ),
  ...kin(
    {
      id: 'spurge-purple', common: 'Wood spurge', botanical: 'Euphorbia amygdaloides', variety: 'purple leaf', group: 'perennial', roles: ['filler'], habit: 'bush',
      height: [250, 400], spread: [250, 350], trail: [0, 0], vigour: 2, sun: [2, 3, 9, 12], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -12 }, season: 'year-round', bloom: '0027 9600 0000', leaf: ['medium', 48, 'strap', 'matte'], flower: ['ball', 60, 0.2],
      colours: [['leaf', '#5a3040', 0.85], ['edge', '#7f9a5a', 0.15], ['flower', '#bccb52', 1]], starts: { p9: 3, l1: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Plum leaf, acid flower. Milky sap: gloves, and wash.', facts: { heat: 'stands' },
    },
  ),
  ...kin(
    {
      id: 'aster-purple', common: 'Michaelmas daisy', botanical: 'Symphyotrichum novi-belgii', variety: 'purple, dwarf', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [220, 350], spread: [250, 350], trail: [0, 0], vigour: 3, sun: [4, 5, 11, 13], scorch: null, water: 'thirsty', feed: 'medium',
      cold: { winter: -30, night: -5 }, season: 'hardy', bloom: '0000 0003 9972', leaf: ['fine', 45, 'strap', 'matte'], flower: ['daisy', 32, 0.5],
      colours: [['leaf', '#4f7a40', 1], ['flower', '#7a52b0', 0.85], ['throat', '#f0c22a', 0.15]], starts: { p9: 2.6, l1: 5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Bought in bud for September; keep it moist against mildew.',
    },
    { id: 'aster-pink', variety: 'pink, dwarf', colours: [['leaf', '#4f7a40', 1], ['flower', '#e07fae', 0.85], ['throat', '#f0c22a', 0.15]] },
  ),
  ...kin(
    {
      id: 'chrysanthemum-bronze', common: 'Chrysanthemum', botanical: 'Chrysanthemum × morifolium', variety: 'bronze', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [250, 400], spread: [280, 400], trail: [0, 0], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -18, night: -4 }, season: 'hardy', bloom: '0000 0002 8940', leaf: ['medium', 48, 'lobed', 'matte'], flower: ['ball', 42, 0.6],
      colours: [['leaf', '#5a7f4a', 1], ['flower', '#b8601f', 1]], starts: { p10: 3.5, l1: 5.5 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'A ball of autumn; sap can redden the skin.',
    },
    { id: 'chrysanthemum-yellow', variety: 'yellow', colours: [['leaf', '#5a7f4a', 1], ['flower', '#f3c822', 1]] },
    { id: 'chrysanthemum-white', variety: 'white', colours: [['leaf', '#5f8550', 1], ['flower', '#f7f5ec', 1]] },
  ),
  ...kin(
    {
      id: 'thrift', common: 'Thrift', botanical: 'Armeria maritima', variety: 'pink', group: 'perennial', roles: ['filler'], habit: 'mound',
      height: [120, 200], spread: [160, 240], trail: [0, 0], vigour: 1, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -32, night: -20 }, season: 'year-round', bloom: '0002 8953 2000', leaf: ['fine', 80, 'grass', 'matte'], flower: ['ball', 24, 0.35],
      colours: [['leaf', '#5a8a4a', 1], ['flower', '#e382ac', 1]], starts: { pack6: 4.4, p9: 2.3 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Sea-cliff cushions: wind and salt are nothing to it.',
    },
  ),
  ...kin(
    {
      id: 'foamflower-trailing', common: 'Trailing foamy bells', botanical: '× Heucherella hybrid', variety: 'amber, trailing', group: 'perennial', roles: ['spiller'], habit: 'cascade',
      height: [130, 220], spread: [250, 350], trail: [150, 300], vigour: 2, sun: [0.5, 1.5, 6, 8], scorch: 2.5, water: 'moderate', feed: 'light',
      cold: { winter: -26, night: -12 }, season: 'year-round', bloom: '0003 4000 0000', leaf: ['medium', 65, 'lobed', 'matte'], flower: ['airy', 8, 0.08],
      colours: [['leaf', '#c98a44', 0.8], ['vein', '#8a3f34', 0.2], ['flower', '#f4ece0', 1]], starts: { p9: 3.4, p10: 4.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Maple leaves down a rope, in amber and rust.',
    },
    { id: 'foamflower-trailing-green', variety: 'lime, dark veined', colours: [['leaf', '#a9bf4a', 0.8], ['vein', '#5a3038', 0.2], ['flower', '#f6f2ea', 1]], note: 'Green leaf, dark veins, white froth in spring.' },
  ),
];
