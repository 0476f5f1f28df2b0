import { maxBy } from '../units/number';
import { BETWEEN_MM, FROM_WALL_MM, roomOf } from './arrange';
import type { Shift } from './check';
import type { Body, Scene } from './scene';
import { type Group, MOST_STANDS } from './schema';

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

/** Where there is room for so much more along the wall: past what stands there to the right, clear of the way and the doors. Middle, mm. */
export function roomBeside({ group, bodies }: Scene, wideMm: number): number {
  const taken = [
    ...bodies.map((b) => [b.xMm - roomOf(b), b.xMm + roomOf(b)] as const),
    ...group.openings
      .filter((o) => o.kind === 'door')
      .map((o) => [o.xMm - o.widthMm / 2, o.xMm + o.widthMm / 2] as const),
    ...(group.path
      ? [[group.path.xMm - group.path.widthMm / 2, group.path.xMm + group.path.widthMm / 2] as const]
      : []),
  ];
  if (taken.length === 0) return 0;
  const edges = taken.flatMap(([l, r]) => [l - BETWEEN_MM - wideMm / 2, r + BETWEEN_MM + wideMm / 2]);
  const free = edges.filter((x) =>
    taken.every(([l, r]) => x + wideMm / 2 <= l - BETWEEN_MM + 1 || x - wideMm / 2 >= r + BETWEEN_MM - 1),
  );
  return Math.round(maxBy(free, (x) => -Math.abs(x)) ?? 0);
}

/** A group with another set out beside what stands there: as it is arranged, to where there is room. */
export function joinedBy(scene: Scene, guests: Scene): Group {
  const edges = guests.bodies.flatMap((b) => [b.xMm - roomOf(b), b.xMm + roomOf(b)]);
  if (edges.length === 0) return scene.group;
  const [left, right] = [Math.min(...edges), Math.max(...edges)];
  const by = roomBeside(scene, right - left) - (left + right) / 2;
  return {
    ...scene.group,
    stands: [...scene.group.stands, ...guests.group.stands.map((s) => ({ ...s, xMm: Math.round(s.xMm + by) }))].slice(
      0,
      MOST_STANDS,
    ),
  };
}
