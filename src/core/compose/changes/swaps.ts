import { assess } from '../../balance/assess';
import type { Report } from '../../balance/finding';
import { lch } from '../../colour/oklch';
import { startOf } from '../../layout/start-for';
import { LIBRARY, referTo } from '../../plants';
import type { Plant } from '../../plants/schema';
import type { StartSize } from '../../plants/starts';
import type { Role } from '../../plants/traits';
import { plantIdOf } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { whyNot } from '../filter';
import { playersOf } from '../players';
import { promise } from '../promise';
import { trial } from './trial';

export interface Swap {
  plant: Plant;
  start: StartSize;
  report: Report;
  /** Score with it, less the score now. */
  change: number;
}

/** Plants of a placement's role that may stand here, most promising first. The plant itself is left out. */
export function alternatives(planting: Planting, placementId: string, library: readonly Plant[] = LIBRARY): Plant[] {
  const now = planting.placements.find((p) => p.id === placementId);
  if (!now) return [];
  const current = plantIdOf(now);
  return alternativesIn(planting, now.role, library).filter((p) => p.id !== current);
}

/** Plants that may play a role here, most promising first. */
export function alternativesIn(planting: Planting, role: Role, library: readonly Plant[] = LIBRARY): Plant[] {
  const hue = planting.brief.from ? lch(planting.brief.from).h : null;
  const may = library.filter((p) => whyNot(p, planting).length === 0);
  return playersOf(role, may)
    .map((p) => ({ p, value: promise(p, role, planting, hue) }))
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
  const now = assess(planting);
  const role = planting.placements.find((p) => p.id === placementId)?.role ?? 'filler';
  return alternatives(planting, placementId, library)
    .slice(0, most)
    .flatMap((plant): Swap[] => {
      const start = startOf(plant, role, planting);
      if (!start) return [];
      const { report, change } = trial(planting, now, [{ do: 'swap', id: placementId, plant: referTo(plant), start }]);
      return [{ plant, start, report, change }];
    })
    .sort((a, b) => b.change - a.change);
}
