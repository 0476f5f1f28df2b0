'use client';
import { useMemo } from 'react';
import { type YearMove, yearOf } from '@/core/groups/year';
import type { Planting } from '@/core/plantings/schema';
import { addDays } from '@/core/units/date';
import { readGroups } from '@/storage/groups';
import { readShelf } from '@/storage/plantings';
import { useStored } from '@/storage/useStored';

/** Moves are looked for from so many days back to so many ahead. */
const BACK = 30;
const AHEAD = 380;

/** What the groups ask of a container through the year; reckoned for a place when it is first asked. */
export function useMoves(today: string): (planting: Planting) => readonly YearMove[] {
  const shelf = useStored(() => readShelf().catch(() => null));
  const groups = useStored(() => readGroups().catch(() => []));
  return useMemo(() => {
    const byPlace = new Map<string, readonly YearMove[]>();
    const pots = (shelf?.pots ?? []).filter((p) => !p.archived).map((p) => p.planting);
    const ofPlace = (place: string): readonly YearMove[] => {
      const group = groups?.find((g) => g.place === place);
      return group ? yearOf(group, pots, addDays(today, -BACK), addDays(today, AHEAD)) : [];
    };
    return (planting) => {
      const place = planting.spot.name;
      const known = byPlace.get(place) ?? ofPlace(place);
      byPlace.set(place, known);
      return known.filter((m) => m.of === planting.id);
    };
  }, [shelf, groups, today]);
}
