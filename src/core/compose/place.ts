import { reachMm, settle } from '../layout/packing';
import type { Plant } from '../plants/schema';
import type { StartSize } from '../plants/starts';
import { freeId } from '../plantings/commands';
import type { Placement, Planting } from '../plantings/schema';
import { startFor, type Pattern } from './patterns';

export type Cast = Record<string, Plant>;

/**
 * Puts a cast into a pattern's slots as placements that fit, or null when they cannot all stand. Locked placements of
 * the planting are kept where they are and take the nearest slot of their role.
 */
export function place(pattern: Pattern, cast: Cast, planting: Planting, cheap: boolean): Placement[] | null {
  const locked = planting.placements.filter((p) => p.locked);
  const free = withoutTaken(pattern.slots.map((s) => ({ ...s })), locked, planting);
  const slots: { start: StartSize; xMm: number; yMm: number; fixed?: boolean; role: Placement['role']; plant: Plant | null }[] = locked.map((p) => ({ ...p, fixed: true, plant: null }));
  for (const s of free) {
    const plant = cast[s.part];
    if (!plant) return null;
    const start = startFor(s.role, plant.starts.map((x) => x.size), planting, cheap);
    if (!start) return null;
    const reach = reachMm(planting.container, start) * s.out;
    slots.push({ start, xMm: Math.cos(s.angle) * reach, yMm: Math.sin(s.angle) * reach, role: s.role, plant, fixed: s.out === 0 && locked.length === 0 });
  }
  const settled = settle(planting.container, slots) ?? settle(planting.container, slots.map((s) => ({ ...s, fixed: s.plant === null })));
  if (!settled) return null;
  const out: Placement[] = [...locked];
  settled.forEach((s) => {
    if (s.plant) out.push({ id: freeId(out), plant: s.plant.id, start: s.start, xMm: Math.round(s.xMm * 10) / 10, yMm: Math.round(s.yMm * 10) / 10, role: s.role });
  });
  return out;
}

function withoutTaken<S extends { role: string; angle: number; out: number }>(slots: S[], locked: readonly Placement[], planting: Planting): S[] {
  const left = [...slots];
  for (const p of locked) {
    const reach = Math.max(1, reachMm(planting.container, p.start));
    const far = (s: S) => Math.hypot(Math.cos(s.angle) * s.out * reach - p.xMm, Math.sin(s.angle) * s.out * reach - p.yMm) + (s.role === p.role ? 0 : 1e4);
    const nearest = left.reduce<S | null>((best, s) => (!best || far(s) < far(best) ? s : best), null);
    if (nearest) left.splice(left.indexOf(nearest), 1);
  }
  return left;
}
