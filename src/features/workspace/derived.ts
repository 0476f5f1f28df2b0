'use client';
import { useMemo } from 'react';
import { assess } from '@/core/balance/assess';
import type { Report } from '@/core/balance/finding';
import { grow } from '@/core/growth/season';
import { turnOn } from '@/core/growth/turn';
import { type Season } from '@/core/growth/grown';
import type { Planting } from '@/core/plantings/schema';
import type { Frame } from '@/portrait/lens';
import { frameOf } from '../pictures/frame';
import { useToday } from '../shell/diary';
import { useUnits } from '../shell/units';

/** Everything after the planting is worked out from it, and kept only while it is looked at. */
export function useDerived(planting: Planting): { season: Season; report: Report; frame: Frame } {
  const units = useUnits((u) => u.units);
  const today = useToday();
  return useMemo(() => {
    const season = grow(planting);
    const turn = turnOn(planting, season, today);
    return { season, report: assess(turn.planting, units, turn.season), frame: frameOf(planting, season) };
  }, [planting, units, today]);
}
