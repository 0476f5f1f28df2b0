'use client';
import { useStored } from '@/storage/useStored';
import { useMemo } from 'react';
import type { Plant } from '@/core/plants/schema';
import { NOTHING_OF_MINE, shelfOf, type Mine } from '@/core/stock/shelf';
import { type Own, readOwn } from '@/storage/plants';
import { readStock } from '@/storage/stock';
import type { KeptStock } from '@/core/stock/schema';

export interface Known {
  /** What workers are told. */
  mine: Mine;
  /** Every plant there is to choose from now: the stocked ones only, when the gardener keeps to a nursery's list. */
  library: readonly Plant[];
  /** Every plant that is known, stocked or not. */
  all: readonly Plant[];
  own: readonly Own[];
  unreadable: readonly string[];
  stock: KeptStock | null;
  ready: boolean;
}

const NO_OWN: readonly Own[] = [];

/** The library as this browser has it: shipped, own, corrected, and what a nursery has of it. Follows other tabs. */
export function useKnown(): Known {
  const shelf = useStored(() => readOwn().catch(() => null));
  const stock = useStored(() => readStock().catch(() => null));
  return useMemo(() => {
    const own = shelf?.own ?? NO_OWN;
    const mine: Mine = { own: own.map((o) => o.plant), stock: stock?.keepTo ? stock.stock : null };
    return {
      mine,
      library: shelfOf(mine),
      all: shelfOf({ ...NOTHING_OF_MINE, own: mine.own }),
      own,
      unreadable: shelf?.unreadable ?? [],
      stock: stock ?? null,
      ready: shelf !== undefined && stock !== undefined,
    };
  }, [shelf, stock]);
}
