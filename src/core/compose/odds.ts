import { checkOf, type CheckId } from '../balance';
import { standingOf } from '../balance/standing';
import { referTo } from '../plants';
import type { Plant } from '../plants/schema';
import { newPlacement } from '../plantings/fresh';
import type { Planting } from '../plantings/schema';
import { keptBy, keptIn } from '../units/keep';
import { SPOILS } from './clean';

/**
 * Checks that need nothing grown, and that a plant fails among any others when it fails them alone; and those
 * that two can fail together, which more company never mends.
 */
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
export function countFails(fails: Fails): number {
  let n = 0;
  for (let left = fails; left > 0; left &= left - 1) n += 1;
  return n;
}

/**
 * What plants fail in a planting’s spot and beside each other, whoever else stands there: no more may fail in truth,
 * never less. Each plant and each pair is worked out once.
 */
export function oddsOf(base: Planting): (plants: readonly Plant[]) => Fails {
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
    return keptIn(beside(first), second, () => fails([first, second], TOGETHER));
  };
  return (plants) =>
    plants.reduce((so, a, i) => plants.slice(i + 1).reduce((s, b) => s | between(a, b), so | alone(a)), 0);
}
