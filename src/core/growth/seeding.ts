import type { Plant } from '../plants/schema';
import { seedingOf } from '../plants/seeding';

const WEEKS_A_MONTH = 52 / 12;
/** Long days make salad run up: from April to the end of July, month positions of the north. Growers’ figure. */
const LONG_DAYS = { from: 3, until: 7 } as const;
/**
 * A stalk is up so many weeks after it began. Fitted to a lettuce: 175 mm in its eighth week, 240 in its
 * tenth, 380 in its twelfth.
 */
const UP_IN_WEEKS = 4;

/**
 * Weeks since a plant began to run to seed; negative before, null where it does not. `at` is a month position of the
 * north, `age` weeks since it was set out.
 */
export function sinceSeeding(plant: Plant, at: number, age: number): number | null {
  const when = seedingOf(plant);
  if (when === null) return null;
  if ('spring' in when) {
    // It has to have stood there at the turn of the year.
    const month = ((at % 12) + 12) % 12;
    return age > month * WEEKS_A_MONTH ? (month - when.spring) * WEEKS_A_MONTH : null;
  }
  const since = age - when.weeks;
  const began = at - since / WEEKS_A_MONTH;
  const [month, year] = [((began % 12) + 12) % 12, 12 * WEEKS_A_MONTH];
  if (month < LONG_DAYS.from) return since - (LONG_DAYS.from - month) * WEEKS_A_MONTH;
  return month < LONG_DAYS.until ? since : since - year + (month - LONG_DAYS.from) * WEEKS_A_MONTH;
}

/**
 * How high a plant whose leaf is heading for `leafMm` is heading for now that it may have begun to run to
 * seed, mm: never lower.
 */
export function runningUp(plant: Plant, leafMm: number, at: number, age: number): number {
  const since = sinceSeeding(plant, at, age);
  if (since === null || since <= 0) return leafMm;
  const stalkMm = seedingOf(plant)?.stalkMm ?? 0;
  return leafMm + Math.max(0, stalkMm - leafMm) * Math.min(1, since / UP_IN_WEEKS);
}
