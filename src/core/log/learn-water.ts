import type { Day } from '../climate/days';
import type { Planting } from '../plantings/schema';
import { addDays } from '../units/date';
import { clamp01 } from '../units/number';
import { balanceOf, NEVER } from '../water/balance';
import { storeOn } from '../water/demand';
import { grow } from '../growth/season';
import { factorOf } from './learn';
import { foundIn } from './found';
import type { LogEntry } from './schema';

/** What is tried of its use, at the least and the most. Working figures. */
const LEAST = 0.4;
const MOST = 2.5;
/** Halved so often, a use is known to a hundredth. */
const HALVINGS = 9;
/**
 * Two findings say something of its use only where twice the use would have left so much less, as a share of
 * what it holds. Working figure.
 */
const TELLING = 0.1;
/** Findings further apart than this say nothing: a can may not have been noted. Days, working figure. */
const APART_DAYS = 14;

/** How wet a container was on a morning before anybody watered, and how it was left. */
interface Finding {
  on: string;
  /** Share of what it holds before the can; null where only the can was noted. */
  before: number | null;
  after: number;
}

/** Findings in order: a can that was counted tells what was missing to the brim. */
function findingsOf(planting: Planting, log: readonly LogEntry[]): Finding[] {
  const season = grow(planting);
  const own = log.filter((e) => e.of === planting.id);
  const litres = new Map(own.flatMap((e) => (e.kind === 'water' && e.litres !== null ? [[e.on, e.litres]] : [])));
  const days = [...new Set(foundIn(own).map((f) => f.on))].filter((on) => on >= planting.startDate).sort();
  return days.map((on) => {
    const there = own.filter((e) => e.on === on);
    const probe = there.find((e) => e.kind === 'probe');
    const can = there.some((e) => e.kind === 'water');
    const given = litres.get(on);
    const counted = given === undefined ? null : clamp01(1 - given / storeOn(planting, season, on).usableL);
    const before = probe?.kind === 'probe' ? probe.share : counted;
    return { on, before, after: can ? 1 : (before ?? 1) };
  });
}

/** What it used between two findings, against the forecast; null where they say nothing. */
function useBetween(
  planting: Planting,
  [from, to]: readonly [Finding, Finding],
  days: readonly Day[],
  dripL: number,
): number | null {
  const between = days.filter((d) => d.date >= from.on && d.date < to.on);
  if (to.before === null || between.length === 0 || to.on > addDays(from.on, APART_DAYS)) return null;
  const season = grow(planting);
  const { usableL } = storeOn(planting, season, to.on);
  const fromL = from.after * storeOn(planting, season, from.on).usableL;
  const left = (use: number): number =>
    (balanceOf(planting, between, { fromL, by: NEVER, use, dripL }, season).at(-1)?.toL ?? fromL) / usableL;
  if (left(1) - left(2) < TELLING) return null;
  let [low, high] = [LEAST, MOST];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = Math.sqrt(low * high);
    if (left(middle) > to.before) low = middle;
    else high = middle;
  }
  return Math.sqrt(low * high);
}

/** What cans and probes teach of a container’s thirst. */
export interface WaterLesson {
  /** What it drinks against the forecast with nothing learned. */
  by: number;
  /** From how many stretches between two findings. */
  readings: number;
}

/**
 * What the cans and probes of a log teach of how much a container drinks, in the weather of `days`, which go without
 * gaps from the first finding to the last. Forgets what it had learned before. Throws UnknownPlantError.
 */
export function drinksOf(planting: Planting, log: readonly LogEntry[], days: readonly Day[], dripL = 0): WaterLesson {
  const plain = planting.drinksBy === 1 ? planting : { ...planting, drinksBy: 1 };
  const found = findingsOf(plain, log);
  const uses = found.slice(1).flatMap((to, i) => {
    const from = found[i];
    const use = from ? useBetween(plain, [from, to], days, dripL) : null;
    return use === null ? [] : [use];
  });
  return { by: factorOf(uses).by, readings: uses.length };
}
