'use client';
import { useMemo } from 'react';
import { assess } from '@/core/balance/assess';
import type { Report } from '@/core/balance/finding';
import { grow } from '@/core/growth/season';
import { type Season } from '@/core/growth/grown';
import type { Planting } from '@/core/plantings/schema';
import type { Frame } from '@/portrait/stage';
import { frameOf } from '../pictures/frame';
import { useUnits } from '../shell/units';

/** Everything after the planting is worked out from it, and kept only while it is looked at. */
export function useDerived(planting: Planting): { season: Season; report: Report; frame: Frame } {
  const units = useUnits((u) => u.units);
  return useMemo(() => {
    const season = grow(planting);
    return { season, report: assess(planting, units, season), frame: frameOf(planting, season) };
  }, [planting, units]);
}
