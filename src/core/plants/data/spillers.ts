import { colours, record, varietyOf } from './record';

const sweetPotato = record({
  id: 'sweet-potato-vine-lime', common: 'Sweet-potato vine', botanical: 'Ipomoea batatas', variety: 'lime', group: 'foliage', roles: ['spiller'], habit: 'trail',
  height: [150, 230], spread: [380, 560], trail: [400, 750], vigour: 5, sun: [3, 4, 8, 12], scorch: 4, water: 'thirsty', feed: 'medium',
  cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 85, 'heart', 'matte'], flower: ['none', 0, 0],
  colours: [['leaf', '#bdd531', 0.92], ['vein', '#a3bb2c', 0.08]], starts: { p9: 2.5, p10: 3.2 },
  deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Covers its neighbours by midsummer unless it is cut.',
});

const lobelia = record({
  id: 'lobelia-blue', common: 'Trailing lobelia', botanical: 'Lobelia erinus', variety: 'mid blue', group: 'warm bedding', roles: ['spiller'], habit: 'cascade',
  height: [110, 170], spread: [200, 300], trail: [150, 260], vigour: 2, sun: [2, 3, 7, 10], scorch: 3, water: 'thirsty', feed: 'medium',
  cold: { winter: -2, night: 1 }, season: 'cool', bloom: '0003 9974 5630', leaf: ['fine', 16, 'ovate', 'matte'], flower: ['round', 14, 0.55],
  colours: [['leaf', '#547a45', 1], ['flower', '#4a63cf', 0.85], ['throat', '#f2f3fa', 0.15]], starts: { pack6: 3.4, p9: 1.8 },
  deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: false, note: 'Browns in heat; shear it and it comes again.',
});

const ivy = record({
  id: 'ivy-variegated', common: 'Ivy', botanical: 'Hedera helix', variety: 'white edged', group: 'shade', roles: ['spiller'], habit: 'trail',
  height: [90, 150], spread: [220, 340], trail: [250, 500], vigour: 2, sun: [0, 1, 6, 10], scorch: 3, water: 'moderate', feed: 'light',
  cold: { winter: -20, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 42, 'lobed', 'glossy'], flower: ['none', 0, 0],
  colours: [['leaf', '#4c7048', 0.68], ['edge', '#e6e8cf', 0.32]], starts: { pack6: 4.8, p9: 2, p10: 2.8 },
  deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Sap irritates some skins; keep off walls and trees.',
});

const scaevola = record({
  id: 'fan-flower-blue', common: 'Fan flower', botanical: 'Scaevola aemula', variety: 'violet-blue', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
  height: [140, 210], spread: [320, 460], trail: [200, 360], vigour: 4, sun: [4, 6, 13, 15], scorch: null, water: 'moderate', feed: 'light',
  cold: { winter: -2, night: 3 }, season: 'warm', bloom: '0000 4899 9850', leaf: ['medium', 35, 'ovate', 'matte'], flower: ['airy', 24, 0.45],
  colours: [['leaf', '#4f7d43', 1], ['flower', '#7366c4', 0.88], ['throat', '#f3efe0', 0.12]], starts: { p9: 2.6, p10: 3.4 },
  deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Takes heat and a missed watering.',
});

