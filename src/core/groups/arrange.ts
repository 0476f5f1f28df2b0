import { depthOf } from '../containers/outline';
import type { Planting } from '../plantings/schema';
import { maxBy, sum } from '../units/number';
import type { Shift } from './check';
import { ROW } from './heights';
import { type Body, sceneOf, type Scene } from './scene';
import { type Group, MOST_STANDS, type Stand } from './schema';

/** Between neighbours in a row, beyond what their leaves reach, mm; and from the wall. Working figures: a hand. */
export const BETWEEN_MM = 60;
export const FROM_WALL_MM = 80;

/** How high a container's foot is where it hangs or stands on something, by what it says itself. */
const upOf = ({ container }: Planting): number =>
  container.mount === 'ground' || container.rimHeightMm === null
    ? 0
    : Math.max(0, container.rimHeightMm - depthOf(container.shape));

/** A stand for each of a container, before it is set out: several that are the same are numbered. */
const standsOf = (p: Planting): Stand[] =>
  Array.from({ length: p.container.count }, (_, i) => ({
    id: p.container.count > 1 ? `${p.id}-${i + 1}`.slice(-60) : p.id,
    of: p.id,
    xMm: 0,
    yMm: 0,
    upMm: upOf(p),
    turnDeg: 0,
  }));

/** Reach a canopy may share with its neighbour, as clearance has it, made a little narrower. */
export const roomOf = (b: Body): number => Math.max(b.rimX, b.leafR * 0.9);
/** How far its leaves reach toward the wall. */
const deepOf = (b: Body): number => b.rimY + b.overMm;

/**
 * Each container spread evenly among the others: one by turns where there are as many of each, else in a
 * rhythm, the rarer ones inside.
 */
export function dealt(bodies: readonly Body[]): Body[] {
  const kinds = [...new Set(bodies.map((b) => b.of))].map((of) => bodies.filter((b) => b.of === of));
  const most = Math.max(0, ...kinds.map((k) => k.length));
  // As many of each: the first kind begins. Rarer ones stand in the middle of their share of the row.
  return kinds
    .flatMap((kind, k) =>
      kind.map((b, i) => ({
        b,
        at: kind.length === most ? (i + k / kinds.length) / most : (i + 0.5) / kind.length - 1e-6,
      })),
    )
    .sort((x, y) => x.at - y.at)
    .map(({ b }) => b);
}

/**
 * Those of one height by turns; else in an order that has the tallest in the middle and the others to either
 * side of it.
 */
function ordered(bodies: readonly Body[]): Body[] {
  const tops = bodies.map((b) => b.topZ);
  return Math.min(...tops) / Math.max(...tops) >= ROW ? dealt(bodies) : peaked(bodies);
}

/** In an order that has the tallest in the middle and the others by turns to either side. */
function peaked(bodies: readonly Body[]): Body[] {
  const out: Body[] = [];
  [...bodies].sort((a, b) => b.topZ - a.topZ).forEach((b, i) => (i % 2 === 0 ? out.push(b) : out.unshift(b)));
  return out;
}

/** Places along the wall for bodies in an order, each with its room, the whole about the middle. */
function along(bodies: readonly Body[]): (Pick<Stand, 'id' | 'xMm'> & { r: number })[] {
  const wide = sum(bodies.map((b) => 2 * roomOf(b))) + BETWEEN_MM * Math.max(0, bodies.length - 1);
  let x = -wide / 2;
  return bodies.map((b) => {
    const r = roomOf(b);
    const at = { id: b.id, xMm: Math.round(x + r), r: deepOf(b) };
    x += 2 * r + BETWEEN_MM;
    return at;
  });
}

/**
 * A place’s containers set out for a start: those on the ground along the wall with the tallest in the
 * middle, what hangs above them.
 */
export function freshGroup(place: string, plantings: readonly Planting[], date: string): Group {
  const here = plantings.filter((p) => p.spot.name === place);
  const [first] = here;
  const bare: Group = {
    id: `group-${place.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`.slice(0, 60),
    place,
    wall: first?.spot.backdrop ?? '#d9ddd2',
    build: first?.spot.backdropBuild ?? 'render',
    ground: 'paving',
    sun: null,
    gate: null,
    chair: null,
    openings: [],
    ledges: [],
    path: null,
    stands: here.flatMap(standsOf).slice(0, MOST_STANDS),
  };
  const { bodies } = sceneOf(bare, here, date);
  const rows = [bodies.filter((b) => b.upMm === 0), bodies.filter((b) => b.upMm > 0)];
  const at = new Map(rows.flatMap((row) => along(ordered(row))).map((s) => [s.id, s]));
  return {
    ...bare,
    stands: bare.stands.map((s) => {
      const to = at.get(s.id);
      return { ...s, xMm: to?.xMm ?? 0, yMm: Math.round((to?.r ?? 0) + FROM_WALL_MM) };
    }),
  };
}

