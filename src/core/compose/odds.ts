import { checkOf, type CheckId } from '../balance';
import { standingOf } from '../balance/standing';
import { referTo } from '../plants';
import type { Plant } from '../plants/schema';
import { newPlacement } from '../plantings/fresh';
import type { Planting } from '../plantings/schema';
import { keptBy } from '../units/keep';
import { SPOILS } from './clean';

/** Checks that need nothing grown, and that a plant fails among any others when it fails them alone; and those that two can fail together, which more company never mends. */
const ALONE: readonly CheckId[] = ['light', 'scorch', 'nights', 'heat', 'winter', 'safety'];
const TOGETHER: readonly CheckId[] = ['safety', 'water', 'mix'];
const BITS = [...new Set([...ALONE, ...TOGETHER])];

/** Checks that fail, one bit each. */
export type Fails = number;

const bitOf = (id: CheckId): Fails => 1 << BITS.indexOf(id);
const SPOILING: Fails = BITS.reduce((so, id) => (SPOILS.has(id) ? so | bitOf(id) : so), 0);

/** Whether one of them keeps a planting from being offered. */
export const spoil = (fails: Fails): boolean => (fails & SPOILING) !== 0;

/** How many fail. */
export function countOf(fails: Fails): number {
  let n = 0;
  for (let left = fails; left > 0; left &= left - 1) n += 1;
  return n;
}

/** What fails whoever else stands there. */
export interface Odds {
  /** With this plant in it. */
  alone: (plant: Plant) => Fails;
  /** With these two in it. */
  between: (a: Plant, b: Plant) => Fails;
  /** With all of these in it: no more may fail in truth, never less. */
  among: (plants: readonly Plant[]) => Fails;
}

/** What plants are at odds with in a planting’s spot, and with each other, each worked out once. */
export function oddsOf(base: Planting): Odds {
  const fails = (plants: readonly Plant[], checks: readonly CheckId[]): Fails => {
    const placements = plants.map((p, i) =>
      newPlacement(`${i}`, { plant: referTo(p), start: 'p9', role: 'filler', xMm: 0, yMm: 0 }),
    );
    const standing = standingOf({ ...base, placements });
    return checks.reduce(
      (so, id) =>
        checkOf(id)
          .of(standing)
          .some((m) => m.severity !== 'good')
          ? so | bitOf(id)
          : so,
      0,
    );
  };
  const alone = keptBy((p: Plant) => fails([p], ALONE));
  const beside = keptBy((_: Plant) => new Map<Plant, Fails>());
  const between = (a: Plant, b: Plant): Fails => {
    const [first, second] = a.id < b.id ? [a, b] : [b, a];
    const known = beside(first).get(second);
    if (known !== undefined) return known;
    const found = fails([first, second], TOGETHER);
    beside(first).set(second, found);
    return found;
  };
  const among = (plants: readonly Plant[]): Fails =>
    plants.reduce((so, a, i) => plants.slice(i + 1).reduce((s, b) => s | between(a, b), so | alone(a)), 0);
  return { alone, between, among };
}
