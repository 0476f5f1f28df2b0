import { PerspectiveCamera, Vector3 } from 'three';
import { roundPot } from '@/core/testing/pots';
import { ABOVE, eyeBefore, FRONT, LEVEL, type Point, sightIn, type View } from './lens';
import { seenBy } from './project';

const pot = roundPot(400, 290, 360);
const frame = { top: 620, bottom: 360, reach: 340 };
const [W, H] = [737, 599];
const VIEWS: [string, View][] = [
  ['the front', FRONT],
  ['above', ABOVE],
  ['eye height', LEVEL],
  ['the side, close', { azimuth: 1.1, elevation: 0.3, zoom: 2 }],
  ['bent to a flower', { ...FRONT, azimuth: -0.4, near: { awayMm: 420, upMm: 200 } }],
  ['a window', { ...FRONT, window: { eyeUp: 500, eyeOut: 1500, sillUp: -100, sillOut: 300 } }],
];
const POINTS: Point[] = [
  [0, 0, 0],
  [200, 0, 0],
  [-150, 600, 80],
  [30, -360, 190],
];

describe.each(VIEWS)('seen from %s', (_, view) => {
  const eye = eyeBefore(pot, frame, view, W / H);
  test.each(POINTS)('a point %d %d %d lies where a camera of the drawing library sees it', (...point) => {
    const camera = new PerspectiveCamera(eye.fovDeg, W / H, 1, 30000);
    camera.position.set(...eye.at);
    camera.lookAt(...eye.to);
    camera.updateMatrixWorld();
    const v = new Vector3(...point).project(camera);
    const p = seenBy(eye, W, H)(point);
    expect(p.x).toBeCloseTo(((v.x + 1) / 2) * W, 2);
    expect(p.y).toBeCloseTo(((1 - v.y) / 2) * H, 2);
  });
});

test.each([FRONT, LEVEL])('all of the frame is in the picture', (view) => {
  const at = seenBy(eyeBefore(pot, frame, view, W / H), W, H);
  for (const [x, y] of [
    [frame.reach, 0],
    [-frame.reach, 0],
    [0, frame.top],
    [0, -frame.bottom],
  ] as const) {
    const p = at([x, y, 0]);
    expect(p.x).toBeGreaterThanOrEqual(0);
    expect(p.x).toBeLessThanOrEqual(W);
    expect(p.y).toBeGreaterThanOrEqual(0);
    expect(p.y).toBeLessThanOrEqual(H);
  }
});

test('a still has its foot where the portrait has it', () => {
  const at = seenBy(eyeBefore(pot, frame, FRONT, W / H), W, H);
  expect(Math.abs(at([0, -360, 0]).y - sightIn(pot, frame, W, H).footPx)).toBeLessThan(H / 40);
});
