import { heartOf, rimOf, rimPoints } from '../containers/outline';
import { reachMm, settle } from '../layout/packing';
import { referTo } from '../plants';
import type { Plant } from '../plants/schema';
import { SOIL_BUFFER_MM } from '../containers';
import type { Container } from '../containers/schema';
import { STARTS, type StartSize } from '../plants/starts';
import { newPlacement } from '../plantings/fresh';
import { freeId } from '../plantings/ids';
import type { Placement, Planting } from '../plantings/schema';
import { keptBy, keptIn } from '../units/keep';
import { tenth } from '../units/number';
import type { Cast } from './candidate';
import type { Pattern } from './patterns';
import { startOf } from '../layout/start-for';
import type { Slot } from '../schools/lays/slot';

/**
 * Where the slots of a pattern that are still free come to lie with starts of these sizes; null when they
 * cannot all stand.
 */
interface Settled {
  free: readonly Slot[];
  at: readonly { xMm: number; yMm: number }[];
}

/** Puts casts into the slots of patterns. */
export type Placer = (pattern: Pattern, cast: Cast, cheap: boolean) => Placement[] | null;

/**
 * Puts casts into the slots of patterns for a planting, as placements that fit, or null when they cannot all stand.
 * Locked placements are kept where they are and take the nearest slot of their role. Where balls of some sizes come to
 * lie is worked out once for all casts of those sizes.
 */
export function placerOf(planting: Planting): Placer {
  const locked = planting.placements.filter((p) => p.locked);
  const free = keptBy((pattern: Pattern) => withoutTaken(pattern.slots, locked, planting));
  const starts = keptBy((_: Plant) => new Map<string, StartSize | null>());
  const settled = keptBy((_: Pattern) => new Map<string, Settled | null>());
  const startFor = (plant: Plant, role: Placement['role'], cheap: boolean): StartSize | null =>
    keptIn(starts(plant), `${role}${cheap}`, () => startOf(plant, role, planting, cheap));
  return (pattern, cast, cheap) => {
    const sizes: StartSize[] = [];
    for (const s of free(pattern)) {
      const plant = cast[s.part];
      const start = plant && startFor(plant, s.role, cheap);
      if (!start) return null;
      sizes.push(start);
    }
    const stand = keptIn(settled(pattern), sizes.join(), () =>
      settledAt(free(pattern), sizes, locked, planting.container),
    );
    if (!stand) return null;
    return [
      ...locked,
      ...stand.free.map(({ role, part }, i) =>
        newPlacement(freeId(planting, i), {
          plant: referTo(cast[part] as Plant),
          start: sizes[i] as StartSize,
          role,
          part,
          ...(stand.at[i] as Settled['at'][number]),
        }),
      ),
    ];
  };
}

/** Root balls of these sizes in these slots, pushed apart: the middle stays where it is meant to be, where it can. */
function settledAt(
  free: readonly Slot[],
  sizes: readonly StartSize[],
  locked: readonly Placement[],
  container: Container,
): Settled | null {
  const balls = free.map((s, i) => {
    const start = sizes[i] as StartSize;
    return { start, ...pointOf(s, start, container), fixed: s.out === 0 && locked.length === 0 };
  });
  const kept = locked.map(({ start, xMm, yMm }) => ({ start, xMm, yMm, fixed: true }));
  const all =
    settle(container, [...kept, ...balls]) ??
    settle(container, [...kept, ...balls.map((ball) => ({ ...ball, fixed: false }))]);
  return all && { free, at: all.slice(kept.length).map(({ xMm, yMm }) => ({ xMm: tenth(xMm), yMm: tenth(yMm) })) };
}

/** Puts one cast into one pattern’s slots: see `placerOf`, which is for many. */
export const place = (pattern: Pattern, cast: Cast, planting: Planting, cheap: boolean): Placement[] | null =>
  placerOf(planting)(pattern, cast, cheap);

/**
 * Turns are shared out by the length of the rim, so that a ring in a long tub or a barrow is as even as in a
 * round pot.
 */
function alongRim(c: Container, angle: number): number {
  const heart = heartOf(c.shape);
  const rim = rimPoints(c.shape);
  const turn = (p: { x: number; y: number }) => Math.atan2(p.y - heart.y, p.x - heart.x);
  const first = rim.reduce((best, p, i) => (Math.abs(turn(p)) < Math.abs(turn(rim[best] ?? p)) ? i : best), 0);
  const share = (((angle / (2 * Math.PI)) % 1) + 1) % 1;
  const at = rim[(first + Math.round(share * rim.length)) % rim.length];
  return c.shape.kind === 'round' || !at ? angle : turn(at);
}

/** Where a slot lies for a start of a size, mm. */
function pointOf(s: Pick<Slot, 'angle' | 'out' | 'row'>, start: StartSize, c: Container): { xMm: number; yMm: number } {
  if (s.row) {
    const { wide, deep } = rimOf(c.shape);
    const edge = STARTS[start].ballMm / 2 + 2 * SOIL_BUFFER_MM;
    return { xMm: s.row.along * Math.max(0, wide / 2 - edge), yMm: s.row.across * Math.max(0, deep / 2 - edge) };
  }
  const heart = heartOf(c.shape);
  const angle = alongRim(c, s.angle);
  const reach = s.out === 0 ? 0 : Math.max(0, reachMm(c, start, angle)) * s.out;
  return { xMm: heart.x + Math.cos(angle) * reach, yMm: heart.y + Math.sin(angle) * reach };
}

function withoutTaken(slots: readonly Slot[], locked: readonly Placement[], planting: Planting): Slot[] {
  const left = [...slots];
  for (const p of locked) {
    const far = (s: Slot) => {
      const at = pointOf(s, p.start, planting.container);
      return Math.hypot(at.xMm - p.xMm, at.yMm - p.yMm) + (s.role === p.role ? 0 : 1e4);
    };
    const nearest = left.reduce<Slot | null>((best, s) => (!best || far(s) < far(best) ? s : best), null);
    if (nearest) left.splice(left.indexOf(nearest), 1);
  }
  return left;
}
