import { assess } from '../balance/assess';
import type { Report } from '../balance/finding';
import { lch } from '../colour/oklch';
import { LIBRARY, referTo } from '../plants';
import type { Plant } from '../plants/schema';
import { apply } from '../plantings/commands';
import { plantIdOf } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { promise } from './casting';
import { whyNot } from './filter';
import { startFor } from './patterns';

export interface Swap {
  plant: Plant;
  start: Planting['placements'][number]['start'];
  report: Report;
  /** Score with it, less the score now. */
  change: number;
}

/** Plants of a placement's role that may stand here, most promising first. The plant itself is left out. */
export function alternatives(planting: Planting, placementId: string, library: readonly Plant[] = LIBRARY): Plant[] {
  const now = planting.placements.find((p) => p.id === placementId);
  if (!now) return [];
  const current = plantIdOf(now);
  const hue = planting.brief.from ? lch(planting.brief.from).h : null;
  return library
    .filter((p) => p.id !== current && p.roles.includes(now.role) && whyNot(p, planting).length === 0)
    .map((p) => ({ p, value: promise(p, now.role, planting, hue) }))
    .sort((a, b) => b.value - a.value)
    .map((x) => x.p);
}

/** Every plant that could stand in a placement, judged with it there, best first. */
export function rankSwaps(
  planting: Planting,
  placementId: string,
  most = 24,
  library: readonly Plant[] = LIBRARY,
): Swap[] {
  const now = assess(planting).score;
  return alternatives(planting, placementId, library)
    .slice(0, most)
    .flatMap((plant): Swap[] => {
      const role = planting.placements.find((p) => p.id === placementId)?.role ?? 'filler';
      const start = startFor(
        role,
        plant.starts.map((s) => s.size),
        planting,
        false,
      );
      if (!start) return [];
      const report = assess(apply(planting, { do: 'swap', id: placementId, plant: referTo(plant), start }));
      return [{ plant, start, report, change: Math.round((report.score - now) * 10) / 10 }];
    })
    .sort((a, b) => b.change - a.change);
}
