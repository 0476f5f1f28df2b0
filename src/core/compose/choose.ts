import { type Judged, leadOf } from './candidate';

/** A choice is this many at least. */
export const LEAST = 4;
/** Two proposals that share this much of their kinds are one idea; where too few differ, less difference must do. */
const ALIKE = 0.5;
const LESS_DIFFERENT = [ALIKE, 0.75, 0.99] as const;

/** Shared kinds over all kinds of two casts. */
function likeness(a: Judged, b: Judged): number {
  const kinds = (j: Judged) => new Set(Object.values(j.cast).map((p) => p.id));
  const [x, y] = [kinds(a), kinds(b)];
  const both = [...x].filter((id) => y.has(id)).length;
  return both / (x.size + y.size - both);
}

/** The first, then the first that is another idea, and so on; the best first when they are sorted. */
export function pick(sorted: readonly Judged[], want: number): Judged[] {
  const out: Judged[] = [];
  for (const limit of LESS_DIFFERENT) {
    for (const j of sorted) {
      if (out.length >= want) return out;
      const differs = out.every((o) => likeness(o, j) < limit && (limit > ALIKE || leadOf(o) !== leadOf(j)));
      if (!out.includes(j) && differs) out.push(j);
    }
    if (out.length >= Math.min(LEAST, want)) return out;
  }
  return out;
}
