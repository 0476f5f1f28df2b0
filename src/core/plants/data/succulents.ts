import { kin } from './record';

export const succulents = [
  ...kin(
    {
      id: 'agave-blue', common: 'Agave', botanical: 'Agave parryi', variety: 'blue-grey', group: 'succulent', roles: ['thriller'], habit: 'rosette',
      height: [260, 420], spread: [300, 450], trail: [0, 0], vigour: 1, sun: [5, 7, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -12, night: -4 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 220, 'rosette', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#8fa6a3', 0.9], ['edge', '#4b3a35', 0.1]], starts: { p10: 7, l1: 11, l2: 18 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Hard spines at eye height for a child: site with care.',
    },
  ),
  ...kin(
    {
      id: 'aloe-tall', common: 'Aloe', botanical: 'Aloe arborescens', variety: 'torch', group: 'succulent', roles: ['thriller'], habit: 'rosette',
      height: [300, 520], spread: [280, 420], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -2, night: 4 }, season: 'year-round', bloom: '3000 0000 0025', leaf: ['bold', 260, 'rosette', 'waxy'], flower: ['plume', 120, 0.04],
      colours: [['leaf', '#6d8f73', 0.95], ['edge', '#b7c9a4', 0.05], ['flower', '#e2522b', 1]], starts: { p10: 6, l1: 9.5, l2: 15 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Let the mix dry right down between waterings.',
    },
  ),
  ...kin(
    {
      id: 'echeveria-grey-pink', common: 'Echeveria', botanical: 'Echeveria hybrid', variety: 'grey-pink rosette', group: 'succulent', roles: ['filler'], habit: 'rosette',
      height: [70, 120], spread: [130, 200], trail: [0, 0], vigour: 1, sun: [4, 5, 11, 13], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0120 0000', leaf: ['medium', 55, 'rosette', 'waxy'], flower: ['bell', 12, 0.04],
      colours: [['leaf', '#a9b3b3', 0.8], ['edge', '#c78f9a', 0.2], ['flower', '#e8846f', 1]], starts: { p9: 3.2, p10: 4.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Let it dry right out; keep water off the rosette.',
    },
    { id: 'echeveria-green-red', variety: 'green, red tipped', colours: [['leaf', '#8fb58a', 0.85], ['edge', '#c9435a', 0.15], ['flower', '#e8846f', 1]] },
    { id: 'echeveria-dark', variety: 'near black', colours: [['leaf', '#4a3038', 0.85], ['edge', '#7a4a50', 0.15], ['flower', '#cf4a3a', 1]] },
  ),
  ...kin(
    {
      id: 'stonecrop-upright', common: 'Stonecrop', botanical: 'Hylotelephium spectabile', variety: 'dusky pink', group: 'succulent', roles: ['filler'], habit: 'bush',
      height: [220, 360], spread: [220, 320], trail: [0, 0], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -25, night: -5 }, season: 'hardy', bloom: '0000 0003 9951', leaf: ['medium', 45, 'round', 'waxy'], flower: ['ball', 70, 0.4],
      colours: [['leaf', '#8aa58a', 1], ['flower', '#cf6f8e', 1]], starts: { p9: 2.8, l1: 5.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Late flower for bees; leave the heads for winter.',
    },
  ),
  ...kin(
    {
      id: 'cactus-golden', common: 'Golden barrel cactus', botanical: 'Kroenleinia grusonii', variety: 'young', group: 'succulent', roles: ['filler'], habit: 'rosette',
      height: [90, 160], spread: [90, 160], trail: [0, 0], vigour: 1, sun: [5, 7, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 25, 'needle', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f8a55', 0.6], ['edge', '#e4cf6e', 0.4]], starts: { p9: 5, p10: 7.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'none', 'none'], sap: 'no', spreads: false, note: 'Spines: handle with folded paper.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'stonecrop-trailing-gold', common: 'Trailing stonecrop', botanical: 'Petrosedum rupestre', variety: 'gold', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [60, 110], spread: [220, 320], trail: [100, 220], vigour: 2, sun: [4, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -26, night: -18 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 14, 'needle', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#c7cf4d', 0.85], ['edge', '#dd9a4c', 0.15]], starts: { pack6: 4.6, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Any broken piece roots.',
    },
    { id: 'stonecrop-trailing-blue', variety: 'blue-grey', colours: [['leaf', '#7f9a9a', 0.9], ['edge', '#b08a94', 0.1]] },
  ),
  ...kin(
    {
      id: 'string-of-pearls', common: 'String of pearls', botanical: 'Curio rowleyanus', variety: '', group: 'succulent', roles: ['spiller'], habit: 'trail',
      height: [30, 60], spread: [180, 260], trail: [250, 550], vigour: 2, sun: [2, 3, 7, 9], scorch: 3, water: 'dry', feed: 'light',
      cold: { winter: 3, night: 7 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 9, 'round', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#7fae6c', 1]], starts: { p9: 4.5, p10: 6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Poisonous if eaten; hang it out of reach.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'portulaca-pink', common: 'Moss rose', botanical: 'Portulaca grandiflora', variety: 'hot pink', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [90, 150], spread: [220, 320], trail: [90, 180], vigour: 2, sun: [6, 7, 14, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 0699 9720', leaf: ['fine', 18, 'needle', 'waxy'], flower: ['round', 34, 0.4],
      colours: [['leaf', '#6a9456', 1], ['flower', '#e62c7e', 0.9], ['throat', '#f5d64c', 0.1]], starts: { pack6: 4, p9: 2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Opens only in sun; bone dry suits it.',
    },
    { id: 'portulaca-yellow', variety: 'yellow', colours: [['leaf', '#6a9456', 1], ['flower', '#f6d02a', 0.92], ['throat', '#e08a1a', 0.08]] },
    { id: 'portulaca-white', variety: 'white', colours: [['leaf', '#6f9a5a', 1], ['flower', '#f7f5f0', 0.9], ['throat', '#f0d24a', 0.1]] },
  ),
  ...kin(
    {
      id: 'houseleek-red', common: 'Houseleek', botanical: 'Sempervivum tectorum', variety: 'red', group: 'succulent', roles: ['filler'], habit: 'rosette',
      height: [50, 100], spread: [130, 200], trail: [0, 0], vigour: 1, sun: [4, 5, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -30, night: -20 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 40, 'rosette', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#8a3f44', 0.7], ['edge', '#6f8f5a', 0.3]], starts: { p9: 2.6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Lives on air and grit; each rosette leaves young behind.',
    },
    { id: 'houseleek-green', variety: 'green, webbed', colours: [['leaf', '#8aa86a', 0.75], ['edge', '#dfe3d6', 0.25]] },
  ),
  ...kin(
    {
      id: 'aeonium-black', common: 'Tree aeonium', botanical: 'Aeonium arboreum', variety: 'black', group: 'succulent', roles: ['thriller'], habit: 'rosette',
      height: [260, 500], spread: [240, 350], trail: [0, 0], vigour: 1, sun: [5, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 4 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 110, 'rosette', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#3a1f2a', 0.9], ['edge', '#5f7a44', 0.1]], starts: { p10: 6, l1: 9.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Black roses on stems; bring it in before frost.',
    },
  ),
  ...kin(
    {
      id: 'jade', common: 'Jade plant', botanical: 'Crassula ovata', variety: '', group: 'succulent', roles: ['thriller', 'filler'], habit: 'bush',
      height: [260, 450], spread: [220, 320], trail: [0, 0], vigour: 1, sun: [3, 4, 10, 12], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: 0, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 38, 'round', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f9a5c', 0.9], ['edge', '#b5443f', 0.1]], starts: { p10: 4.5, l1: 8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'A tree in little; water when leaves wrinkle.',
    },
  ),
  ...kin(
    {
      id: 'chalksticks', common: 'Blue chalksticks', botanical: 'Curio repens', variety: 'blue', group: 'succulent', roles: ['filler'], habit: 'mound',
      height: [100, 180], spread: [220, 320], trail: [60, 130], vigour: 2, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -3, night: 3 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 38, 'needle', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#8fb0b8', 1]], starts: { p9: 3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'The bluest leaf for dry pots; poisonous if eaten.', facts: { worlds: ['succulent', 'bedding', 'alpine'] },
    },
  ),
  ...kin(
    {
      id: 'kalanchoe-orange', common: 'Kalanchoe', botanical: 'Kalanchoe blossfeldiana', variety: 'orange', group: 'succulent', roles: ['filler'], habit: 'mound',
      height: [160, 260], spread: [180, 260], trail: [0, 0], vigour: 1, sun: [3, 4, 9, 11], scorch: 5, water: 'dry', feed: 'light',
      cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0002 5553 3321', leaf: ['medium', 60, 'round', 'waxy'], flower: ['ball', 60, 0.32],
      colours: [['leaf', '#3f7a42', 1], ['flower', '#f0701e', 1]], starts: { p9: 3, p10: 3.8 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Flowers for months; poisonous to pets.', poisonPart: 'flowers most',
    },
    { id: 'kalanchoe-pink', variety: 'pink', colours: [['leaf', '#3f7a42', 1], ['flower', '#e0528f', 1]] },
  ),
  ...kin(
    {
      id: 'burros-tail', common: 'Burro’s tail', botanical: 'Sedum morganianum', variety: '', group: 'succulent', roles: ['spiller'], habit: 'trail',
      height: [60, 110], spread: [160, 240], trail: [250, 500], vigour: 1, sun: [2, 3, 7, 10], scorch: 4, water: 'dry', feed: 'light',
      cold: { winter: 2, night: 6 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 18, 'needle', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#9fbf9f', 1]], starts: { p9: 4.5, p10: 6 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Every leaf that drops will root; hang it still.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'stonecrop-bronze', common: 'Caucasian stonecrop', botanical: 'Phedimus spurius', variety: 'bronze, rose flower', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [70, 120], spread: [240, 340], trail: [90, 180], vigour: 2, sun: [4, 5, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -30, night: -18 }, season: 'year-round', bloom: '0000 0397 2000', leaf: ['fine', 20, 'round', 'waxy'], flower: ['airy', 12, 0.2],
      colours: [['leaf', '#7a4a3f', 0.75], ['edge', '#8fa06a', 0.25], ['flower', '#cf4f86', 1]], starts: { pack6: 4.4, p9: 2.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'mild', 'mild'], sap: 'yes', spreads: false, note: 'Reddens as it dries and as it chills.',
    },
  ),
  ...kin(
    {
      id: 'delosperma-magenta', common: 'Ice plant', botanical: 'Delosperma cooperi', variety: 'magenta', group: 'succulent', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [60, 110], spread: [260, 360], trail: [120, 240], vigour: 2, sun: [6, 7, 14, 16], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -17, night: -6 }, season: 'year-round', bloom: '0000 0799 8400', leaf: ['fine', 30, 'needle', 'waxy'], flower: ['daisy', 42, 0.42],
      colours: [['leaf', '#7a9f6a', 1], ['flower', '#cf2a9a', 0.9], ['throat', '#f3eac0', 0.1]], starts: { pack6: 4.6, p9: 2.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Opens to the sun in sheets; likes to bake.',
    },
    { id: 'delosperma-orange', variety: 'orange', colours: [['leaf', '#7a9f6a', 1], ['flower', '#f2762a', 0.9], ['throat', '#f6e6a0', 0.1]], botanical: 'Delosperma hybrid' },
  ),
  ...kin(
    {
      id: 'yucca', common: 'Yucca', botanical: 'Yucca filamentosa', variety: 'gold striped', group: 'succulent', roles: ['thriller'], habit: 'fan',
      height: [400, 700], spread: [450, 600], trail: [0, 0], vigour: 1, sun: [5, 6, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -24, night: -15 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 450, 'strap', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f8f5a', 0.55], ['edge', '#e6d772', 0.45]], starts: { l1: 9, l2: 14, l3: 20 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Stiff tips at eye height: site with care.',
    },
  ),
  ...kin(
    {
      id: 'ghost-plant', common: 'Ghost plant', botanical: 'Graptopetalum paraguayense', variety: '', group: 'succulent', roles: ['filler', 'spiller'], habit: 'rosette',
      height: [90, 150], spread: [180, 260], trail: [80, 180], vigour: 1, sun: [4, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -6, night: -3 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 45, 'rosette', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#b5b9b5', 0.85], ['edge', '#c9a5a8', 0.15]], starts: { p9: 3.2 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pearl rosettes that lean out and hang with age.',
    },
  ),
  ...kin(
    {
      id: 'string-of-bananas', common: 'String of bananas', botanical: 'Curio radicans', variety: '', group: 'succulent', roles: ['spiller'], habit: 'trail',
      height: [30, 70], spread: [180, 260], trail: [300, 650], vigour: 2, sun: [2, 3, 8, 10], scorch: 4, water: 'dry', feed: 'light',
      cold: { winter: 2, night: 6 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 24, 'needle', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6fa45c', 1]], starts: { p9: 4.2, p10: 5.6 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Easier than pearls; as poisonous, so hang it high.', facts: { ease: 'occasional' },
    },
  ),
  ...kin(
    {
      id: 'baby-sun-rose', common: 'Baby sun rose', botanical: 'Mesembryanthemum cordifolium', variety: 'cream edged', group: 'succulent', roles: ['spiller'], habit: 'cascade',
      height: [50, 90], spread: [240, 340], trail: [150, 300], vigour: 3, sun: [3, 5, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -2, night: 4 }, season: 'warm', bloom: '0000 2466 6400', leaf: ['fine', 22, 'heart', 'waxy'], flower: ['daisy', 14, 0.06],
      colours: [['leaf', '#6f9f5a', 0.65], ['edge', '#ece9b8', 0.35], ['flower', '#d92a5c', 1]], starts: { p9: 2.4 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Fleshy and quick, with small red stars.',
    },
  ),
  ...kin(
    {
      id: 'agave-striped', common: 'Agave', botanical: 'Agave americana', variety: 'yellow edged', group: 'succulent', roles: ['thriller'], habit: 'rosette',
      height: [350, 600], spread: [400, 600], trail: [0, 0], vigour: 1, sun: [5, 7, 13, 15], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -6, night: -4 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 380, 'rosette', 'waxy'], flower: ['none', 0, 0],
      colours: [['leaf', '#7f9f98', 0.6], ['edge', '#e9dc84', 0.4]], starts: { l1: 11, l2: 18, l3: 26 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['irritant', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Wicked tips and burning sap: gloves, and away from paths.',
    },
  ),
];
