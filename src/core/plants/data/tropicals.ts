import { kin } from './record';

export const tropicals = [
  ...kin(
    {
      id: 'canna-bronze-orange', common: 'Canna', botanical: 'Canna × generalis', variety: 'bronze leaf, orange flower', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [800, 1300], spread: [400, 550], trail: [0, 0], vigour: 4, sun: [5, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -5, night: 5 }, season: 'warm', bloom: '0000 0268 8630', leaf: ['bold', 330, 'ovate', 'glossy'], flower: ['trumpet', 90, 0.12],
      colours: [['leaf', '#5a3030', 0.85], ['vein', '#8a4a3c', 0.15], ['flower', '#f26a1b', 1]], starts: { l1: 6.5, l2: 10, l3: 14 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Wants a big pot and never to dry out.',
    },
  ),
  ...kin(
    {
      id: 'canna-dwarf-red', common: 'Canna', botanical: 'Canna × generalis', variety: 'dwarf, scarlet', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [450, 700], spread: [300, 420], trail: [0, 0], vigour: 3, sun: [5, 6, 12, 14], scorch: null, water: 'thirsty', feed: 'hungry',
      cold: { winter: -5, night: 5 }, season: 'warm', bloom: '0000 0478 8730', leaf: ['bold', 240, 'ovate', 'glossy'], flower: ['trumpet', 80, 0.16],
      colours: [['leaf', '#3f6e3d', 0.9], ['vein', '#5f8a52', 0.1], ['flower', '#d3202b', 1]], starts: { l1: 6, l2: 9.5 },
      deadhead: 'needed', pinch: 'no', edible: 'no', poison: ['none', 'none', 'none'], sap: 'no', spreads: true, note: 'Take off each flower stem when its last bud fades.',
    },
  ),
  ...kin(
    {
      id: 'colocasia-black', common: 'Elephant ear', botanical: 'Colocasia esculenta', variety: 'near black', group: 'tropical', roles: ['thriller'], habit: 'cane',
      height: [600, 1000], spread: [500, 700], trail: [0, 0], vigour: 4, sun: [2, 3, 7, 10], scorch: 3, water: 'thirsty', feed: 'hungry',
      cold: { winter: -4, night: 8 }, season: 'warm', bloom: '0000 0000 0000', leaf: ['bold', 320, 'heart', 'matte'], flower: ['none', 0, 0],
      colours: [['leaf', '#3a2a3d', 0.85], ['vein', '#5f4a63', 0.15]], starts: { l1: 8, l2: 12, l3: 17 },
      deadhead: 'no', pinch: 'no', edible: 'no', poison: ['toxic', 'toxic', 'toxic'], sap: 'yes', spreads: true, note: 'Raw plant burns mouth and skin; keep away from children.',
    },
  ),
];
