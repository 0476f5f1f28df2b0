import { grow } from '@/core/growth/season';
import { textStore } from '@/core/testing/text-store';
import { warmPot } from '@/core/testing/pots';
import { frameOf } from './frame';

const shelf = new Map<string, string>();
const STORE = 'rillbank.frames';

/** The module as a new visit has it: nothing in its memory. */
async function visit() {
  jest.resetModules();
  return import('./frames-kept');
}
const settle = () => jest.runAllTimers();
const asText = () => shelf.get(STORE) ?? '';

beforeAll(() => {
  Object.defineProperty(globalThis, 'localStorage', { configurable: true, value: textStore(shelf) });
  jest.useFakeTimers();
});
beforeEach(() => shelf.clear());
afterAll(() => jest.useRealTimers());

test('a frame is that of the grown planting, and an earlier visit’s is taken as it is', async () => {
  const p = warmPot();
  const first = await visit();
  expect(first.frameKept(p)).toEqual(frameOf(p, grow(p)));
  settle();
  // Written by an earlier visit, told by its mark: it is not grown again.
  shelf.set(STORE, asText().replace(/\[[\d.]+,/, '[777,'));
  const again = await visit();
  expect(again.frameKept(p).top).toBe(777);
  // Once it is grown, what is true stands in its place.
  expect(again.frameGrown(p)).toEqual(frameOf(p, grow(p)));
  expect(again.frameKept(p)).toEqual(frameOf(p, grow(p)));
});

test('another planting, or the same changed, has a frame of its own', async () => {
  const p = warmPot();
  const { frameKept } = await visit();
  frameKept(p);
  const bare = { ...p, placements: [] };
  expect(frameKept(bare)).toEqual(frameOf(bare, grow(bare)));
});

test.each([
  ['what is no such text', '{"build'],
  ['rows that are no frames', JSON.stringify({ build: '', rows: { a: [1, 2] } })],
  ['another release', JSON.stringify({ build: 'older', rows: { a: [1, 2, 3] } })],
])('%s is left alone and worked out anew', async (_, text) => {
  shelf.set(STORE, text);
  const p = warmPot();
  const { frameKept } = await visit();
  expect(frameKept(p)).toEqual(frameOf(p, grow(p)));
  settle();
  expect(Object.values((JSON.parse(asText()) as { rows: object }).rows)).toHaveLength(1);
});
