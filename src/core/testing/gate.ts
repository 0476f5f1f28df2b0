import type { Container } from '../containers/schema';
import type { Group, Stand } from '../groups/schema';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot } from './pots';

/** A day on which all of it stands full. */
export const DAY = '2026-07-10';
const flat = Array<number>(36).fill(0);
const clock = {
  kind: 'clock' as const,
  latitude: 52,
  facing: 180,
  wall: true,
  skyline: flat,
  roofDeg: null,
  trees: [],
  dappled: false,
};
export const spot = { ...pot().spot, name: 'Entrance', light: clock };
export const terracotta = (container: Container): Container => ({
  ...container,
  material: 'terracotta',
  colour: '#b3623f',
});

/** A pot of petunias, so tall by its canna or not. */
export const petunias = (id: string, container: Container, tall: boolean): Planting => ({
  ...pot({ id, name: id, spot, container: terracotta(container) }),
  placements: [
    ...(tall ? [placed('t', 'canna-dwarf-red', 'thriller', 0, 0, 'l1')] : []),
    placed('a', 'petunia-white', 'filler', -70, 0),
    placed('b', 'petunia-white', 'filler', 70, 0),
  ],
});
export const big = petunias('big', roundPot(460, 350, 420), true);
export const left = petunias('left', roundPot(340, 260, 300), false);
export const right = petunias('right', roundPot(340, 260, 300), false);
export const all = [left, big, right];

export const stand = (of: string, xMm: number, yMm = 400, upMm = 0): Stand => ({
  id: of,
  of,
  xMm,
  yMm,
  upMm,
  turnDeg: 0,
});
/** Three pots before a south wall, the tallest in the middle. */
export const good: Group = {
  id: 'g',
  place: 'Entrance',
  wall: '#d9ddd2',
  build: 'render',
  ground: 'paving',
  sun: null,
  gate: null,
  chair: null,
  openings: [],
  ledges: [],
  path: null,
  stands: [stand('left', -800), stand('big', 0), stand('right', 800)],
};
