import { isLong, kindsFor, usualStarts } from '../containers/counts';
import { shapeOf } from '../containers/shapes';
import type { Role } from '../plants/traits';
import type { Planting } from '../plantings/schema';
import { schoolOf } from '../schools';
import type { Slot } from '../schools/lays/slot';
import { oneSided } from '../spots/light';
import { clamp } from '../units/number';

/** A way of filling a container: its slots and the parts that kinds are cast into. */
export interface Pattern {
  id: string;
  slots: Slot[];
  parts: { id: string; role: Role; count: number }[];
}

/** Share of the plants round the lead that spill: more in what hangs. Working figures from ordinary counts. */
const SPILLERS = { basket: [0.5, 0.65], other: [0.36, 0.5] } as const;
const FILLER_KINDS = [1, 2, 3, 4] as const;
const SPILLER_KINDS = [1, 2, 3] as const;
/** Starts to a kind in a mixed planting, at the least; in one that stays the year. Practice. */
const OF_EACH = 1.66;
const OF_EACH_LASTING = 1.4;
/** From so many starts on it is mixed: three kinds at least. */
const MIXED_FROM = 5;
/** So many plants fewer than usual are tried at the most. Working figure. */
const FEWER = 3;

/** From so many plants on two spill at the least. */
const EVEN_FROM = 4;

/** So many of `n` plants spill, at a share. */
function spillersOf(n: number, share: number): number {
  if (share === 0) return 0;
  if (n <= 2) return n - 1;
  // From four plants on, one trailer would leave the rim bare all round but for one side.
  return clamp(Math.round((n - 1) * share), n >= EVEN_FROM ? 2 : 1, Math.max(1, n - 2));
}

/** Numbers of filler and spiller kinds that make a mixed planting of `n` with so many spillers. */
function kindCounts(
  n: number,
  spillers: number,
  star: boolean,
  most: number,
  each: number,
): { filler: number; spiller: number }[] {
  const fillers = n - (star ? 1 : 0) - spillers;
  return FILLER_KINDS.flatMap((filler) =>
    (spillers === 0 ? [0] : SPILLER_KINDS).flatMap((spiller) => {
      const kinds = filler + spiller + (star ? 1 : 0);
      if (filler > Math.max(1, fillers) || spiller > Math.max(1, spillers) || kinds > most) return [];
      if (n >= MIXED_FROM && (kinds < 3 || n / kinds < each)) return [];
      return [{ filler, spiller }];
    }),
  );
}

/**
 * The patterns to try for a planting: its school's, over counts, kinds and turns. All round, opposites match;
 * one-sided, odd clumps.
 */
export function patternsFor(planting: Planting): Pattern[] {
  const [few, many] = usualStarts(planting.container);
  const asked = schoolOf(planting.brief).asks?.counts;
  if (asked) return patternsOf(planting, [...new Set(asked.map((share) => Math.max(1, Math.round(few * share))))]);
  return patternsOf(
    planting,
    planting.brief.density === 'full now'
      ? [many, many - 1]
      : [...new Set([few, few + 1, few + 2].map((n) => Math.min(many, n)))],
  );
}

/** Patterns of fewer plants than are usual, down to one: for where no usual one can stand. */
export function fewerFor(planting: Planting): Pattern[] {
  const [few] = usualStarts(planting.container);
  return patternsOf(
    planting,
    Array.from({ length: Math.min(FEWER, few - 1) }, (_, i) => few - 1 - i),
  );
}

function patternsOf({ container, brief, spot }: Planting, counts: readonly number[]): Pattern[] {
  const school = schoolOf(brief);
  const shares = !school.hangs ? [0] : SPILLERS[shapeOf(container.shape).family === 'basket' ? 'basket' : 'other'];
  const out = new Map<string, Pattern>();
  for (const n of counts.filter((c) => c >= 1)) {
    for (const share of shares) {
      const spillers = spillersOf(n, share);
      for (const kinds of kindCounts(
        n,
        spillers,
        school.star,
        kindsFor(container) + 1,
        brief.lasting ? OF_EACH_LASTING : OF_EACH,
      )) {
        const lays = school.lays(container.shape, { n, spillers, kinds, opposite: !oneSided(spot) });
        lays.forEach((slots, i) => {
          const id = [brief.school, n, spillers, kinds.filler, kinds.spiller, i].join('-');
          if (!out.has(id)) out.set(id, { id, slots, parts: partsOf(slots) });
        });
      }
    }
  }
  const all = [...out.values()];
  // One kind stands alone at the most: the star, or where there is none what stands in the middle of a ring.
  const most = school.star || isLong(container.shape) ? 0 : 1;
  const steady = all.filter(({ slots, parts }) => alone(parts) <= Math.max(most, MIXED_FROM - slots.length));
  return steady.length > 0 ? steady : all;
}

/** Kinds beside the star that are planted once. */
const alone = (parts: Pattern['parts']): number => parts.filter((p) => p.role !== 'thriller' && p.count === 1).length;

function partsOf(slots: readonly Slot[]): Pattern['parts'] {
  const parts = new Map<string, { id: string; role: Role; count: number }>();
  for (const s of slots) {
    const known = parts.get(s.part);
    if (known) known.count += 1;
    else parts.set(s.part, { id: s.part, role: s.role, count: 1 });
  }
  return [...parts.values()];
}
