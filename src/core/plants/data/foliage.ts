import { kin } from './record';

export const foliage = [
  ...kin(
    {
      id: 'cordyline-wine', common: 'Cordyline', botanical: 'Cordyline australis', variety: 'wine red', group: 'foliage', roles: ['thriller'], habit: 'fan',
      height: [400, 750], spread: [380, 580], trail: [0, 0], vigour: 2, sun: [3, 4.5, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -6, night: -3 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 520, 'strap', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5e1a2b', 0.8], ['edge', '#8c2f45', 0.2]], starts: { l1: 6.5, l2: 11, l3: 16 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Steady and wind-proof; peel off the lowest leaves as they brown.',
    },
    { id: 'cordyline-green', variety: 'green spike', botanical: 'Cordyline australis', colours: [['leaf', '#5d7a3a', 0.85], ['edge', '#86a052', 0.15]], starts: { p10: 3.5, l1: 5.5, l2: 9.5 } },
  ),
  ...kin(
    {
      id: 'phormium-bronze', common: 'New Zealand flax', botanical: 'Phormium hybrid', variety: 'bronze, dwarf', group: 'foliage', roles: ['thriller'], habit: 'fan',
      height: [450, 800], spread: [380, 600], trail: [0, 0], vigour: 2, sun: [3, 5, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -8, night: -5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 480, 'strap', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6b3f2e', 0.7], ['edge', '#b4664a', 0.3]], starts: { l1: 8, l2: 12.5, l3: 18 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'unknown', spreads: true, note: 'Tough fibres: cut dead leaves low with a sharp knife.',
    },
  ),
  ...kin(
    {
      id: 'dusty-miller', common: 'Silver ragwort', botanical: 'Jacobaea maritima', variety: '', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [200, 300], trail: [0, 0], vigour: 2, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -12, night: -8 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 80, 'feather', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#bcc8c2', 0.8], ['edge', '#dbe3dd', 0.2]], starts: { pack6: 3.8, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Felted silver leaf that cools hot colours.',
    },
  ),
  ...kin(
    {
      id: 'coleus-plum-lime', common: 'Coleus', botanical: 'Coleus scutellarioides', variety: 'plum, lime edge', group: 'foliage', roles: ['filler'], habit: 'bush',
      height: [300, 500], spread: [280, 420], trail: [0, 0], vigour: 3, sun: [0.5, 1.5, 6, 9], scorch: 3, water: 'thirsty', feed: 'medium',
      cold: { winter: 4, night: 9 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 85, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#7a1f3d', 0.7], ['edge', '#b6c93a', 0.2], ['vein', '#a8355a', 0.1]], starts: { slip: 0.6, cutting: 1.2, pack6: 4.8, p9: 2.4, l1: 5.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Pinch out flower spikes; tender, so wait for warm nights.',
    },
    { id: 'coleus-lime', variety: 'lime', colours: [['leaf', '#b9d233', 0.85], ['edge', '#d9e66b', 0.15]] },
    { id: 'coleus-copper', variety: 'copper', colours: [['leaf', '#b4532a', 0.75], ['edge', '#d98f45', 0.15], ['vein', '#7d2f22', 0.1]] },
    { id: 'coleus-red-gold', variety: 'red, gold edge', colours: [['leaf', '#a8242f', 0.7], ['edge', '#d8c23a', 0.3]] },
    { id: 'coleus-pink', variety: 'pink heart, green edge', colours: [['leaf', '#d9668a', 0.55], ['edge', '#5a7a3c', 0.45]] },
    { id: 'coleus-black', variety: 'near black', colours: [['leaf', '#3a1a24', 0.9], ['edge', '#6a3a3a', 0.1]], sun: [1, 2.5, 9, 12], scorch: null },
  ),
  ...kin(
    {
      id: 'sweet-potato-vine-lime', common: 'Sweet-potato vine', botanical: 'Ipomoea batatas', variety: 'lime', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [150, 230], spread: [380, 560], trail: [450, 950], vigour: 5, sun: [3, 4, 8, 12], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 85, 'heart', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#bdd531', 0.92], ['vein', '#a3bb2c', 0.08]], starts: { p9: 2.5, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Covers its neighbours by midsummer unless it is cut.',
    },
    { id: 'sweet-potato-vine-dark', variety: 'near black', vigour: 4, scorch: null, sun: [4, 5, 10, 13], colours: [['leaf', '#3a2338', 0.92], ['vein', '#5a3a55', 0.08]] },
    { id: 'sweet-potato-vine-bronze', variety: 'bronze, cut leaf', colours: [['leaf', '#7a4a33', 0.9], ['vein', '#a8714f', 0.1]], sun: [4, 5, 10, 13], scorch: null, vigour: 3, leaf: ['bold', 75, 'lobed', 'matte'] },
    { id: 'sweet-potato-vine-tricolour', variety: 'green, pink and cream', colours: [['leaf', '#86a878', 0.55], ['edge', '#f0dfdc', 0.45]], vigour: 3, leaf: ['medium', 65, 'heart', 'matte'] },
  ),
  ...kin(
    {
      id: 'dichondra-silver', common: 'Silver dichondra', botanical: 'Dichondra argentea', variety: '', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [60, 100], spread: [260, 380], trail: [600, 1200], vigour: 3, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -4, night: 2 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 20, 'round', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#b3c2ba', 1]], starts: { p9: 2.4, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'A curtain of silver coins; let it dry between.',
    },
    { id: 'dichondra-green', variety: 'emerald', colours: [['leaf', '#5f9a48', 1]], botanical: 'Dichondra repens', sun: [2, 3, 8, 12], water: 'dry', leaf: ['fine', 20, 'round', 'matte'], poison: ['none', 'none', 'none'], trail: [350, 650], common: 'Green dichondra', note: 'Round green coins in a thick mat; let it dry between.' },
  ),
  ...kin(
    {
      id: 'periwinkle-variegated', common: 'Greater periwinkle', botanical: 'Vinca major', variety: 'cream edged', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [130, 210], spread: [300, 420], trail: [350, 650], vigour: 3, sun: [0, 1, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -8 }, season: 'year-round', bloom: '0047 5100 0000', leaf: ['medium', 45, 'ovate', 'glossy'], flower: ['round', 34, 0.06],
      colours: [['leaf', '#5d8550', 0.66], ['edge', '#e8e5b8', 0.34], ['flower', '#6a6fc9', 1]], starts: { pack6: 5.4, p9: 2.2, p10: 3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: true, note: 'Long plain ropes, good in a tall pot.',
    },
    { id: 'periwinkle-lesser', variety: 'small leaf, white edged', colours: [['leaf', '#5d8550', 0.7], ['edge', '#eeeeda', 0.3], ['flower', '#7a78cc', 1]], common: 'Lesser periwinkle', botanical: 'Vinca minor', height: [80, 140], spread: [220, 320], trail: [200, 420], cold: { winter: -24, night: -12 }, leaf: ['fine', 26, 'ovate', 'glossy'] },
  ),
  ...kin(
    {
      id: 'ground-ivy-variegated', common: 'Ground ivy', botanical: 'Glechoma hederacea', variety: 'white edged', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [60, 110], spread: [240, 340], trail: [400, 800], vigour: 4, sun: [0, 1, 6, 9], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -20, night: -5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 26, 'round', 'matte'], flower: ['none', 0, 0],
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
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Pushes through others: shorten it now and then.',
    },
    { id: 'liquorice-plant-lime', variety: 'lime', colours: [['leaf', '#c5d27a', 1]], sun: [2, 4, 9, 12], scorch: 5 },
  ),
  ...kin(
    {
      id: 'plectranthus-silver', common: 'Silver plectranthus', botanical: 'Coleus argentatus', variety: '', group: 'foliage', roles: ['filler'], habit: 'bush',
      height: [350, 600], spread: [400, 600], trail: [0, 0], vigour: 4, sun: [3, 4, 11, 13], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -1, night: 4 }, season: 'warm', bloom: '0000 0001 2200', leaf: ['medium', 75, 'ovate', 'felted'], flower: ['spike', 12, 0.06],
      colours: [['leaf', '#b4c2b0', 1], ['flower', '#d8d3e6', 1]], starts: { p9: 2.6, l1: 5.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Silver suede on red stems; pinch it to keep its place.',
    },
  ),
  ...kin(
    {
      id: 'plectranthus-trailing', common: 'Trailing plectranthus', botanical: 'Coleus forsteri', variety: 'white edged', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [120, 200], spread: [300, 420], trail: [300, 650], vigour: 4, sun: [0.5, 1.5, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 40, 'ovate', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#7fa36c', 0.65], ['edge', '#f0f1e4', 0.35]], starts: { pack6: 4.6, p9: 2.1 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Smells of incense when brushed; hangs like a curtain.',
    },
    { id: 'plectranthus-trailing-green', variety: 'glossy green', colours: [['leaf', '#5d9448', 1]], common: 'Swedish ivy', botanical: 'Plectranthus verticillatus', leaf: ['medium', 38, 'round', 'glossy'], note: 'Trails fast and even; nip it to thicken.', poison: ['none', 'none', 'none'], spreads: false },
  ),
  ...kin(
    {
      id: 'iresine-red', common: 'Bloodleaf', botanical: 'Iresine herbstii', variety: 'beetroot red', group: 'foliage', roles: ['filler'], habit: 'bush',
      height: [280, 450], spread: [260, 360], trail: [0, 0], vigour: 3, sun: [3, 4, 9, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: 1, night: 6 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 55, 'round', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#8a1f3f', 0.75], ['vein', '#d65a7a', 0.25]], starts: { p9: 2.4, l1: 5.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Colour from leaf alone; pinch out any flower.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'alternanthera-red', common: 'Joseph’s coat', botanical: 'Alternanthera ficoidea', variety: 'ruby', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [140, 240], spread: [200, 300], trail: [0, 0], vigour: 2, sun: [4, 5, 11, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 28, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#7a1f36', 0.85], ['edge', '#b8455f', 0.15]], starts: { pack6: 4.6, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Clips to any line; the edging plant of carpet beds.',
    },
    { id: 'alternanthera-lime', variety: 'lime and cream', colours: [['leaf', '#b9cc4e', 0.8], ['edge', '#efe9b8', 0.2]] },
  ),
  ...kin(
    {
      id: 'perilla-purple', common: 'Perilla', botanical: 'Perilla frutescens', variety: 'purple', group: 'foliage', roles: ['filler'], habit: 'bush',
      height: [350, 550], spread: [300, 400], trail: [0, 0], vigour: 3, sun: [3, 4, 10, 12], scorch: 5, water: 'moderate', feed: 'medium',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 80, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#4a2a44', 0.85], ['edge', '#6e4465', 0.15]], starts: { pack6: 4.2, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Quick dark bulk; pinch out flowers before it seeds.',
    },
  ),
  ...kin(
    {
      id: 'hypoestes-pink', common: 'Polka-dot plant', botanical: 'Hypoestes phyllostachya', variety: 'pink splashed', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [150, 260], spread: [180, 260], trail: [0, 0], vigour: 2, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'moderate', feed: 'medium',
      cold: { winter: 4, night: 10 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 38, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#e8a3b8', 0.6], ['vein', '#4f7a4c', 0.4]], starts: { pack6: 4.4, p9: 2.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Freckled pink for shade; pinch it to stay low.',
    },
    { id: 'hypoestes-white', variety: 'white splashed', colours: [['leaf', '#eef0ea', 0.6], ['vein', '#4f7a4c', 0.4]], note: 'White freckles light a dark corner. Pinch to keep low.' },
  ),
  ...kin(
    {
      id: 'strobilanthes', common: 'Persian shield', botanical: 'Strobilanthes dyeriana', variety: 'iridescent purple', group: 'foliage', roles: ['thriller', 'filler'], habit: 'bush',
      height: [400, 700], spread: [350, 480], trail: [0, 0], vigour: 3, sun: [1.5, 3, 6, 9], scorch: 3, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 120, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#8a5ca0', 0.65], ['vein', '#3a2f4a', 0.35]], starts: { p10: 4.5, l1: 8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Metal violet in bright shade; dull in deep shade.',
    },
  ),
  ...kin(
    {
      id: 'lotus-silver', common: 'Parrot’s beak', botanical: 'Lotus berthelotii', variety: 'silver needles', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [80, 150], spread: [260, 380], trail: [350, 700], vigour: 3, sun: [3, 5, 11, 13], scorch: 5, water: 'moderate', feed: 'light',
      cold: { winter: -1, night: 3 }, season: 'warm', bloom: '0001 6831 0000', leaf: ['fine', 18, 'needle', 'felted'], flower: ['bell', 32, 0.2],
      colours: [['leaf', '#a3b7ac', 1], ['flower', '#dc4a28', 1]], starts: { p9: 2.8, p10: 3.6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'Grown for its silver hair; flowers when nights are cool.',
    },
  ),
  ...kin(
    {
      id: 'ajuga-bronze', common: 'Bugle', botanical: 'Ajuga reptans', variety: 'bronze', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [80, 150], spread: [220, 320], trail: [60, 120], vigour: 3, sun: [1, 2, 7, 10], scorch: 5, water: 'moderate', feed: 'light',
      cold: { winter: -28, night: -15 }, season: 'year-round', bloom: '0003 8820 0000', leaf: ['medium', 60, 'ovate', 'glossy'], flower: ['spike', 10, 0.22],
      colours: [['leaf', '#4a3a36', 0.85], ['edge', '#7a5f5c', 0.15], ['flower', '#4a55b0', 1]], starts: { p9: 2.3, l1: 5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'A dark low filler for years, with blue spikes in spring.',
    },
    { id: 'ajuga-tricolour', variety: 'pink, cream and green', colours: [['leaf', '#6f8a68', 0.5], ['edge', '#e6cfc8', 0.5], ['flower', '#4a55b0', 1]], roles: ['filler'], note: 'A low filler in cream, pink and green.' },
  ),
  ...kin(
    {
      id: 'lamium-silver', common: 'Dead nettle', botanical: 'Lamium maculatum', variety: 'silver leaf, pink', group: 'foliage', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [100, 180], spread: [260, 380], trail: [120, 260], vigour: 3, sun: [0.5, 1.5, 5, 8], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -30, night: -15 }, season: 'year-round', bloom: '0016 9961 2200', leaf: ['medium', 32, 'heart', 'felted'], flower: ['round', 16, 0.2],
      colours: [['leaf', '#c2cdc2', 0.75], ['edge', '#56804e', 0.25], ['flower', '#d883b4', 1]], starts: { pack6: 4.4, p9: 2.1 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Lights a shady rim; no sting.',
    },
    { id: 'lamium-white', variety: 'silver leaf, white', colours: [['leaf', '#c2cdc2', 0.75], ['edge', '#56804e', 0.25], ['flower', '#f6f4f0', 1]] },
  ),
  ...kin(
    {
      id: 'muehlenbeckia', common: 'Wire vine', botanical: 'Muehlenbeckia complexa', variety: '', group: 'foliage', roles: ['spiller'], habit: 'trail',
      height: [120, 200], spread: [240, 340], trail: [300, 600], vigour: 3, sun: [2, 4, 10, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -8, night: -4 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 12, 'round', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f7a46', 0.85], ['stem', '#4a2f26', 0.15]], starts: { p9: 2.4, p10: 3.2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Dark wiry threads set with tiny coins.',
    },
  ),
  ...kin(
    {
      id: 'lysimachia-flowering', common: 'Golden globes', botanical: 'Lysimachia congestiflora', variety: 'yellow', group: 'foliage', roles: ['spiller'], habit: 'cascade',
      height: [80, 140], spread: [240, 340], trail: [120, 250], vigour: 3, sun: [2, 3, 7, 10], scorch: 4, water: 'thirsty', feed: 'light',
      cold: { winter: -9, night: -3 }, season: 'warm', bloom: '0001 4886 4310', leaf: ['medium', 30, 'ovate', 'matte'], flower: ['ball', 38, 0.3],
      colours: [['leaf', '#5f8a44', 1], ['flower', '#f5cc26', 0.85], ['throat', '#d8702a', 0.15]], starts: { p9: 2.4 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Buttercup clusters on a leafy mat; never dry.',
    },
  ),
  ...kin(
    {
      id: 'asparagus-fern', common: 'Asparagus fern', botanical: 'Asparagus aethiopicus', variety: 'arching', group: 'foliage', roles: ['filler', 'spiller'], habit: 'frond',
      height: [250, 400], spread: [350, 500], trail: [100, 300], vigour: 3, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -2, night: 3 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 25, 'needle', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6fa04c', 1]], starts: { p10: 3.6, l1: 6.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Thorns hide in the feather; berries are poisonous to pets.', poisonPart: 'berries',
    },
  ),
  ...kin(
    {
      id: 'spider-plant', common: 'Spider plant', botanical: 'Chlorophytum comosum', variety: 'white striped', group: 'foliage', roles: ['spiller', 'filler'], habit: 'fountain',
      height: [180, 280], spread: [280, 400], trail: [100, 350], vigour: 3, sun: [0.5, 1.5, 5, 8], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: 1, night: 6 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 280, 'grass', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f934a', 0.6], ['edge', '#eef0dc', 0.4]], starts: { p9: 2.4, p10: 3.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Put it outdoors for summer; baby plants hang over the rim.',
    },
  ),
  ...kin(
    {
      id: 'euonymus-gold', common: 'Creeping euonymus', botanical: 'Euonymus fortunei', variety: 'gold edged', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [250, 380], trail: [60, 160], vigour: 1, sun: [1.5, 3, 10, 13], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -15 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 32, 'ovate', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f7f3c', 0.55], ['edge', '#ead44a', 0.45]], starts: { p9: 3, l1: 5.5, l2: 9.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'unknown', spreads: true, note: 'Bright all winter; cut out shoots that turn green.', poisonPart: 'berries',
    },
    { id: 'euonymus-silver', variety: 'white edged', colours: [['leaf', '#4f7a4a', 0.55], ['edge', '#f0f0e4', 0.45]], roles: ['filler'] },
  ),
  ...kin(
    {
      id: 'artemisia-silver', common: 'Wormwood', botanical: 'Artemisia hybrid', variety: 'silver filigree', group: 'foliage', roles: ['filler'], habit: 'mound',
      height: [250, 420], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -20, night: -8 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 60, 'feather', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#bccac4', 1]], starts: { p9: 2.8, l1: 5.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Cut it back in spring; hates winter wet.',
    },
  ),
  ...kin(
    {
      id: 'coprosma-bronze', common: 'Mirror plant', botanical: 'Coprosma repens', variety: 'bronze, glossy', group: 'foliage', roles: ['filler', 'thriller'], habit: 'bush',
      height: [300, 550], spread: [250, 360], trail: [0, 0], vigour: 1, sun: [3, 4, 11, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -4, night: -1 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 32, 'round', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5a3326', 0.6], ['edge', '#c9603a', 0.4]], starts: { p10: 4, l1: 7.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: true, note: 'Leaves like wet enamel, brightest when nights turn cold.',
    },
  ),
];
