import type { OwnPlant } from '../plants/own';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { same } from '../units/same';
import type { BenchFile, Pot } from './backup';

/**
 * What becomes of one thing in a file: put beside what is here, in its place, or left out because the one
 * here is as new.
 */
export type Fate = 'new' | 'newer' | 'older' | 'same';

/** A bench as it is here, by id; times in milliseconds. */
export interface Here {
  pots: ReadonlyMap<string, { planting: Planting; updatedAt: number; away: boolean }>;
  plants: ReadonlyMap<string, { plant: Plant; updatedAt: string; photo: string | null }>;
  hasStock: boolean;
}

/** What opening a file would do. */
export interface Merge {
  pots: { pot: Pot; fate: Fate; /** The id it gets; its own unless another container has it. */ id: string }[];
  plants: { own: OwnPlant; fate: Fate }[];
  /** The file's stock list is taken: none is here. */
  stock: boolean;
}

function potFate(pot: Pot, here: Here['pots'], newId: () => string): Merge['pots'][number] {
  const { id } = pot.planting;
  const there = here.get(id);
  if (!there) return { pot, fate: 'new', id };
  if (same(there.planting, pot.planting) && (there.away === pot.away || pot.changedAt === null))
    return { pot, fate: 'same', id };
  // A file of one planting does not say when it was changed: it is set beside the one that is here.
  if (pot.changedAt === null) return { pot, fate: 'new', id: newId() };
  return { pot, fate: Date.parse(pot.changedAt) > there.updatedAt ? 'newer' : 'older', id };
}

function plantFate(own: OwnPlant, here: Here['plants']): Merge['plants'][number] {
  const there = here.get(own.plant.id);
  if (!there) return { own, fate: 'new' };
  if (same(there.plant, own.plant) && there.photo === own.photo) return { own, fate: 'same' };
  return { own, fate: Date.parse(own.updatedAt) > Date.parse(there.updatedAt) ? 'newer' : 'older' };
}

/**
 * What opening a file would do to the bench that is here: by identity, the newer of two wins, and what is the same is
 * not doubled. Pure: nothing is done by it. Two containers of one id in one file are told apart.
 */
export function mergeOf(bench: BenchFile, here: Here, newId: () => string): Merge {
  const seen = new Set<string>();
  const pots = bench.pots.map((pot) => {
    const twin = seen.has(pot.planting.id);
    seen.add(pot.planting.id);
    return twin ? { pot, fate: 'new' as const, id: newId() } : potFate(pot, here.pots, newId);
  });
  return {
    pots,
    plants: bench.plants.map((own) => plantFate(own, here.plants)),
    stock: bench.stock !== null && !here.hasStock,
  };
}

/** How many there are of each fate. */
export function countFates(list: readonly { fate: Fate }[]): Record<Fate, number> {
  const out: Record<Fate, number> = { new: 0, newer: 0, older: 0, same: 0 };
  for (const { fate } of list) out[fate] += 1;
  return out;
}
