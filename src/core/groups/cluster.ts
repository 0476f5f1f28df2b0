import { BETWEEN_MM, FROM_WALL_MM, roomOf } from './arrange';
import type { Shift } from './check';
import type { Body, Scene } from './scene';

/** Each stands so far before the last, as a share of both their rims. Working figure: half hidden feet, whole heads. */
const FORWARD = 0.55;

/** Where the next stands beside and before the last: as far off as both need. */
function beside(last: { b: Body; x: number; y: number }, b: Body, side: 1 | -1): { x: number; y: number } {
  const apart = roomOf(last.b) + roomOf(b) + BETWEEN_MM;
  const forward = Math.min(apart * 0.8, (last.b.rimY + b.rimY) * FORWARD);
  return { x: last.x + side * Math.sqrt(apart ** 2 - forward ** 2), y: last.y + forward };
}

/**
 * As a group: the tallest in the middle at the back, the others by height to either side of it by turns, each a little
 * before the last. About `middle`, mm from the middle of the wall.
 */
export function asGroup({ bodies }: Pick<Scene, 'bodies'>, middle = 0): Shift[] {
  const [tall, ...rest] = [...bodies].sort((a, b) => b.topZ - a.topZ);
  if (!tall) return [];
  const first = { b: tall, x: 0, y: tall.rimY + tall.overMm + FROM_WALL_MM };
  const at = [first];
  const last: Record<1 | -1, typeof first> = { 1: first, [-1]: first };
  rest.forEach((b, i) => {
    const side = i % 2 === 0 ? -1 : 1;
    const made = { b, ...beside(last[side], b, side) };
    last[side] = made;
    at.push(made);
  });
  const left = Math.min(...at.map((s) => s.x - roomOf(s.b)));
  const right = Math.max(...at.map((s) => s.x + roomOf(s.b)));
  const shift = middle - (left + right) / 2;
  return at.map(({ b, x, y }) => ({ id: b.id, xMm: Math.round(x + shift), yMm: Math.round(y) }));
}
