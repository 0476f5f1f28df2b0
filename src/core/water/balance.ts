import type { Day } from '../climate/days';
import { grow } from '../growth/season';
import type { Season } from '../growth/grown';
import type { Planting } from '../plantings/schema';
import { drinkingOn, storeOn, usedL } from './demand';
import { rainL } from './rain';

/** Water of a container over one day, litres. */
export interface DayOfWater {
  date: string;
  /** In the mix for the roots when the day begins, and when it ends. */
  fromL: number;
  toL: number;
  usedL: number;
  /** What the leaves asked for and did not get. */
  lackedL: number;
  /** Rain that went in, what was given by can and by drip, and what ran out below. */
  rainL: number;
  givenL: number;
  dripL: number;
  ranOutL: number;
  /** How often it was watered by hand. */
  times: number;
}

/** How a container is watered over some days. */
export interface Watered {
  /** Litres in the mix when the first day begins; full, tray and all, where nobody says. */
  fromL?: number;
  /** Watered whenever what may be spent is gone, or only on the days that are named, to the brim in the morning. */
  by?: 'need' | ReadonlySet<string>;
  /** Litres that a drip gives each morning. */
  dripL?: number;
  /** What of its use is left: in shade it drinks less. */
  use?: number;
  /** Litres that stand in a tray under it, drawn up as it dries. */
  trayL?: number;
}

const NOTHING = 1e-9;

/** Days on which nobody waters. */
export const NEVER: ReadonlySet<string> = new Set();

/**
 * The balance of a container day by day: rain, drip and can in the morning, use through the day. By need it is watered
 * to the brim whenever what may be spent is gone. Litres; what goes in, goes out or stays. Throws UnknownPlantError.
 */
export function balanceOf(
  planting: Planting,
  days: readonly Day[],
  watered: Watered = {},
  season: Season = grow(planting),
): DayOfWater[] {
  const { by = 'need', dripL = 0, use = 1, trayL = 0 } = watered;
  let held = watered.fromL ?? Infinity;
  let rooted = storeOn(planting, season, days[0]?.date ?? planting.startDate);
  return days.map((day): DayOfWater => {
    const drinking = drinkingOn(planting, season, day.date);
    const now = storeOn(planting, season, day.date);
    // Roots go on while what they reach is not half gone; a thirsty plant makes none.
    if (held >= now.usableL - rooted.spendL - NOTHING) rooted = now;
    const { usableL, reachL, spendL } = rooted;
    const most = usableL + trayL;
    // What roots do not reach stays in the mix: they go short while it is still wet beside them.
    const beyond = usableL - reachL;
    const least = usableL - spendL;
    held = Math.min(held, most);
    const fromL = held;
    let [givenL, times] = [0, 0];
    if (by !== 'need' && by.has(day.date)) {
      givenL = Math.max(0, most - held);
      times = 1;
    }
    const rain = rainL(planting, drinking, day);
    const ranOutL = Math.max(0, held + givenL + rain + dripL - most);
    held = held + givenL + rain + dripL - ranOutL;
    const wanted = usedL(planting, drinking, day) * use;
    let left = wanted;
    if (by !== 'need') {
      const used = Math.min(left, Math.max(0, held - beyond));
      left -= used;
      held -= used;
    } else {
      while (left > 0) {
        const spent = Math.min(left, Math.max(0, held - least));
        held -= spent;
        left -= spent;
        if (left <= NOTHING && held > least + NOTHING) break;
        givenL += most - held;
        held = most;
        times += 1;
      }
      left = 0;
    }
    return {
      date: day.date,
      fromL,
      toL: held,
      usedL: wanted - left,
      lackedL: left,
      rainL: rain,
      givenL,
      dripL,
      ranOutL,
      times,
    };
  });
}

/** What a container asks for on such a day, were every day like it. */
export interface Watering {
  litresADay: number;
  usableL: number;
  /** Of that, what its roots reach by then. */
  reachL: number;
  /** Litres given each time. */
  eachL: number;
  /** Times a day where it is once or more, else null. */
  timesADay: number | null;
  /** Days between waterings where it is less than once a day, else null. */
  everyDays: number | null;
}

/** How often and how much a container is watered in weather like a day’s. Throws UnknownPlantError. */
export function wateringOn(planting: Planting, day: Day): Watering {
  const season = grow(planting);
  const drinking = drinkingOn(planting, season, day.date);
  const net = Math.max(0, usedL(planting, drinking, day) - rainL(planting, drinking, day));
  const { usableL, reachL, spendL } = storeOn(planting, season, day.date);
  const times = net / spendL;
  return {
    litresADay: net,
    usableL,
    reachL,
    eachL: spendL,
    timesADay: times >= 1 ? times : null,
    everyDays: times >= 1 || times === 0 ? null : 1 / times,
  };
}
