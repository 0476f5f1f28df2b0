import { factsOf } from '../../plants/facts';
import { ROLES, type Role } from '../../plants/traits';
import { resolve, type Placed } from '../../plantings/resolve';
import type { Placement, Planting } from '../../plantings/schema';

/** What of a planting can be changed while the rest is kept. */
export const SOME = [...ROLES, 'seasonal'] as const;
export type Some = (typeof SOME)[number];

const isRole = (some: Some): some is Role => some !== 'seasonal';

/** What lives for one season out of doors here. */
const seasonal = ({ plant }: Placed): boolean => ['annual', 'tender perennial'].includes(factsOf(plant).life);

const among = (p: Placed, some: readonly Some[]): boolean => some.some((s) => (isRole(s) ? p.role === s : seasonal(p)));

/** How many plants each choice would change; what is kept already is not among them. */
export function countOfSome(planting: Planting): Record<Some, number> {
  const free = resolve(planting).filter((p) => !p.locked);
  const count = (some: Some) => free.filter((p) => among(p, [some])).length;
  return {
    thriller: count('thriller'),
    filler: count('filler'),
    spiller: count('spiller'),
    seasonal: count('seasonal'),
  };
}

/** A planting in which all but some are kept, to be composed again. */
export function changingOnly(planting: Planting, some: readonly Some[]): Planting {
  const change = new Set(
    resolve(planting)
      .filter((p) => !p.locked && among(p, some))
      .map((p) => p.id),
  );
  return { ...planting, placements: planting.placements.map((p) => ({ ...p, locked: !change.has(p.id) })) };
}

/** What was composed, with each that was there before kept or not as it was. */
export function keptAsBefore(before: Planting, composed: readonly Placement[]): Placement[] {
  const was = new Map(before.placements.map((p) => [p.id, p]));
  return composed.map((p) => (p.locked ? { ...p, locked: was.get(p.id)?.locked } : p));
}
