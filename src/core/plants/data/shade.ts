import { kin } from './record';

export const shadePlants = [
  ...kin(
    {
      id: 'caladium-white', common: 'Caladium', botanical: 'Caladium bicolor', variety: 'white, green veined', group: 'shade', roles: ['thriller', 'filler'], habit: 'cane',
      height: [320, 520], spread: [300, 420], trail: [0, 0], vigour: 2, sun: [0, 1, 4, 6], scorch: 1.5, water: 'moderate', feed: 'medium',
      cold: { winter: 8, night: 12 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 190, 'heart', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#eef1e6', 0.6], ['vein', '#3f7a48', 0.25], ['edge', '#4c8a50', 0.15]], starts: { p10: 5, l1: 8 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: false, note: 'Lights up shade; hates cold, wet mix.',
    },
    { id: 'caladium-red', variety: 'red, green edged', colours: [['leaf', '#c92f45', 0.6], ['edge', '#3f7a48', 0.4]] },
    { id: 'caladium-pink', variety: 'pink, green veined', colours: [['leaf', '#ee9ab0', 0.6], ['vein', '#3f7a48', 0.25], ['edge', '#4c8a50', 0.15]] },
  ),
  ...kin(
    {
      id: 'begonia-cane', common: 'Cane begonia', botanical: 'Begonia hybrid', variety: 'coral, spotted leaf', group: 'shade', roles: ['thriller'], habit: 'cane',
      height: [400, 700], spread: [300, 450], trail: [0, 0], vigour: 3, sun: [0, 1.5, 4.5, 6], scorch: 1.5, water: 'moderate', feed: 'medium',
      cold: { winter: 3, night: 8 }, season: 'warm', bloom: '0000 3689 9850', leaf: ['bold', 140, 'ovate', 'glossy'], flower: ['bell', 40, 0.2],
      colours: [['leaf', '#486b4e', 0.75], ['vein', '#c8d3c4', 0.15], ['edge', '#8b3a45', 0.1], ['flower', '#ee6c5f', 1]], starts: { p10: 4.8, l1: 8.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Tall canes for shade; stake in wind.',
    },
    { id: 'begonia-cane-white', variety: 'white, spotted leaf', colours: [['leaf', '#486b4e', 0.75], ['vein', '#c8d3c4', 0.15], ['edge', '#8b3a45', 0.1], ['flower', '#f8efec', 1]] },
  ),
  ...kin(
    {
      id: 'fuchsia-upright', common: 'Fuchsia', botanical: 'Fuchsia × hybrida', variety: 'red and violet, upright', group: 'shade', roles: ['thriller', 'filler'], habit: 'bush',
      height: [300, 550], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'thirsty', feed: 'hungry',
      cold: { winter: -4, night: 3 }, season: 'warm', bloom: '0000 3599 9961', leaf: ['medium', 42, 'ovate', 'matte'], flower: ['bell', 46, 0.3],
      colours: [['leaf', '#4b733f', 0.9], ['stem', '#8a3b3f', 0.1], ['flower', '#cf1f4f', 0.6], ['throat', '#5b2a8c', 0.4]], starts: { pack6: 6, p9: 2.8, l1: 6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Nip off seed pods to keep flowers coming.',
    },
    { id: 'fuchsia-upright-white', variety: 'pink and white, upright', colours: [['leaf', '#50793f', 1], ['flower', '#f0a6bd', 0.5], ['throat', '#f8f2f2', 0.5]] },
    { id: 'fuchsia-upright-all-white', variety: 'white, upright', colours: [['leaf', '#5a8546', 1], ['flower', '#f7f2ee', 0.75], ['throat', '#fbf7f2', 0.25]] },
  ),
  ...kin(
    {
      id: 'impatiens-coral', common: 'Busy lizzie', botanical: 'Impatiens walleriana', variety: 'coral', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [180, 280], spread: [220, 320], trail: [0, 0], vigour: 3, sun: [0, 1, 4, 6], scorch: 1.5, water: 'thirsty', feed: 'medium',
      cold: { winter: 2, night: 7 }, season: 'warm', bloom: '0000 5999 8630', leaf: ['medium', 45, 'ovate', 'glossy'], flower: ['round', 40, 0.48],
      colours: [['leaf', '#4d7f45', 1], ['flower', '#f26d5b', 0.92], ['throat', '#c92f4a', 0.08]], starts: { plug: 9, pack6: 4, p9: 2 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'The first to wilt: a shade plant that drinks.',
    },
    { id: 'impatiens-white', variety: 'white', colours: [['leaf', '#4d7f45', 1], ['flower', '#fbfaf6', 0.94], ['throat', '#d9e0b0', 0.06]] },
    { id: 'impatiens-violet', variety: 'violet', colours: [['leaf', '#4d7f45', 1], ['flower', '#9a4fc0', 0.92], ['throat', '#5d2480', 0.08]] },
    { id: 'impatiens-rose', variety: 'rose red', colours: [['leaf', '#3f7038', 1], ['flower', '#dc2f5c', 1]] },
    { id: 'impatiens-orange', variety: 'orange', colours: [['leaf', '#4d7f45', 1], ['flower', '#f47a2a', 0.94], ['throat', '#d9482a', 0.06]] },
    { id: 'impatiens-pink', variety: 'pink', colours: [['leaf', '#4d7f45', 1], ['flower', '#f48db4', 0.94], ['throat', '#d94f8a', 0.06]] },
  ),
  ...kin(
    {
      id: 'fern-sword', common: 'Sword fern', botanical: 'Nephrolepis exaltata', variety: '', group: 'shade', roles: ['filler', 'thriller'], habit: 'frond',
      height: [300, 480], spread: [400, 560], trail: [0, 120], vigour: 3, sun: [0, 0.5, 3, 5], scorch: 1, water: 'thirsty', feed: 'light',
      cold: { winter: -1, night: 5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 420, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#5f9a4a', 0.9], ['stem', '#8a7b46', 0.1]], starts: { p9: 3, l1: 6.5, l2: 10 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Mist in dry heat; never let it dry out.',
    },
  ),
  ...kin(
    {
      id: 'fern-shield', common: 'Shield fern', botanical: 'Polystichum setiferum', variety: '', group: 'shade', roles: ['filler', 'thriller'], habit: 'frond',
      height: [280, 480], spread: [360, 520], trail: [0, 0], vigour: 2, sun: [0, 0.5, 3.5, 5], scorch: 1, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -15 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 380, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#477a43', 0.88], ['stem', '#7a5b35', 0.12]], starts: { p9: 3.4, l1: 7.5, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Cut old fronds as the new ones uncurl.',
    },
  ),
  ...kin(
    {
      id: 'ivy-variegated', common: 'Ivy', botanical: 'Hedera helix', variety: 'white edged', group: 'shade', roles: ['spiller'], habit: 'trail',
      height: [110, 190], spread: [240, 360], trail: [250, 500], vigour: 2, sun: [0, 1, 6, 10], scorch: 3, water: 'moderate', feed: 'light',
      cold: { winter: -20, night: -12 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 42, 'lobed', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4c7048', 0.68], ['edge', '#e6e8cf', 0.32]], starts: { pack6: 4.8, p9: 2, p10: 2.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Sap irritates some skins; keep off walls and trees.', poisonPart: 'leaf and berry',
    },
    { id: 'ivy-green', variety: 'green, fine', cold: { winter: -24, night: -12 }, scorch: null, colours: [['leaf', '#3c6a3d', 0.85], ['vein', '#86a676', 0.15]] },
  ),
  ...kin(
    {
      id: 'begonia-trailing-orange', common: 'Trailing begonia', botanical: 'Begonia boliviensis', variety: 'orange', group: 'shade', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [180, 280], spread: [260, 380], trail: [180, 330], vigour: 3, sun: [1, 2, 5, 10], scorch: 4, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 6 }, season: 'warm', bloom: '0000 3799 9730', leaf: ['medium', 70, 'ovate', 'glossy'], flower: ['bell', 45, 0.42],
      colours: [['leaf', '#4b7a42', 1], ['flower', '#f0552b', 1]], starts: { p9: 2.8, p10: 3.8 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Hanging bells in shade; stems snap, so handle low.', poisonPart: 'tuber, roots and stems',
    },
    { id: 'begonia-trailing-red', variety: 'scarlet', colours: [['leaf', '#4b7a42', 1], ['flower', '#d2202a', 1]] },
    { id: 'begonia-trailing-white', variety: 'white, pink flush', colours: [['leaf', '#55833f', 1], ['flower', '#f8ecec', 1]] },
    { id: 'begonia-trailing-yellow', variety: 'yellow', colours: [['leaf', '#55833f', 1], ['flower', '#f5d23f', 1]] },
  ),
  ...kin(
    {
      id: 'fuchsia-trailing-pink', common: 'Trailing fuchsia', botanical: 'Fuchsia × hybrida', variety: 'pink and white', group: 'shade', roles: ['spiller'], habit: 'cascade',
      height: [180, 270], spread: [280, 400], trail: [180, 340], vigour: 3, sun: [0.5, 1.5, 5, 6], scorch: 2, water: 'thirsty', feed: 'hungry',
      cold: { winter: -2, night: 4 }, season: 'warm', bloom: '0000 2799 9840', leaf: ['medium', 38, 'ovate', 'matte'], flower: ['bell', 50, 0.4],
      colours: [['leaf', '#50793f', 1], ['flower', '#e7608f', 0.55], ['throat', '#f7e9ef', 0.45]], starts: { slip: 0.6, cutting: 1.2, pack6: 5.6, p9: 2.6 },
      deadhead: 'helps', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pinch three times before you let it bloom.',
    },
    { id: 'fuchsia-trailing-violet', variety: 'red and violet', colours: [['leaf', '#4b733f', 1], ['flower', '#c91f48', 0.5], ['throat', '#5a2a8a', 0.5]] },
    { id: 'fuchsia-trailing-white', variety: 'white', colours: [['leaf', '#56803f', 1], ['flower', '#f4e6e6', 0.5], ['throat', '#faf7f5', 0.5]] },
  ),
  ...kin(
    {
      id: 'torenia-blue', common: 'Wishbone flower', botanical: 'Torenia hybrid', variety: 'trailing, violet-blue', group: 'shade', roles: ['spiller', 'filler'], habit: 'cascade',
      height: [150, 220], spread: [220, 320], trail: [120, 230], vigour: 2, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'thirsty', feed: 'medium',
      cold: { winter: 3, night: 9 }, season: 'warm', bloom: '0000 3899 8630', leaf: ['medium', 38, 'ovate', 'matte'], flower: ['trumpet', 26, 0.42],
      colours: [['leaf', '#548046', 1], ['flower', '#5a55bd', 0.75], ['throat', '#ece8f8', 0.25]], starts: { pack6: 4.4, p9: 2.3 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'The lobelia for warm shade.',
    },
    { id: 'torenia-pink', variety: 'trailing, rose', colours: [['leaf', '#548046', 1], ['flower', '#d85f94', 0.75], ['throat', '#f6e9ef', 0.25]], poison: ['none', 'none', 'none'] },
    { id: 'torenia-yellow', variety: 'trailing, yellow', colours: [['leaf', '#548046', 1], ['flower', '#f3d650', 0.8], ['throat', '#7a2f52', 0.2]] },
  ),
  ...kin(
    {
      id: 'coleus-trailing', common: 'Trailing coleus', botanical: 'Coleus scutellarioides', variety: 'burgundy, green edge', group: 'shade', roles: ['spiller'], habit: 'cascade',
      height: [120, 200], spread: [260, 380], trail: [150, 300], vigour: 3, sun: [0.5, 1.5, 7, 9], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['medium', 38, 'ovate', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#6e1f38', 0.75], ['edge', '#9cb84e', 0.25]], starts: { p9: 2.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'unknown', spreads: false, note: 'Pinch the tips and it fills a rim in weeks.',
    },
    { id: 'coleus-trailing-lime', variety: 'lime, wine heart', colours: [['leaf', '#bccb3e', 0.75], ['vein', '#8a2a44', 0.25]] },
  ),
  ...kin(
    {
      id: 'impatiens-sun-orange', common: 'New Guinea impatiens', botanical: 'Impatiens hawkeri', variety: 'orange', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [250, 380], spread: [260, 360], trail: [0, 0], vigour: 3, sun: [2, 4, 9, 12], scorch: 4, water: 'thirsty', feed: 'medium',
      cold: { winter: 4, night: 9 }, season: 'warm', bloom: '0000 4899 9740', leaf: ['medium', 85, 'ovate', 'glossy'], flower: ['round', 58, 0.38],
      colours: [['leaf', '#3a6a38', 0.85], ['vein', '#8a3f3a', 0.15], ['flower', '#f26a24', 1]], starts: { p9: 2.6, p10: 3.4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Bigger leaf and flower than its cousin; drinks like a fish.',
    },
    { id: 'impatiens-sun-pink', variety: 'pink', colours: [['leaf', '#3a6a38', 0.85], ['vein', '#8a3f3a', 0.15], ['flower', '#ee86ac', 1]] },
    { id: 'impatiens-sun-white', variety: 'white', colours: [['leaf', '#3f7038', 1], ['flower', '#f8f6f4', 1]] },
    { id: 'impatiens-sun-red', variety: 'red', colours: [['leaf', '#3a6a38', 0.85], ['vein', '#8a3f3a', 0.15], ['flower', '#d92032', 1]] },
    { id: 'impatiens-sun-violet', variety: 'violet', colours: [['leaf', '#3a6038', 0.85], ['vein', '#6e3a4a', 0.15], ['flower', '#9a4cc4', 1]] },
  ),
  ...kin(
    {
      id: 'fuchsia-coral', common: 'Coral fuchsia', botanical: 'Fuchsia triphylla', variety: 'coral, bronze leaf', group: 'shade', roles: ['thriller'], habit: 'bush',
      height: [400, 650], spread: [320, 450], trail: [0, 0], vigour: 3, sun: [2, 3, 7, 10], scorch: 4, water: 'thirsty', feed: 'hungry',
      cold: { winter: -1, night: 5 }, season: 'warm', bloom: '0000 2699 9961', leaf: ['medium', 70, 'ovate', 'felted'], flower: ['bell', 52, 0.25],
      colours: [['leaf', '#4f5f3c', 0.7], ['vein', '#7a3f3c', 0.3], ['flower', '#ea5a3a', 1]], starts: { p9: 3, l1: 6.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Long coral tubes; takes more sun than other fuchsias.',
    },
  ),
  ...kin(
    {
      id: 'begonia-tuber-red', common: 'Tuberous begonia', botanical: 'Begonia × tuberhybrida', variety: 'red, double', group: 'shade', roles: ['filler'], habit: 'bush',
      height: [250, 380], spread: [260, 360], trail: [0, 0], vigour: 2, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 7 }, season: 'warm', bloom: '0000 2699 9730', leaf: ['bold', 110, 'ovate', 'matte'], flower: ['ball', 95, 0.3],
      colours: [['leaf', '#4a7a40', 1], ['flower', '#d01f30', 1]], starts: { bare: 2, p9: 3, p10: 4 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Lift the tubers when frost blackens the leaf.', facts: { cuttings: 'no' }, poisonPart: 'tuber, roots and stems',
    },
    { id: 'begonia-tuber-yellow', variety: 'yellow, double', colours: [['leaf', '#527f42', 1], ['flower', '#f4cf3a', 1]] },
    { id: 'begonia-tuber-apricot', variety: 'apricot, double', colours: [['leaf', '#527f42', 1], ['flower', '#f5a56a', 1]] },
    { id: 'begonia-tuber-white', variety: 'white, double', colours: [['leaf', '#527f42', 1], ['flower', '#f9f5ec', 1]] },
    { id: 'begonia-tuber-orange', variety: 'orange, double', colours: [['leaf', '#4a7a40', 1], ['flower', '#f26a1f', 1]] },
    { id: 'begonia-tuber-pink', variety: 'pink, double', colours: [['leaf', '#4a7a40', 1], ['flower', '#ee7ea6', 1]] },
  ),
  ...kin(
    {
      id: 'begonia-rex', common: 'Rex begonia', botanical: 'Begonia rex', variety: 'silver and wine', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [180, 300], spread: [240, 340], trail: [0, 0], vigour: 2, sun: [0, 1, 3, 4.5], scorch: 1, water: 'moderate', feed: 'light',
      cold: { winter: 4, night: 10 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 140, 'heart', 'felted'], flower: ['none', 0, 0],
      colours: [['leaf', '#b9c2bb', 0.45], ['edge', '#6e2a44', 0.4], ['vein', '#4a3a42', 0.15]], starts: { p10: 4.2, l1: 7 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Grown for leaves alone; keep wind and wet off them.', poisonPart: 'roots and stems',
    },
  ),
  ...kin(
    {
      id: 'browallia-blue', common: 'Bush violet', botanical: 'Browallia speciosa', variety: 'violet-blue', group: 'shade', roles: ['filler'], habit: 'mound',
      height: [200, 320], spread: [250, 350], trail: [60, 150], vigour: 2, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'moderate', feed: 'medium',
      cold: { winter: 2, night: 8 }, season: 'warm', bloom: '0000 3699 9730', leaf: ['medium', 40, 'ovate', 'matte'], flower: ['round', 36, 0.36],
      colours: [['leaf', '#4f8042', 1], ['flower', '#5f50b8', 0.85], ['throat', '#f3f2f8', 0.15]], starts: { p9: 2.5 },
      deadhead: 'no', pinch: 'helps', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'unknown', spreads: false, note: 'Blue for shade, which is rare.',
    },
  ),
  ...kin(
    {
      id: 'hosta-blue', common: 'Hosta', botanical: 'Hosta sieboldiana', variety: 'blue-grey', group: 'shade', roles: ['thriller', 'filler'], habit: 'mound',
      height: [450, 700], spread: [600, 900], trail: [0, 0], vigour: 3, sun: [0, 1, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -32, night: -6 }, season: 'hardy', bloom: '0000 0131 0000', leaf: ['bold', 250, 'heart', 'waxy'], flower: ['bell', 38, 0.06],
      colours: [['leaf', '#7d9c98', 1], ['flower', '#e3def0', 1]], starts: { bare: 5, p9: 3.6, l1: 6.5, l2: 11 },
      deadhead: 'helps', pinch: 'no', edible: 'no', poison: ['mild', 'toxic', 'toxic'], sap: 'no', spreads: false, note: 'Slugs know it: raise the pot and look at night.',
    },
    { id: 'hosta-white-edge', variety: 'white edged', colours: [['leaf', '#5d8a58', 0.65], ['edge', '#f0f1e2', 0.35], ['flower', '#d8cfea', 1]], leaf: ['bold', 150, 'heart', 'matte'], botanical: 'Hosta hybrid', height: [300, 480], spread: [380, 550], vigour: 2 },
    { id: 'hosta-gold', variety: 'gold', colours: [['leaf', '#c5cc52', 1], ['flower', '#dcd2ea', 1]], leaf: ['bold', 140, 'heart', 'matte'], botanical: 'Hosta hybrid', height: [270, 430], spread: [380, 550], vigour: 2 },
    { id: 'hosta-small-white-edge', variety: 'small white edged', colours: [['leaf', '#5d8a58', 0.65], ['edge', '#f0f1e2', 0.35], ['flower', '#d8cfea', 1]], leaf: ['medium', 80, 'heart', 'matte'], botanical: 'Hosta hybrid', height: [180, 280], spread: [250, 350], roles: ['filler'], starts: { p9: 3.4, l1: 6 }, vigour: 2 },
    { id: 'hosta-small-blue', variety: 'small blue-grey', colours: [['leaf', '#7d9c98', 1], ['flower', '#e3def0', 1]], leaf: ['medium', 80, 'heart', 'waxy'], botanical: 'Hosta hybrid', height: [180, 280], spread: [250, 350], roles: ['filler'], starts: { p9: 3.4, l1: 6 }, vigour: 2 },
  ),
  ...kin(
    {
      id: 'fern-hart', common: 'Hart’s-tongue fern', botanical: 'Asplenium scolopendrium', variety: '', group: 'shade', roles: ['filler'], habit: 'fan',
      height: [250, 420], spread: [280, 400], trail: [0, 0], vigour: 1, sun: [0, 0.5, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -22, night: -16 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['bold', 320, 'strap', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#4f8a3f', 1]], starts: { p9: 3.2, l1: 6.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Shining tongues, winter and summer.',
    },
  ),
  ...kin(
    {
      id: 'fern-painted', common: 'Japanese painted fern', botanical: 'Athyrium niponicum', variety: 'silver and wine', group: 'shade', roles: ['filler'], habit: 'frond',
      height: [220, 350], spread: [280, 400], trail: [0, 0], vigour: 1, sun: [0, 1, 4, 6], scorch: 1.5, water: 'thirsty', feed: 'light',
      cold: { winter: -28, night: -4 }, season: 'hardy', bloom: '0000 0000 0000', leaf: ['medium', 300, 'feather', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#a3b0a6', 0.7], ['vein', '#7a3a52', 0.3]], starts: { p9: 3.6, l1: 7 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Pewter fronds on wine ribs; dies down for winter.',
    },
  ),
  ...kin(
    {
      id: 'fern-autumn', common: 'Autumn fern', botanical: 'Dryopteris erythrosora', variety: 'copper', group: 'shade', roles: ['thriller', 'filler'], habit: 'frond',
      height: [380, 600], spread: [380, 550], trail: [0, 0], vigour: 1, sun: [0, 1, 4, 6], scorch: 2, water: 'moderate', feed: 'light',
      cold: { winter: -24, night: -14 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['medium', 420, 'feather', 'glossy'], flower: ['none', 0, 0],
      colours: [['leaf', '#6f8a3f', 0.65], ['edge', '#c4764a', 0.35]], starts: { p9: 3.6, l1: 7, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['unknown', 'unknown', 'unknown'], sap: 'no', spreads: false, note: 'New fronds open copper; evergreen where sheltered.',
    },
  ),
  ...kin(
    {
      id: 'fern-maidenhair', common: 'Maidenhair fern', botanical: 'Adiantum raddianum', variety: '', group: 'shade', roles: ['filler'], habit: 'cloud',
      height: [200, 320], spread: [250, 350], trail: [0, 60], vigour: 1, sun: [0, 0.5, 3, 4], scorch: 0.5, water: 'thirsty', feed: 'light',
      cold: { winter: 0, night: 6 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 14, 'round', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#7fb25a', 0.9], ['stem', '#2a2320', 0.1]], starts: { p9: 3, p10: 4 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Never let it dry, not once.',
    },
  ),
  ...kin(
    {
      id: 'astilbe-pink', common: 'Astilbe', botanical: 'Astilbe × arendsii', variety: 'pink', group: 'shade', roles: ['thriller', 'filler'], habit: 'frond',
      height: [350, 600], spread: [280, 400], trail: [0, 0], vigour: 1, sun: [0.5, 1.5, 5, 7], scorch: 2, water: 'thirsty', feed: 'medium',
      cold: { winter: -30, night: -6 }, season: 'hardy', bloom: '0000 0389 3000', leaf: ['medium', 300, 'feather', 'matte'], flower: ['plume', 150, 0.22],
      colours: [['leaf', '#4f7f42', 1], ['flower', '#e69ab8', 1]], starts: { bare: 4.5, p9: 3, l1: 6, l2: 9.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Plumes for damp shade; crisps where it dries.',
    },
    { id: 'astilbe-white', variety: 'white', colours: [['leaf', '#4f7f42', 1], ['flower', '#f6f3ea', 1]] },
  ),
];
