import type { Plant } from '../../plants/schema';
import type { Command } from '../../plantings/commands';
import type { Planting } from '../../plantings/schema';
import { addDays, daysBetween, formatDay, nextMonthDay } from '../../units/date';
import { type Act, actOf } from './act';
import { NOBODY, sortOut } from './sort-out';

/**
 * The turns of a year: spring from five weeks before the last frost, summer from two weeks after it, autumn,
 * to stand the winter, from eighteen days before the first frost. Growers’ figures: mid May, and late
 * September to October.
 */
const TURNS = [
  { name: 'spring', from: 'lastFrost', days: -35 },
  { name: 'summer', from: 'lastFrost', days: 14 },
  { name: 'autumn', from: 'firstFrost', days: -18 },
] as const;
export type TurnName = (typeof TURNS)[number]['name'];

/** A turn less than this from the one before is left out. Days, working figure. */
const APART_DAYS = 42;
const YEAR_DAYS = 365;

/** A turn of the year as it is planned; one that needs nothing, or for which nothing was found, says why. */
export interface YearTurn extends Omit<Act, 'after' | 'reason'> {
  name: TurnName;
  problem: string | null;
}

export interface PlannedYear {
  planting: Planting;
  turns: YearTurn[];
  /** Pounds for one container. */
  cost: number;
}

/**
 * The days of the year ahead on which a container may be changed over, soonest first; none on the heels of
 * its planting.
 */
export function turnDays(planting: Planting, today: string): { name: TurnName; on: string }[] {
  const days = TURNS.map(({ name, from, days: off }) => {
    const mark = nextMonthDay(addDays(today, -off), planting.spot[from]);
    return { name, on: addDays(mark, off) };
  })
    .filter(({ on }) => daysBetween(today, on) <= YEAR_DAYS && daysBetween(planting.startDate, on) >= APART_DAYS)
    .sort((a, b) => a.on.localeCompare(b.on));
  return days.filter(({ on }, i) => i === 0 || daysBetween(days[i - 1]?.on ?? on, on) >= APART_DAYS);
}

/** The edits that make a planting what a year of turns came to. */
export function yearCommands(planting: Planting, { planting: after }: PlannedYear): Command[] {
  const was = new Map(planting.placements.map((p) => [p.id, p]));
  return after.placements.flatMap((p): Command[] => {
    const before = was.get(p.id);
    if (!before) return [{ do: 'add', placement: p }];
    return before.until === p.until ? [] : [{ do: 'lift', id: p.id, on: p.until }];
  });
}

/**
 * A year of up to three turns, each composed into what the one before leaves: what lasts stays, what is over is lifted,
 * and who was seen to have died (by placement, with why) goes. `asked` are the turns that are wanted. Deterministic
 * from the seed. Throws UnknownPlantError.
 */
export function composeYear(
  planting: Planting,
  asked: readonly { name: TurnName; on: string }[],
  library: readonly Plant[],
  died: ReadonlyMap<string, string> = NOBODY,
  onTurn: (done: number) => void = () => undefined,
): PlannedYear {
  let now = planting;
  const turns = asked.map(({ name, on }, i): YearTurn => {
    const sorted = sortOut(now, on, died);
    const nothing = { name, on, sorted, fresh: [], cost: 0, score: 0 };
    if (sorted.every((s) => s.goes === null))
      return { ...nothing, problem: 'Nothing has finished, so nothing needs replanting.' };
    const act = actOf(now, on, sorted, { library, seed: i + 1, until: asked[i + 1]?.on });
    onTurn((i + 1) / asked.length);
    if (!act) return { ...nothing, problem: `Nothing suits ${formatDay(on)}.` };
    const { after, fresh, cost, score } = act;
    now = after;
    return { name, on, sorted: act.sorted, fresh, cost, score, problem: null };
  });
  return { planting: now, turns, cost: turns.reduce((s, t) => s + t.cost, 0) };
}
