import { grow } from '../growth/season';
import type { Planting } from '../plantings/schema';
import { type Day, drinkingOn, rainL, storeOf, usedL } from './demand';

/** Water of a container over one day, litres. */
export interface DayOfWater {
  date: string;
  /** In the mix for the roots when the day begins, and when it ends. */
  fromL: number;
  toL: number;
  usedL: number;
  /** Rain that went in, and what ran out below of it and of the can. */
  rainL: number;
  givenL: number;
  ranOutL: number;
  /** How often it was watered. */
  times: number;
}

/**
 * The balance of a container day by day, begun full: rain in the morning, use through the day, watered whenever what
 * may be spent is gone, each time to the brim. Litres; what goes in, goes out or stays. Throws UnknownPlantError.
 */
export function balanceOf(planting: Planting, days: readonly Day[]): DayOfWater[] {
  const season = grow(planting);
  const { usableL, spendL } = storeOf(planting);
  const least = usableL - spendL;
  let held = usableL;
  return days.map((day): DayOfWater => {
    const drinking = drinkingOn(planting, season, day.date);
    const fromL = held;
    const rain = rainL(planting, drinking, day);
    const ranOutL = Math.max(0, held + rain - usableL);
    held = held + rain - ranOutL;
    let left = usedL(planting, drinking, day);
    const used = left;
    let [givenL, times] = [0, 0];
    while (left > 0) {
      const spent = Math.min(left, held - least);
      held -= spent;
      left -= spent;
      if (left <= 1e-9 && held > least + 1e-9) break;
      givenL += usableL - held;
      held = usableL;
      times += 1;
    }
    return { date: day.date, fromL, toL: held, usedL: used, rainL: rain, givenL, ranOutL, times };
  });
}

/** What a container asks for on such a day, were every day like it. */
export interface Watering {
  litresADay: number;
  usableL: number;
  /** Litres given each time. */
  eachL: number;
  /** Times a day where it is once or more, else null. */
  timesADay: number | null;
  /** Days between waterings where it is less than once a day, else null. */
  everyDays: number | null;
}

/** How often and how much a container is watered in weather like a day’s. Throws UnknownPlantError. */
export function wateringOn(planting: Planting, day: Day): Watering {
  const drinking = drinkingOn(planting, grow(planting), day.date);
  const net = Math.max(0, usedL(planting, drinking, day) - rainL(planting, drinking, day));
  const { usableL, spendL } = storeOf(planting);
  const times = net / spendL;
  return {
    litresADay: net,
    usableL,
    eachL: spendL,
    timesADay: times >= 1 ? times : null,
    everyDays: times >= 1 || times === 0 ? null : 1 / times,
  };
}