/** A new container of the place takes the next place to the right; what is gone is left out. */
export function withAll(group: Group, plantings: readonly Planting[], date: string): Group {
  const here = plantings.filter((p) => p.spot.name === group.place);
  const stands = group.stands.filter((s) => here.some((p) => p.id === s.of));
  const many = stands.filter((s) => {
    const p = here.find((x) => x.id === s.of);
    return p !== undefined && stands.filter((o) => o.of === s.of).indexOf(s) < p.container.count;
  });
  const fresh = here.filter((p) => many.filter((s) => s.of === p.id).length < p.container.count);
  if (fresh.length === 0 && many.length === group.stands.length) return group;
  const right = Math.max(0, ...sceneOf({ ...group, stands: many }, here, date).bodies.map((b) => b.xMm + roomOf(b)));
  const known = new Set(many.map((s) => s.id));
  const more = freshGroup(group.place, fresh, date).stands.filter((s) => !known.has(s.id));
  const left = Math.min(0, ...more.map((s) => s.xMm));
  return { ...group, stands: [...many, ...more.map((s) => ({ ...s, xMm: s.xMm - left + right + 300 }))] };
}

/** All of one level in a row: as far from the wall as the mean, and evenly apart from the first to the last. */
export function inRow({ bodies }: Pick<Scene, 'bodies'>): Shift[] {
  if (bodies.length < 2) return [];
  const order = [...bodies].sort((a, b) => a.xMm - b.xMm);
  const y = Math.round(sum(order.map((b) => b.yMm)) / order.length);
  const [first, last] = [order[0] as Body, order[order.length - 1] as Body];
  const least = sum(order.slice(1).map((b, i) => roomOf(b) + roomOf(order[i] as Body) + BETWEEN_MM));
  const wide = Math.max(last.xMm - first.xMm, least);
  const middle = (first.xMm + last.xMm) / 2;
  const step = wide / (order.length - 1);
  return order.map((b, i) => ({ id: b.id, yMm: y, xMm: Math.round(middle - wide / 2 + i * step) }));
}

/** In a row by turns: one of each container after the other. */
export function byTurns(scene: Scene): Shift[] {
  const places = inRow(scene);
  return dealt(scene.bodies).map((b, i) => ({ ...places[i], id: b.id }));
}

/**
 * The same to the left and to the right of the middle: each pair from outside in, as far out as the further
 * of the two.
 */
export function mirrored({ bodies }: Scene): Shift[] {
  const order = [...bodies].sort((a, b) => a.xMm - b.xMm);
  return order.map((b, i) => {
    const twin = order[order.length - 1 - i] as Body;
    if (twin === b) return { id: b.id, xMm: 0 };
    const out = Math.max(Math.abs(b.xMm), Math.abs(twin.xMm));
    const side = i < (order.length - 1) / 2 ? -1 : 1;
    return { id: b.id, xMm: side * out, yMm: Math.round((b.yMm + twin.yMm) / 2) };
  });
}

/** A hand that comes so near a row or a mirrored place means it, mm. Working figure: two fingers. */
const SNAPS_MM = 35;

/**
 * Where one comes to stand that is let go about here: level with another, or as far to the other side as its
 * like, where it is near to either.
 */
export function snapped(
  { bodies }: Pick<Scene, 'bodies'>,
  id: string,
  xMm: number,
  yMm: number,
): { xMm: number; yMm: number } {
  const others = bodies.filter((b) => b.id !== id);
  const to = (at: number, marks: readonly number[]): number => {
    const best = maxBy(marks, (m) => -Math.abs(m - at));
    return best !== undefined && Math.abs(best - at) <= SNAPS_MM ? best : at;
  };
  return {
    xMm: to(xMm, [0, ...others.map((b) => (b.xMm === 0 ? 0 : -b.xMm))]),
    yMm: to(
      yMm,
      others.map((b) => b.yMm),
    ),
  };
}
