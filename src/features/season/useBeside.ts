'use client';
import { useMemo } from 'react';
import type { Season } from '@/core/growth/grown';
import { grow } from '@/core/growth/season';
import { type YearId, YEARS } from '@/core/growth/years';
import { apply } from '@/core/plantings/commands';
import type { Planting } from '@/core/plantings/schema';
import type { SecondPortrait, StationProps } from '../shell/panels';
import { useTrying } from './trying';

interface Tried {
  planting: Planting;
  season: Season;
  year: YearId | null;
}

/** A planting with what is tried on it, in the year it is tried in. */
export function useTried(planting: Planting): Tried | null {
  const { of, tried, year } = useTrying();
  return useMemo(() => {
    if (of !== planting.id || (!tried && !year)) return null;
    const done = (tried?.commands ?? []).reduce(apply, planting);
    return { planting: done, season: grow(done, undefined, year), year };
  }, [of, planting, tried, year]);
}

/** What stands beside the portrait: the planting with what is tried, or itself in the week that is held. */
export function useBeside({ planting, season, week }: StationProps): SecondPortrait | null {
  const tried = useTried(planting);
  const { of, year, held } = useTrying();
  return useMemo(() => {
    if (tried) return { ...tried, week, names: ['Now', year ? YEARS[year].label : 'With the change'] };
    if (of === planting.id && held !== null)
      return { planting, season, year: null, week: held, names: [`Week ${week}`, `Week ${held}`] };
    return null;
  }, [tried, year, of, planting, season, week, held]);
}
