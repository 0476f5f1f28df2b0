import { containerSums } from '../containers';
import type { Season } from '../growth/grown';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { STARTS, type StartSize } from '../plants/starts';
import type { Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';

/** Mix round a root ball that roots draw on from the first day, mm: water creeps so far of itself. Working figure. */
const ROUND_MM = 16;
/**
 * By how much further roots have gone after 1, 2, 3 and 4 weeks of warm mix, mm. Working figures: white roots
 * at the wall of a 40 cm pot in the fifth week.
 */
const BY_WEEK = [0, 8, 20, 40, 63] as const;
/** After so many warm weeks they are everywhere. Working figure. */
const EVERYWHERE = 5;
/** Slow shrubs and conifers, and palms, put out roots more slowly: mm a week. Working figures. */
const WOODY_MM = 5;
const PALM_MM = 3;
/** Weeks in which even the slowest has filled its container: a year and a half. Working figure. */
const SETTLED = 52;
/** Under this mean roots go half as fast, °C. Working figure. */
const COOL_C = 12;
const COOL = 0.5;
const MM3_PER_L = 1e6;

/**
 * Millimetres of mix round its ball that a plant draws on after so many warm weeks; all there is from week 5,
 * or a year on for slow shrubs and palms.
 */
export function shellMm(plant: Plant, weeks: number): number {
  const { life, pace } = factsOf(plant);
  const woody = life === 'shrub' && pace === 'slow';
  if (woody || plant.habit === 'fan') {
    if (weeks >= SETTLED) return Infinity;
    return ROUND_MM + weeks * (plant.habit === 'fan' ? PALM_MM : WOODY_MM);
  }
  if (weeks >= EVERYWHERE) return Infinity;
  const low = Math.floor(weeks);
  const [a, b] = [BY_WEEK[low] ?? 0, BY_WEEK[low + 1] ?? BY_WEEK[low] ?? 0];
  return ROUND_MM + a + (b - a) * (weeks - low);
}

/** Litres of ball and shell. */
function reachL(start: StartSize, shell: number): number {
  const { ballMm, ballDepthMm } = STARTS[start];
  const r = ballMm / 2 + shell;
  return (Math.PI * r * r * (ballDepthMm + shell)) / MM3_PER_L;
}

/**
 * Litres of mix that the roots of a container can draw on, on a day: balls and what is round them at first,
 * the whole of it in the end, and where nothing lives in it.
 */
export function reachedL(planting: Planting, season: Season, date: string): number {
  const { fillL } = containerSums(planting.container);
  const days = Math.max(0, daysBetween(planting.startDate, date));
  let [sum, any] = [0, false];
  season.placed.forEach((p, i) => {
    const from = season.lives[i]?.from ?? 0;
    const week = days / 7;
    const gone = season.weeks[Math.min(Math.floor(week), season.weeks.length - 1)]?.plants[i];
    if (week < from || !gone?.alive) return;
    let warm = 0;
    for (let w = from; w < week; w += 1)
      warm += Math.min(1, week - w) * ((season.weeks[w]?.meanC ?? COOL_C) < COOL_C ? COOL : 1);
    any = true;
    sum += reachL(p.start, shellMm(p.plant, warm));
  });
  return any ? Math.min(fillL, sum) : fillL;
}
