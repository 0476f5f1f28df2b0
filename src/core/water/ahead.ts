import type { KnownDay } from '../climate/days';
import type { Season } from '../growth/grown';
import { grow } from '../growth/season';
import type { Planting } from '../plantings/schema';
import { addDays, daysBetween } from '../units/date';
import { clamp01 } from '../units/number';
import { balanceOf, type DayOfWater, NEVER } from './balance';
import { storeOn } from './demand';

/** How wet a container was found, or left, on a morning: 1 after the can, a share of what it holds by a probe. */
export interface Found {
  on: string;
  share: number;
}

/** How a container stands for water today, and what the days ahead bring. Litres. */
export interface Ahead {
  usableL: number;
  /** Under this it is time. */
  leastL: number;
  /** Held this morning, before anybody waters. */
  heldL: number;
  /** From a probe or a can that was noted; else assuming it was watered whenever it needed it. */
  from: Found | null;
  /**
   * When it asks next: the day, the litres to the brim, and how often on that day. Null for none in the days
   * that are known.
   */
  next: { on: string; litres: number; times: number } | null;
  /** Hours from the time it asks until all that its roots reach is gone. */
  graceHours: number | null;
  /** Filled this morning it lasts up to and with this day; null for all that is known. */
  lastsUntil: string | null;
  /** Watered as it asks. */
  days: DayOfWater[];
}

/**
 * So far back a note of the can is listened to; a container without one is reckoned from as far back. Days,
 * working figure.
 */
export const LOOK_BACK = 14;
const HOURS = 24;

/** The newest of what was found up to a day. */
const lastFound = (found: readonly Found[], today: string): Found | null =>
  found
    .filter((f) => f.on <= today && daysBetween(f.on, today) <= LOOK_BACK)
    .sort((a, b) => b.on.localeCompare(a.on))[0] ?? null;

/** Held on the morning of a day. */
function heldOn(
  planting: Planting,
  season: Season,
  days: readonly KnownDay[],
  today: string,
  from: Found | null,
  dripL: number,
): number {
  const { usableL } = storeOn(planting, season, today);
  if (from) {
    const held = usableL * clamp01(from.share);
    const since = days.filter((d) => d.date >= from.on && d.date < today);
    return balanceOf(planting, since, { fromL: held, by: NEVER, dripL }, season).at(-1)?.toL ?? held;
  }
  const past = days.filter((d) => d.date < today && d.date >= planting.startDate);
  return balanceOf(planting, past, { dripL }, season).at(-1)?.toL ?? usableL;
}

/**
 * What a container has in it today, when it asks for water next and how long it bears to be left: from what
 * was found in it last, the leaf of each day and the weather. `days` go from some way back to some way ahead.
 * Throws UnknownPlantError.
 */
export function aheadOf(
  planting: Planting,
  days: readonly KnownDay[],
  today: string,
  found: readonly Found[] = [],
  dripL = 0,
): Ahead {
  const season = grow(planting);
  const { usableL, reachL, spendL } = storeOn(planting, season, today);
  const from = lastFound(found, today);
  const heldL = heldOn(planting, season, days, today, from, dripL);
  const coming = days.filter((d) => d.date >= today);
  const leastL = usableL - spendL;
  const asIs = balanceOf(planting, coming, { fromL: heldL, dripL }, season);
  // Filled today, what it asks for once more before night can wait until the morning.
  const had = from?.on === today && from.share === 1 ? 1 : 0;
  const first = asIs.find((d) => d.times > (d.date === today ? had : 0));
  const filled = balanceOf(planting, coming, { fromL: usableL, by: NEVER, dripL }, season);
  const dry = filled.find((d) => d.lackedL > 0);
  return {
    usableL,
    leastL,
    heldL,
    from,
    next: first
      ? {
          on: first.date,
          litres: first.date === today && heldL <= leastL ? usableL - heldL : first.givenL / Math.max(1, first.times),
          times: Math.max(1, first.times),
        }
      : null,
    graceHours: first && first.usedL > 0 ? ((reachL - spendL) / first.usedL) * HOURS : null,
    lastsUntil: dry ? addDays(dry.date, -1) : null,
    days: asIs,
  };
}
