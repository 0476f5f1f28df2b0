import { firstNights, nightsSuit } from '../../balance/suits';
import { bestWeeks, type Stretch } from '../../growth/stretches';
import { grow } from '../../growth/season';
import type { Command } from '../../plantings/commands';
import { apply } from '../../plantings/commands';
import { resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { addDays, daysBetween } from '../../units/date';
import { biggerStarts } from './size';
import type { Try } from './ground';

/** Whether a planting is at its best on a day, and what would make it so. */
export interface Readiness {
  ready: boolean;
  /** Its best weeks as days, first and last; null where nothing grows. */
  best: { from: string; to: string } | null;
  /** Ways to have it ready, the least change first. */
  ways: Try[];
}

/** Planting days tried, weeks earlier or later. Working figure. */
const SHIFTS = [-1, 1, -2, 2, -3, 3, -4, 4, -5, 5, -6, 6, -8, 8] as const;
const WAYS = 3;

const daysOf = ({ startDate }: Planting, { from, to }: Stretch) => ({
  from: addDays(startDate, from * 7),
  to: addDays(startDate, to * 7 + 6),
});

/** Its best weeks as days. */
function bestOf(planting: Planting): Readiness['best'] {
  const stretch = bestWeeks(grow(planting));
  return stretch && daysOf(planting, stretch);
}

const holds = (best: Readiness['best'], day: string): boolean => best !== null && best.from <= day && day <= best.to;

/** Nobody in it is killed by the nights it would meet. */
function nightsAllow(planting: Planting): boolean {
  const nights = firstNights(planting);
  return resolve(planting).every((p) => nightsSuit(p.plant, nights) !== 'frost');
}

/** Every plant that is not kept and is sold larger, in its next size. */
function allBigger(planting: Planting): Try[] {
  const free = resolve(planting).filter((p) => !p.locked);
  const commands = free.flatMap((p) => biggerStarts({ planting, targets: [p] })[0]?.commands ?? []);
  return commands.length > 0 ? [{ label: 'Buy every plant one size bigger', commands }] : [];
}

/**
 * Whether a planting is at its best on a day, and else from which planting day or with which starts it would
 * be. Throws UnknownPlantError.
 */
export function readyFor(planting: Planting, day: string): Readiness {
  const best = bestOf(planting);
  if (holds(best, day) || planting.placements.length === 0) return { ready: holds(best, day), best, ways: [] };
  const tries = [
    ...allBigger(planting),
    ...SHIFTS.map((weeks) => ({
      label: `Plant ${Math.abs(weeks)} ${Math.abs(weeks) === 1 ? 'week' : 'weeks'} ${weeks < 0 ? 'earlier' : 'later'}`,
      commands: [{ do: 'set', change: { startDate: addDays(planting.startDate, weeks * 7) } }] as Command[],
    })),
  ];
  const ways = tries.filter(({ commands }) => {
    const tried = commands.reduce(apply, planting);
    return daysBetween(tried.startDate, day) > 0 && nightsAllow(tried) && holds(bestOf(tried), day);
  });
  return { ready: false, best, ways: ways.slice(0, WAYS) };
}
