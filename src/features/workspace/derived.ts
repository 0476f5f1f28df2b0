'use client';
import { useMemo } from 'react';
import { assess } from '@/core/balance/assess';
import type { Report } from '@/core/balance/finding';
import { shapeOf } from '@/core/containers/shapes';
import { grow, type Season } from '@/core/growth/season';
import type { Planting } from '@/core/plantings/schema';
import type { Frame } from '@/portrait/stage';
import { useUnits } from './units';

/** Everything after the planting is worked out from it, and kept only while it is looked at. */
export function useDerived(planting: Planting): { season: Season; report: Report; frame: Frame } {
  const units = useUnits((u) => u.units);
  return useMemo(() => {
    const season = grow(planting);
    return { season, report: assess(planting, units, season), frame: frameOf(planting, season) };
  }, [planting, units]);
}

/** The most room the planting takes in any week, so that the picture does not jump as the season runs. */
export function frameOf(planting: Planting, season: Season): Frame {
  const rim = shapeOf(planting.container.shape).widthMm(planting.container.shape) / 2;
  const depth = shapeOf(planting.container.shape).depthMm(planting.container.shape);
  // An empty pot is shown with room over it for what is to come.
  let top = planting.placements.length === 0 ? depth * 1.5 : 60;
  let reach = rim + 40;
  for (const w of season.weeks) {
    w.plants.forEach((g, i) => {
      const p = season.placed[i];
      if (!p || !g.alive) return;
      top = Math.max(top, g.heightMm * 1.05);
      reach = Math.max(reach, Math.hypot(p.xMm, p.yMm) + g.spreadMm * 0.58);
    });
  }
  return { top, reach };
}
