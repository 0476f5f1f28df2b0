import { meanC, nightC } from '../climate';
import { spanOf } from '../growth/season';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import type { Spot } from '../spots/schema';
import { keptBy } from '../units/keep';

/** What of a place's warmth a plant cannot bear, or cannot do without. */
export type Warmth =
  | { why: 'too warm'; months: number; nightC: number }
  | { why: 'too wet'; months: number }
  | { why: 'never warm enough'; nightC: number }
  | { why: 'no winter'; weeks: number };

const MONTHS = Array.from({ length: 12 }, (_, m) => m);
/** So many months running over what it bears are months. Growers' figure: eight weeks. */
const MONTHS_RUNNING = 2;
/** Grey wool rots where a month brings so much rain, mm, in nights as warm as this, °C. Growers' figures. */
const WET_MM = 150;
const WET_NIGHT_C = 22;
const WEEKS_A_MONTH = 52 / 12;
/** An ordinary month, days. */
const MONTH_DAYS = 30.4;

/** A place's months, January first: nights, means and rain. */
const monthsOf = keptBy((spot: Spot) => ({
  nights: MONTHS.map((m) => nightC(spot, m)),
  means: MONTHS.map((m) => meanC(spot, m)),
  rainMm: spot.climate?.rainMm ?? null,
}));

/** The months, 0–11, in which a planting stands: all of them where it lasts. */
function standsIn(planting: Planting): readonly number[] {
  if (planting.brief.lasting) return MONTHS;
  const first = Number(planting.startDate.slice(5, 7)) - 1;
  const months = Math.ceil((spanOf(planting) * 7) / MONTH_DAYS);
  return Array.from({ length: Math.min(12, months) }, (_, i) => (first + i) % 12);
}

/** The longest run of months that are so. */
function longestRun(months: readonly number[], is: (month: number) => boolean): number {
  let [run, most] = [0, 0];
  for (const m of months) {
    run = is(m) ? run + 1 : 0;
    most = Math.max(most, run);
  }
  return most;
}

/** What a place's nights and winters do to a plant in a planting; null where they suit. */
export function warmthFault(plant: Plant, planting: Planting): Warmth | null {
  const { warmestNightC, chill, outFromC, rain } = factsOf(plant);
  const { nights, means, rainMm } = monthsOf(planting.spot);
  const months = standsIn(planting);
  const over = warmestNightC === null ? 0 : longestRun(months, (m) => (nights[m] ?? 0) > warmestNightC);
  if (over >= MONTHS_RUNNING)
    return { why: 'too warm', months: over, nightC: Math.max(...months.map((m) => nights[m] ?? 0)) };
  const wet = months.filter((m) => (rainMm?.[m] ?? 0) > WET_MM && (nights[m] ?? 0) > WET_NIGHT_C).length;
  if (rain === 'rots' && planting.spot.rain === 'open' && wet > 0) return { why: 'too wet', months: wet };
  const warmest = Math.max(...months.map((m) => nights[m] ?? 0));
  if (plant.season === 'warm' && warmest < outFromC) return { why: 'never warm enough', nightC: warmest };
  if (chill === null || !planting.brief.lasting) return null;
  const weeks = Math.round(means.filter((t) => t < chill.belowC).length * WEEKS_A_MONTH);
  return weeks < chill.weeks ? { why: 'no winter', weeks } : null;
}
