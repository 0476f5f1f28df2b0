import type { Container } from '../../containers/schema';
import type { Plant } from '../../plants/schema';
import { resolve } from '../../plantings/resolve';
import type { Placement, Planting } from '../../plantings/schema';
import type { Role } from '../../plants/traits';
import { measure } from '../../balance/assess';
import type { Cast } from '../candidate';
import { fewerFor, patternsFor, type Pattern } from '../patterns';
import { place } from '../place';

/** Patterns that are grown and judged. Working figure: time against quality. */
const JUDGED = 40;

/** Kinds of a role, those there are most of first. */
function kindsOf(planting: Planting, role: Role): Plant[] {
  const counts = new Map<string, { plant: Plant; n: number }>();
  for (const p of resolve(planting).filter((x) => x.role === role))
    counts.set(p.plant.id, { plant: p.plant, n: (counts.get(p.plant.id)?.n ?? 0) + 1 });
  return [...counts.values()].sort((a, b) => b.n - a.n).map((c) => c.plant);
}

/** The kinds there are put into the parts of a pattern; null where they are not as many as it has parts. */
function castInto(pattern: Pattern, kinds: Record<Role, Plant[]>): Cast | null {
  const cast: Cast = {};
  for (const role of ['thriller', 'filler', 'spiller'] as const) {
    const parts = pattern.parts.filter((p) => p.role === role).sort((a, b) => b.count - a.count);
    // A pattern of fewer kinds leaves out those there are fewest of; one of more asks for strangers.
    if (parts.length > kinds[role].length) return null;
    parts.forEach((part, i) => {
      const plant = kinds[role][i];
      if (plant) cast[part.id] = plant;
    });
  }
  return cast;
}

/**
 * The same kinds laid out anew for another container: the centrepiece goes up a start size first, then there is more of
 * the middle, then of the rim, as many as are usual there. Null where they cannot be laid out in it.
 */
export function resized(planting: Planting, container: Container): Placement[] | null {
  const base = { ...planting, container, placements: [] };
  const kinds = {
    thriller: kindsOf(planting, 'thriller'),
    filler: kindsOf(planting, 'filler'),
    spiller: kindsOf(planting, 'spiller'),
  };
  const wanted = kinds.thriller.length + kinds.filler.length + kinds.spiller.length;
  let best: { placements: Placement[]; score: number; lost: number } | null = null;
  for (const patterns of [patternsFor(base), fewerFor(base)]) {
    const casts = patterns.flatMap((pattern) => {
      const cast = castInto(pattern, kinds);
      return cast ? [{ pattern, cast, lost: wanted - pattern.parts.length }] : [];
    });
    const least = Math.min(...casts.map((c) => c.lost));
    for (const { pattern, cast, lost } of casts.filter((c) => c.lost === least).slice(0, JUDGED)) {
      const placements = place(pattern, cast, base, false);
      if (!placements) continue;
      const { score } = measure({ ...base, placements });
      if (!best || score > best.score) best = { placements, score, lost };
    }
    if (best) return best.placements;
  }
  return null;
}
