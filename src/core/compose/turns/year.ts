import { assess } from '../../balance/assess';
import { boughtOn } from '../../materials/turn';
import { shoppingList } from '../../materials/list';
import type { Plant } from '../../plants/schema';
import { apply, type Command } from '../../plantings/commands';
import type { Planting } from '../../plantings/schema';
import { addDays, daysBetween, formatDay, nextMonthDay } from '../../units/date';
import { compose } from '../compose';
import { groundFor, takeOver } from './change-over';
import { sortOut, type Sorted } from './sort-out';

/** The turns of a year: spring from five weeks before the last frost, summer from two weeks after it, autumn eight weeks before the first frost, winter a week after it. Practice; the days are working figures. */
const TURNS = [
  { name: 'spring', from: 'lastFrost', days: -35 },
  { name: 'summer', from: 'lastFrost', days: 14 },
  { name: 'autumn', from: 'firstFrost', days: -56 },
  { name: 'winter', from: 'firstFrost', days: 7 },
] as const;
export type TurnName = (typeof TURNS)[number]['name'];

/** A turn less than this from the one before is left out. Days, working figure. */
const APART_DAYS = 42;
const YEAR_DAYS = 365;

/** A turn of the year as it is planned: its day, who stays and goes, what is new, and what it costs a container. */
export interface YearTurn {
  name: TurnName;
  on: string;
  sorted: Sorted[];
  /** Ids of what is set out. */
  fresh: string[];
  /** Pounds for one container. */
  cost: number;
  score: number;
  /** Where nothing was found for it: why. */
  problem: string | null;
}

export interface PlannedYear {
  planting: Planting;
  turns: YearTurn[];
  cost: number;
}

/** The days of the year ahead on which a container may be changed over, soonest first. */
export function turnDays(planting: Planting, today: string): { name: TurnName; on: string }[] {
  const days = TURNS.map(({ name, from, days: off }) => {
    const mark = nextMonthDay(addDays(today, -off), planting.spot[from]);
    return { name, on: addDays(mark, off) };
  })
    .filter(({ on }) => daysBetween(today, on) <= YEAR_DAYS)
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

/** What a turn costs a container: its new plants, the mix that tops it up, and its feed; pounds. */
export const turnCost = (planting: Planting, on: string): number => {
  const bought = boughtOn(planting, on);
  return bought.placements.length === 0 ? 0 : shoppingList(bought, 1).each;
};

/**
 * A year of up to four turns, each composed into what the one before leaves: what lasts stays, what is over is lifted.
 * `asked` are the turns that are wanted. Deterministic from the seed. Throws UnknownPlantError.
 */
export function yearOf(
  planting: Planting,
  asked: readonly { name: TurnName; on: string }[],
  library: readonly Plant[],
  onTurn: (done: number) => void = () => undefined,
): PlannedYear {
  let now = planting;
  const turns = asked.map(({ name, on }, i): YearTurn => {
    const sorted = sortOut(now, on);
    if (sorted.every((s) => s.goes === null))
      return {
        name,
        on,
        sorted,
        fresh: [],
        cost: 0,
        score: 0,
        problem: 'Nothing has finished, so nothing needs replanting.',
      };
    const ground = groundFor(now, on, sorted);
    const { proposals, problem } = compose(ground, { library, want: 1, seed: i + 1 });
    const [best] = proposals;
    onTurn((i + 1) / asked.length);
    if (!best)
      return { name, on, sorted, fresh: [], cost: 0, score: 0, problem: problem ?? `Nothing suits ${formatDay(on)}.` };
    const commands = takeOver(now, on, sorted, best.planting.placements);
    now = commands.reduce(apply, now);
    const fresh = now.placements.filter((p) => p.from === on).map((p) => p.id);
    return { name, on, sorted, fresh, cost: turnCost(now, on), score: assess(best.planting).score, problem: null };
  });
  return { planting: now, turns, cost: turns.reduce((s, t) => s + t.cost, 0) };
}
