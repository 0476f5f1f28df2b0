'use client';
import type { Entry } from '@/core/materials/entry';
import { toBuy } from '@/core/materials/turn';
import type { BatchRow } from '@/core/buying/making';
import type { Planting } from '@/core/plantings/schema';
import { readShelf } from '@/storage/plantings';
import { useStored } from '@/storage/useStored';
import type { Scope } from './making';

/** Every container on the bench that is not put away; the one that is open as it is now. */
export function useBench(open: Planting): Planting[] {
  const shelf = useStored(() => readShelf().catch(() => null));
  const pots = (shelf?.pots ?? []).filter((p) => !p.archived).map((p) => p.planting);
  const others = pots.filter((p) => p.id !== open.id);
  return pots.length === others.length ? [open, ...others] : pots.map((p) => (p.id === open.id ? open : p));
}

/** What a list is for, container by container. */
export function entriesFor(
  scope: Scope,
  open: Planting,
  bench: readonly Planting[],
  batch: readonly BatchRow[],
  today: string,
): Entry[] {
  const buy = (p: Planting): Planting => toBuy(p, today);
  const whole = (p: Planting): Entry => ({ planting: buy(p), count: p.container.count });
  switch (scope) {
    case 'one':
      return [{ planting: buy(open), count: 1 }];
    case 'set':
      return [whole(open)];
    case 'place':
      return bench.filter((p) => p.spot.name === open.spot.name).map(whole);
    case 'bench':
      return bench.map(whole);
    case 'batch':
      return batch.flatMap(({ id, count }): Entry[] => {
        const planting = bench.find((p) => p.id === id);
        return planting ? [{ planting: buy(planting), count }] : [];
      });
  }
}
