import { plantName } from '@/core/plants/schema';
import { fateOf } from '@/core/growth/fate';
import type { Season } from '@/core/growth/grown';
import type { Planting } from '@/core/plantings/schema';
import { formatLength } from '@/core/units/length';
import { describe } from '@/core/containers/describe';
import { depthOf } from '@/core/containers/outline';
import { MATERIALS } from '@/core/containers/materials';

/** The portrait in words, for those who hear it. */
export function accountOf(planting: Planting, season: Season, week: number): string {
  const pot = `${MATERIALS[planting.container.material].label.toLowerCase()} ${describe(planting.container)}, ${formatLength(depthOf(planting.container.shape))} deep`;
  if (season.placed.length === 0) return `Picture: ${pot}, not planted yet.`;
  const sizes = season.weeks[Math.min(week, season.weeks.length - 1)]?.plants ?? [];
  const where = (x: number, y: number) =>
    Math.hypot(x, y) < 40
      ? 'in the middle'
      : `${y > 40 ? 'front' : y < -40 ? 'back' : ''}${x > 40 ? ' right' : x < -40 ? ' left' : ''}`.trim();
  const parts = season.placed.map((p, i) => {
    const g = sizes[i];
    const fate = g && fateOf(g);
    if (!g || fate) return `${plantName(p.plant)}, ${fate ?? 'not there'}`;
    return `${plantName(p.plant)} ${where(p.xMm, p.yMm)}, ${formatLength(g.heightMm)} tall${g.trailMm > 40 ? `, trailing ${formatLength(g.trailMm)}` : ''}${g.bloom > 0.25 && p.plant.flower.show > 0.1 ? ', in flower' : ''}`;
  });
  return `Week ${week}: ${pot}. ${parts.join('; ')}. Arrow keys rotate the view; press 1 for the front, 2 for eye level, 3 for above.`;
}
