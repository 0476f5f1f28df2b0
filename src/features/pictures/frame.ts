import { depthOf, rimOf } from '@/core/containers/outline';
import type { Season } from '@/core/growth/grown';
import type { Planting } from '@/core/plantings/schema';
import { footMm, handleMm, hookMm } from '@/core/containers/outline';
import type { Frame } from '@/portrait/lens';

/** The most room the planting takes in any week, so that the picture does not jump as the season runs. */
export function frameOf(planting: Planting, season: Season): Frame {
  const rim = rimOf(planting.container.shape).wide / 2;
  const depth = depthOf(planting.container.shape);
  // An empty pot is shown with room over it for what is to come.
  let top = planting.placements.length === 0 ? depth * 1.5 : 60;
  let reach = rim + 40 + handleMm(planting.container);
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
