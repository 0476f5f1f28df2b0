import { referTo } from '../plants';
import type { Plant } from '../plants/schema';
import type { Role } from '../plants/traits';
import { newPlacement } from '../plantings/fresh';
import { freeId } from '../plantings/ids';
import type { Placement, Planting } from '../plantings/schema';
import { tenth } from '../units/number';
import { misfits, reachMm, settle } from './packing';
import { startOf } from './start-for';

/** Directions tried round the middle. */
const TURNS = 24;
/**
 * How far out each is tried, of what its root ball can reach: a spiller at the rim, others nearer first.
 * Working figures.
 */
const OUT = { spiller: [1], other: [0.65, 1, 0.4] } as const;

/**
 * The placements with one more plant in them: in the first direction that is free, nudging nobody if it can; else the
 * others give way, save those that are kept. Null when there is no room. A plant sold in no start that goes in is
 * tried in its first.
 */
export function roomFor(planting: Planting, plant: Plant, role: Role): Placement[] | null {
  const { container, placements } = planting;
  const start = startOf(plant, role, planting) ?? plant.starts[0]?.size;
  if (!start) return null;
  const id = freeId(planting);
  const at = (xMm: number, yMm: number) => newPlacement(id, { plant: referTo(plant), start, role, xMm, yMm });
  const turns = Array.from({ length: TURNS }, (_, i) => (i / TURNS) * Math.PI * 2);
  const tries = [
    ...OUT[role === 'spiller' ? 'spiller' : 'other'].flatMap((out) =>
      turns.map((a) => {
        const reach = Math.max(0, reachMm(container, start, a)) * out;
        return at(Math.round(Math.cos(a) * reach), Math.round(Math.sin(a) * reach));
      }),
    ),
    at(0, 0),
  ];
  const fits = (t: Placement) => misfits(container, [...placements, t]).every((m) => !m.ids.includes(id));
  const free = tries.find(fits);
  if (free) return [...placements, free];
  for (const t of tries) {
    const all = settle(
      container,
      [...placements, t].map((p) => ({ ...p, fixed: p.locked ?? false })),
    );
    if (all) return all.map(({ fixed: _fixed, ...p }) => ({ ...p, xMm: tenth(p.xMm), yMm: tenth(p.yMm) }));
  }
  return null;
}
