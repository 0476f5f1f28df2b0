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
import { tenth } from '../units/number';
import type { Cast } from './candidate';
import type { Pattern } from './patterns';
import { startOf } from '../layout/start-for';
import type { Slot } from '../schools/lays/slot';

/**
 * Puts a cast into a pattern's slots as placements that fit, or null when they cannot all stand. Locked placements of
 * the planting are kept where they are and take the nearest slot of their role.
 */
export function place(pattern: Pattern, cast: Cast, planting: Planting, cheap: boolean): Placement[] | null {
  const locked = planting.placements.filter((p) => p.locked);
  const free = withoutTaken(
    pattern.slots.map((s) => ({ ...s })),
    locked,
    planting,
  );
  const slots: {
    start: StartSize;
    xMm: number;
    yMm: number;
    fixed?: boolean;
    role: Placement['role'];
    plant: Plant | null;
    part: string | null;
  }[] = locked.map((p) => ({ ...p, fixed: true, plant: null }));
  for (const s of free) {
    const plant = cast[s.part];
    if (!plant) return null;
    const start = startOf(plant, s.role, planting, cheap);
    if (!start) return null;
    slots.push({
      start,
      ...pointOf(s, start, planting.container),
      role: s.role,
      part: s.part,
      plant,
      fixed: s.out === 0 && locked.length === 0,
    });
  }
  const settled =
    settle(planting.container, slots) ??
    settle(
      planting.container,
      slots.map((s) => ({ ...s, fixed: s.plant === null })),
    );
  if (!settled) return null;
  const fresh = settled.flatMap((s) => (s.plant ? [{ ...s, plant: referTo(s.plant) }] : []));
  return [
    ...locked,
    ...fresh.map(({ plant, start, role, part, xMm, yMm }, i) =>
      newPlacement(freeId(planting, i), { plant, start, role, part, xMm: tenth(xMm), yMm: tenth(yMm) }),
    ),
  ];
}

/** Turns are shared out by the length of the rim, so that a ring in a long tub or a barrow is as even as in a round pot. */
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

function withoutTaken(slots: Slot[], locked: readonly Placement[], planting: Planting): Slot[] {
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