export const spillers = [
  sweetPotato,
  varietyOf(sweetPotato, { id: 'sweet-potato-vine-dark', variety: 'near black', vigour: 4, scorchAfternoonH: null, sunHours: [4, 5, 10, 13], colours: colours(['leaf', '#3a2338', 0.92], ['vein', '#5a3a55', 0.08]) }),
  record({
    id: 'dichondra-silver', common: 'Silver dichondra', botanical: 'Dichondra argentea', variety: '', group: 'foliage', roles: ['spiller'], habit: 'trail',
    height: [60, 100], spread: [260, 380], trail: [350, 650], vigour: 3, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: -4, night: 2 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 20, 'round', 'felted'], flower: ['none', 0, 0],
    colours: [['leaf', '#b3c2ba', 1]], starts: { p9: 2.4, p10: 3.2 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'A curtain of silver coins; let it dry between.',
  }),
  lobelia,
  varietyOf(lobelia, { id: 'lobelia-white', variety: 'white', colours: colours(['leaf', '#5d8450', 1], ['flower', '#f7f7f6', 0.94], ['throat', '#dbe3c0', 0.06]) }),
  record({
    id: 'bacopa-white', common: 'Bacopa', botanical: 'Chaenostoma cordatum', variety: 'white', group: 'warm bedding', roles: ['spiller'], habit: 'cascade',
    height: [90, 150], spread: [260, 380], trail: [200, 380], vigour: 3, sun: [3, 4, 8, 11], scorch: 4, water: 'thirsty', feed: 'medium',
    cold: { winter: -2, night: 1 }, season: 'warm', bloom: '0001 7988 8862', leaf: ['fine', 16, 'round', 'matte'], flower: ['round', 16, 0.5],
    colours: [['leaf', '#4f7f45', 1], ['flower', '#fbfbf8', 0.92], ['throat', '#eec53a', 0.08]], starts: { pack6: 4.4, p9: 2.2 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Drops every flower if it dries out once.',
  }),
  record({
    id: 'verbena-trailing-violet', common: 'Trailing verbena', botanical: 'Verbena × hybrida', variety: 'violet', group: 'warm bedding', roles: ['spiller', 'filler'], habit: 'cascade',
    height: [130, 200], spread: [320, 460], trail: [200, 360], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
    cold: { winter: -4, night: 1 }, season: 'warm', bloom: '0000 4899 9850', leaf: ['fine', 32, 'feather', 'matte'], flower: ['ball', 38, 0.42],
    colours: [['leaf', '#4d7940', 1], ['flower', '#6a33a8', 0.92], ['throat', '#d8c4f0', 0.08]], starts: { pack6: 4.5, p9: 2.4 },
    deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'Pinch twice and it covers a rim by July.',
  }),
  scaevola,
  varietyOf(scaevola, { id: 'fan-flower-pink', variety: 'pink', colours: colours(['leaf', '#4f7d43', 1], ['flower', '#e08ab4', 0.88], ['throat', '#f8efe4', 0.12]) }),
  ivy,
  varietyOf(ivy, { id: 'ivy-green', variety: 'green, fine', coldestWinterC: -24, scorchAfternoonH: null, colours: colours(['leaf', '#3c6a3d', 0.85], ['vein', '#86a676', 0.15]) }),
  record({
    id: 'creeping-jenny-gold', common: 'Creeping jenny', botanical: 'Lysimachia nummularia', variety: 'gold', group: 'perennial', roles: ['spiller'], habit: 'trail',
    height: [50, 90], spread: [260, 380], trail: [250, 480], vigour: 3, sun: [1, 2, 6, 8], scorch: 2.5, water: 'thirsty', feed: 'light',
    cold: { winter: -25, night: -8 }, season: 'year-round', bloom: '0000 0230 0000', leaf: ['fine', 22, 'round', 'glossy'], flower: ['round', 18, 0.06],
    colours: [['leaf', '#cdd53c', 1], ['flower', '#f2cf1e', 1]], starts: { pack6: 4.4, p9: 2 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Roots wherever it lands: keep it off open ground.',
  }),
  record({
    id: 'periwinkle-variegated', common: 'Greater periwinkle', botanical: 'Vinca major', variety: 'cream edged', group: 'foliage', roles: ['spiller'], habit: 'trail',
    height: [130, 210], spread: [300, 420], trail: [350, 650], vigour: 3, sun: [1, 2, 7, 10], scorch: 4, water: 'moderate', feed: 'light',
    cold: { winter: -15, night: -8 }, season: 'year-round', bloom: '0047 5100 0000', leaf: ['medium', 45, 'ovate', 'glossy'], flower: ['round', 34, 0.06],
    colours: [['leaf', '#5d8550', 0.66], ['edge', '#e8e5b8', 0.34], ['flower', '#6a6fc9', 1]], starts: { pack6: 5.4, p9: 2.2, p10: 3 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'no', spreads: true, note: 'Long plain ropes, good in a tall pot.',
  }),
  record({
    id: 'ground-ivy-variegated', common: 'Ground ivy', botanical: 'Glechoma hederacea', variety: 'white edged', group: 'foliage', roles: ['spiller'], habit: 'trail',
    height: [60, 110], spread: [240, 340], trail: [400, 800], vigour: 4, sun: [1, 2, 6, 9], scorch: 3, water: 'moderate', feed: 'light',
    cold: { winter: -20, night: -5 }, season: 'year-round', bloom: '0002 2000 0000', leaf: ['fine', 26, 'round', 'felted'], flower: ['none', 0, 0],
    colours: [['leaf', '#7fa36a', 0.68], ['edge', '#eef0e2', 0.32]], starts: { pack6: 4.6, p9: 2 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'no', spreads: true, note: 'Hangs straight as string; trim before it reaches soil.',
  }),
  record({
    id: 'liquorice-plant-silver', common: 'Liquorice plant', botanical: 'Helichrysum petiolare', variety: 'silver', group: 'foliage', roles: ['spiller', 'filler'], habit: 'trail',
    height: [140, 230], spread: [340, 500], trail: [180, 360], vigour: 4, sun: [3, 5, 12, 14], scorch: null, water: 'moderate', feed: 'light',
    cold: { winter: -3, night: 1 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 24, 'round', 'felted'], flower: ['none', 0, 0],
    colours: [['leaf', '#c3ccbd', 1]], starts: { pack6: 4.4, p9: 2.1 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: true, note: 'Pushes through others: shorten it now and then.',
  }),
  record({
    id: 'begonia-trailing-orange', common: 'Trailing begonia', botanical: 'Begonia boliviensis', variety: 'orange', group: 'shade', roles: ['spiller', 'filler'], habit: 'cascade',
    height: [180, 280], spread: [260, 380], trail: [180, 330], vigour: 3, sun: [1, 2, 5, 7], scorch: 2, water: 'moderate', feed: 'medium',
    cold: { winter: -1, night: 6 }, season: 'warm', bloom: '0000 3799 9730', leaf: ['medium', 70, 'ovate', 'glossy'], flower: ['bell', 45, 0.42],
    colours: [['leaf', '#4b7a42', 1], ['flower', '#f0552b', 1]], starts: { p9: 2.8, p10: 3.8 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Hanging bells in shade; stems snap, so handle low.',
  }),
  record({
    id: 'fuchsia-trailing-pink', common: 'Trailing fuchsia', botanical: 'Fuchsia × hybrida', variety: 'pink and white', group: 'shade', roles: ['spiller'], habit: 'cascade',
    height: [180, 270], spread: [280, 400], trail: [180, 340], vigour: 3, sun: [1, 2, 5, 6], scorch: 2, water: 'thirsty', feed: 'hungry',
    cold: { winter: -2, night: 4 }, season: 'warm', bloom: '0000 2799 9840', leaf: ['medium', 38, 'ovate', 'matte'], flower: ['bell', 50, 0.4],
    colours: [['leaf', '#50793f', 1], ['flower', '#e7608f', 0.55], ['throat', '#f7e9ef', 0.45]], starts: { pack6: 5.6, p9: 2.6 },
    deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pinch three times before you let it bloom.',
  }),
  record({
    id: 'torenia-blue', common: 'Wishbone flower', botanical: 'Torenia fournieri', variety: 'trailing, violet-blue', group: 'shade', roles: ['spiller', 'filler'], habit: 'cascade',
    height: [150, 220], spread: [220, 320], trail: [120, 230], vigour: 2, sun: [1, 2, 5, 7], scorch: 2, water: 'thirsty', feed: 'medium',
    cold: { winter: 3, night: 9 }, season: 'warm', bloom: '0000 3899 8630', leaf: ['medium', 38, 'ovate', 'matte'], flower: ['trumpet', 26, 0.42],
    colours: [['leaf', '#548046', 1], ['flower', '#5a55bd', 0.75], ['throat', '#ece8f8', 0.25]], starts: { pack6: 4.4, p9: 2.3 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'The lobelia for warm shade.',
  }),
  record({
    id: 'nasturtium-trailing', common: 'Nasturtium', botanical: 'Tropaeolum majus', variety: 'trailing, mixed orange', group: 'herb', roles: ['spiller'], habit: 'trail',
    height: [160, 240], spread: [320, 480], trail: [300, 600], vigour: 4, sun: [3, 5, 10, 13], scorch: 5, water: 'moderate', feed: 'light',
    cold: { winter: 0, night: 3 }, season: 'warm', bloom: '0000 1789 8730', leaf: ['medium', 55, 'round', 'matte'], flower: ['trumpet', 50, 0.25],
    colours: [['leaf', '#6c9a58', 0.9], ['vein', '#a9c48c', 0.1], ['flower', '#f4761c', 0.75], ['throat', '#c2331a', 0.25]], starts: { pack6: 3.2, p9: 1.8 },
    deadhead: 'helps', pinch: 'no', edible: 'flower', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Lean feeding gives more flower; watch for blackfly.',
  }),
  record({
    id: 'thyme-creeping', common: 'Creeping thyme', botanical: 'Thymus serpyllum', variety: 'lilac', group: 'herb', roles: ['spiller'], habit: 'cascade',
    height: [40, 80], spread: [200, 300], trail: [80, 180], vigour: 2, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: -28, night: -15 }, season: 'year-round', bloom: '0000 1872 0000', leaf: ['fine', 7, 'ovate', 'matte'], flower: ['airy', 6, 0.4],
    colours: [['leaf', '#5f7d52', 1], ['flower', '#b98ccb', 1]], starts: { p9: 2.2, l1: 4.8 },
    deadhead: 'no', pinch: 'helps', edible: 'leaf', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Clip after flowering to keep it dense.',
  }),
  record({
    id: 'stonecrop-trailing-gold', common: 'Trailing stonecrop', botanical: 'Sedum rupestre', variety: 'gold', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
    height: [60, 110], spread: [220, 320], trail: [100, 220], vigour: 2, sun: [4, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: -26, night: -18 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 14, 'needle', 'waxy'], flower: ['none', 0, 0],
    colours: [['leaf', '#c7cf4d', 0.85], ['edge', '#dd9a4c', 0.15]], starts: { pack6: 4.6, p9: 2.2 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Any broken piece roots.',
  }),
  record({
    id: 'string-of-pearls', common: 'String of pearls', botanical: 'Curio rowleyanus', variety: '', group: 'succulent', roles: ['spiller'], habit: 'trail',
    height: [30, 60], spread: [180, 260], trail: [250, 550], vigour: 2, sun: [2, 3, 7, 9], scorch: 3, water: 'dry', feed: 'light',
    cold: { winter: 3, night: 7 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 9, 'round', 'waxy'], flower: ['none', 0, 0],
    colours: [['leaf', '#7fae6c', 1]], starts: { p9: 4.5, p10: 6 },
    deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Poisonous if eaten; hang it out of reach.',
  }),
  record({
    id: 'portulaca-pink', common: 'Moss rose', botanical: 'Portulaca grandiflora', variety: 'hot pink', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
    height: [90, 150], spread: [220, 320], trail: [90, 180], vigour: 2, sun: [6, 7, 14, 15], scorch: null, water: 'dry', feed: 'light',
    cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 0699 9720', leaf: ['fine', 18, 'needle', 'waxy'], flower: ['round', 34, 0.4],
    colours: [['leaf', '#6a9456', 1], ['flower', '#e62c7e', 0.9], ['throat', '#f5d64c', 0.1]], starts: { pack6: 4, p9: 2 },
    deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Opens only in sun; bone dry suits it.',
  }),
];
