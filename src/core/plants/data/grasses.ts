import { kin } from './record';

export const grasses = [
  ...kin(
    {
      id: 'pennisetum-purple', common: 'Fountain grass', botanical: 'Cenchrus setaceus', variety: 'purple', group: 'grass', roles: ['thriller'], habit: 'fountain',
      height: [600, 900], spread: [400, 600], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'moderate', feed: 'medium',
      cold: { winter: -1, night: 3 }, season: 'warm', bloom: '0000 0379 9851', leaf: ['fine', 480, 'grass', 'matte'], flower: ['plume', 170, 0.22],
      colours: [['leaf', '#6a2c40', 0.9], ['stem', '#81394f', 0.1], ['flower', '#b9808c', 1]], starts: { p10: 4.5, l1: 6.5, l2: 10.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Purple forms set little seed, but check your list.',
    },
  ),
  ...kin(
    {
      id: 'fescue-blue', common: 'Blue fescue', botanical: 'Festuca glauca', variety: '', group: 'grass', roles: ['filler'], habit: 'fountain',
      height: [180, 280], spread: [200, 280], trail: [0, 0], vigour: 1, sun: [4, 6, 12, 14], scorch: null, water: 'dry', feed: 'light',
      cold: { winter: -28, night: -20 }, season: 'year-round', bloom: '0000 0220 0000', leaf: ['fine', 200, 'grass', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#8fabb0', 1]], starts: { p9: 2.6, l1: 5.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Comb out dead blades with fingers in spring.',
    },
  ),
  ...kin(
    {
      id: 'carex-bronze', common: 'Sedge', botanical: 'Carex comans', variety: 'bronze', group: 'grass', roles: ['filler', 'spiller'], habit: 'fountain',
      height: [220, 320], spread: [280, 400], trail: [80, 200], vigour: 2, sun: [2, 4, 10, 14], scorch: null, water: 'moderate', feed: 'light',
      cold: { winter: -15, night: -10 }, season: 'year-round', bloom: '0000 0000 0000', leaf: ['fine', 320, 'grass', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#94694a', 0.85], ['edge', '#b98f68', 0.15]], starts: { p9: 2.6, l1: 5.5 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Brown on purpose; lovely with orange and lime.',
    },
  ),
  ...kin(
    {
      id: 'hakone-gold', common: 'Hakone grass', botanical: 'Hakonechloa macra', variety: 'gold striped', group: 'grass', roles: ['filler', 'spiller'], habit: 'fountain',
      height: [200, 320], spread: [300, 420], trail: [90, 190], vigour: 2, sun: [0, 1.5, 4, 6], scorch: 1.5, water: 'moderate', feed: 'light',
      cold: { winter: -26, night: -5 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['fine', 240, 'grass', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#d3cf58', 0.7], ['edge', '#7fa04a', 0.3]], starts: { p9: 3.8, l1: 7.5, l2: 11 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: false, note: 'Falls like water over a rim in shade.',
    },
  ),
];
