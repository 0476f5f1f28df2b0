'use client';
import { useCallback, useMemo } from 'react';
import { type YearMove, movesOfYear } from '@/core/groups/year';
import type { Planting } from '@/core/plantings/schema';
import { addDays } from '@/core/units/date';
import { readGroups } from '@/storage/groups';
import { readShelf } from '@/storage/plantings';
import { useStored } from '@/storage/useStored';

/** Moves are looked for from so many days back to so many ahead. */
const BACK = 30;
const AHEAD = 380;

/** What the groups ask of a container through the year. */
export function useMoves(today: string): (planting: Planting) => readonly YearMove[] {
  const shelf = useStored(() => readShelf().catch(() => null));
  const groups = useStored(() => readGroups().catch(() => []));
  const moves = useMemo(() => {
    const pots = (shelf?.pots ?? []).filter((p) => !p.archived).map((p) => p.planting);
    return (groups ?? []).flatMap((g) => movesOfYear(g, pots, addDays(today, -BACK), addDays(today, AHEAD)));
  }, [shelf, groups, today]);
  return useCallback((planting) => moves.filter((m) => m.of === planting.id), [moves]);
}
