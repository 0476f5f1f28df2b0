import { plantName } from '@/core/plants/schema';
import { fateOf } from '@/core/growth/fate';
import type { Season } from '@/core/growth/grown';
import type { Planting } from '@/core/plantings/schema';
import { formatLength, type UnitSystem } from '@/core/units/length';
import { describe } from '@/core/containers/describe';
import { depthOf } from '@/core/containers/outline';
import { MATERIALS } from '@/core/containers/materials';

/** A container in a week in words, for those who hear its picture. */
export function accountOf(planting: Planting, season: Season, week: number, units: UnitSystem): string {
  const { container } = planting;
  const material = MATERIALS[container.material].label.toLowerCase();
  const pot = `${material} ${describe(container, units)}, ${formatLength(depthOf(container.shape), units)} deep`;
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
    const trail = g.trailMm > 40 ? `, trailing ${formatLength(g.trailMm, units)}` : '';
    const flower = g.bloom > 0.25 && p.plant.flower.show > 0.1 ? ', in flower' : '';
    return `${plantName(p.plant)} ${where(p.xMm, p.yMm)}, ${formatLength(g.heightMm, units)} tall${trail}${flower}`;
  });
  return `Week ${week}: ${pot}. ${parts.join('; ')}.`;
}
