'use client';
import { useMemo } from 'react';
import { grow } from '@/core/growth/season';
import { inWeather, WEATHERS } from '@/core/growth/weathers';
import { apply } from '@/core/plantings/commands';
import type { Planting } from '@/core/plantings/schema';
import type { Beside, StationProps } from '../shell/panels';
import { useTrying } from './trying';

/** A planting with what is tried on it, in the weather it is tried in. */
export function useTried(planting: Planting): Planting | null {
  const { of, tried, weather } = useTrying();
  return useMemo(() => {
    if (of !== planting.id || (!tried && !weather)) return null;
    const done = (tried?.commands ?? []).reduce(apply, planting);
    return weather ? inWeather(done, weather) : done;
  }, [of, planting, tried, weather]);
}

/** What stands beside the portrait: the planting with what is tried, or itself in the week that is held. */
export function useBeside({ planting, season, week }: StationProps): Beside | null {
  const tried = useTried(planting);
  const { of, weather, held } = useTrying();
  return useMemo(() => {
    if (tried)
      return {
        planting: tried,
        season: grow(tried),
        week,
        names: ['As it is', weather ? WEATHERS[weather].label : 'With it'],
      };
    if (of === planting.id && held !== null)
      return { planting, season, week: held, names: [`Week ${week}`, `Week ${held}`] };
    return null;
  }, [tried, weather, of, planting, season, week, held]);
}
