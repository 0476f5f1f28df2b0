import { headspaceMm } from '../containers';
import { shapeOf } from '../containers/shapes';
import type { Season } from '../growth/season';
import type { Planting } from '../plantings/schema';
import { hashText, seeded } from '../units/number';
import { createBuilder } from './builder';
import { HABITS } from './habits';
import type { Canopy } from './kinds';

/** Walls are about this thick where stems cross them, mm. */
const WALL = 14;

/**
 * Grows the visible planting of one week: every leaf, flower and stem as an instance. Same planting and week, same
 * canopy. Coordinates in mm: x right, y up from the rim, z toward the viewer.
 */
export function sprout(planting: Planting, season: Season, week: number): Canopy {
  const builder = createBuilder();
  const { shape } = planting.container;
  const s = shapeOf(shape);
  const soil = -headspaceMm(planting.container);
  const pot = { rimMm: s.widthMm(shape) / 2, depthMm: s.depthMm(shape), wallAt: (below: number) => s.radiusMm(shape, below) + WALL };
  const sizes = season.weeks[Math.max(0, Math.min(week, season.weeks.length - 1))]?.plants ?? [];
  season.placed.forEach((p, owner) => {
    const grown = sizes[owner];
    if (!grown?.alive) return;
    HABITS[p.plant.habit]({
      plant: p.plant,
      grown,
      owner,
      builder,
      random: seeded(hashText(`${p.plant.id}/${p.id}`)),
      base: [p.xMm, soil, p.yMm],
      outward: Math.hypot(p.xMm, p.yMm) > 1 ? Math.atan2(p.yMm, p.xMm) : Math.PI / 2,
      out: Math.hypot(p.xMm, p.yMm),
      pot,
    });
  });
  return builder.finish();
}
