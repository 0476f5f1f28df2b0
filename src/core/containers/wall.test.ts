import { wallAt } from './wall';

const round = { shape: { kind: 'round', topMm: 400, baseMm: 290, depthMm: 360 } } as const;
const manger = { shape: { kind: 'wall-basket', widthMm: 500, projectionMm: 240, depthMm: 220 } } as const;

test('a wall stands a hand behind a pot, and a step further behind one on steps', () => {
  expect(wallAt(round, { steps: false })).toBe(-270);
  expect(wallAt(round, { steps: true })).toBe(-590);
});

test('what is open at the back hangs flat on its wall', () => expect(wallAt(manger, { steps: false })).toBe(-123));
