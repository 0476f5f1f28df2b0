import { LIBRARY } from '../../plants';
import type { Plant } from '../../plants/schema';
import { resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { compose, type Proposal } from '../compose';

/** The kind there is most of, that stands round the lead: what a pair of pots has in common. */
function commonest(planting: Planting): Plant | null {
  const counts = new Map<string, { plant: Plant; n: number }>();
  for (const p of resolve(planting).filter((x) => x.role !== 'thriller'))
    counts.set(p.plant.id, { plant: p.plant, n: (counts.get(p.plant.id)?.n ?? 0) + 1 });
  return [...counts.values()].sort((a, b) => b.n - a.n)[0]?.plant ?? null;
}

/**
 * A planting to stand by turns with another in the same container and light: the same colours and way of arranging, one
 * kind in common, another lead. Null where none can be made.
 */
export function partnerFor(planting: Planting, seed = 1, library: readonly Plant[] = LIBRARY): Proposal | null {
  const shared = commonest(planting);
  const leads = resolve(planting)
    .filter((p) => p.role === 'thriller')
    .map((p) => p.plant.id);
  if (!shared) return null;
  const brief = { ...planting.brief, must: [shared.id], never: [...planting.brief.never, ...leads] };
  const { proposals } = compose({ ...planting, brief, placements: [], deeds: [] }, { seed, library });
  const best = [...proposals].sort((a, b) => b.report.score - a.report.score)[0];
  return best ? { ...best, planting: { ...best.planting, brief: planting.brief } } : null;
}
