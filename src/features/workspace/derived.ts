'use client';
import { useMemo } from 'react';
import { assess } from '@/core/balance/assess';
import type { Report } from '@/core/balance/finding';
import { depthOf, rimOf } from '@/core/containers/outline';
import { grow, type Season } from '@/core/growth/season';
import type { Planting } from '@/core/plantings/schema';
import { footMm } from '@/portrait/body';
import { hookMm } from '@/portrait/fittings';
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
  const rim = rimOf(planting.container.shape).wide / 2;
  const depth = depthOf(planting.container.shape);
  // An empty pot is shown with room over it for what is to come.
  let top = planting.placements.length === 0 ? depth * 1.5 : 60;
  let reach = rim + 40;
  for (const w of season.weeks) {
    w.plants.forEach((g, i) => {
      const p = season.placed[i];
      if (!p || !g.alive) return;
      top = Math.max(top, g.heightMm * 1.05);
      reach = Math.max(reach, Math.abs(p.xMm) + g.spreadMm * 0.58);
    });
  }
  const { container } = planting;
  // What stands on the ground stops there; what hangs is shown to the end of its trails.
  const hung = container.mount !== 'ground';
  const longest = Math.max(0, ...season.weeks.flatMap((w) => w.plants.map((g) => (g.alive ? g.trailMm : 0))));
  return {
    top: Math.max(top, hookMm(container) + 30),
    bottom: hung ? Math.max(footMm(container) + 50, longest * 1.08) : footMm(container),
    reach,
  };
}
