import { tenth } from '../units/number';
import { isSouthern } from '../climate/hemisphere';
import type { Spot } from './schema';
import { sunByMonth } from './sun-clock';

/** Afternoon begins here for scorch, solar hours. */
export const AFTERNOON_FROM = 13;

/** Light under trees counts as this many hours when nobody noted more. Middle of the usual 2–4. */
const DAPPLED_HOURS = 3;

export interface SunReading {
  hours: number;
  morning: number;
  afternoon: number;
  label: 'full sun' | 'part sun' | 'part shade' | 'shade' | 'dappled shade';
}

/** The class gardeners call it: full sun ≥ 6 hours, part sun 4–6, part shade 2–4, shade under 2. */
const labelOf = (hours: number): SunReading['label'] =>
  hours >= 6 ? 'full sun' : hours >= 4 ? 'part sun' : hours >= 2 ? 'part shade' : 'shade';

function reading(hours: number, morning: number, afternoon: number, dappled: boolean): SunReading {
  if (dappled)
    return {
      hours: Math.max(DAPPLED_HOURS, Math.min(4, tenth(hours))),
      morning: tenth(morning),
      afternoon: 0,
      label: 'dappled shade',
    };
  return { hours: tenth(hours), morning: tenth(morning), afternoon: tenth(afternoon), label: labelOf(tenth(hours)) };
}

/** Direct sun of a spot in one month (0–11), hours a day. What was noted by hand holds for every month. */
export function sunInMonth({ light }: Pick<Spot, 'light'>, month: number): SunReading {
  // What a neighbour takes is gone for every reckoning.
  const isTaken = (hour: number): boolean => light.taken?.includes(hour) ?? false;
  if (light.kind === 'clock') {
    const m = sunByMonth(light)[((month % 12) + 12) % 12];
    const lost = (from: number, to: number) =>
      (m?.byHour ?? []).reduce((s, h, hour) => s + (hour >= from && hour < to && isTaken(hour) ? h : 0), 0);
    const morning = (m?.morning ?? 0) - lost(0, AFTERNOON_FROM);
    const afternoon = (m?.afternoon ?? 0) - lost(AFTERNOON_FROM, 24);
    return reading(morning + afternoon, morning, afternoon, light.dappled);
  }
  const hours = light.hours.filter((h) => !isTaken(h));
  const afternoon = hours.filter((h) => h >= AFTERNOON_FROM).length;
  return reading(hours.length, hours.length - afternoon, afternoon, light.dappled);
}

/**
 * The growing months that stand for a spot when no planting is named: April to September, or October to March
 * in the south.
 */
const GROWING = [3, 4, 5, 6, 7, 8] as const;

/** Months a planting is judged over: the month it is planted and the four that follow. */
const SEASON_MONTHS = 5;

/** Kept by light and start: asked of every plant of a library. */
const readings = new WeakMap<Spot['light'], Map<string, SunReading>>();

/**
 * Direct sun of a spot over its growing months, hours a day; or over the months of a planting when its start
 * is given. Afternoon is that of the worst month.
 */
export function sunReading(spot: Pick<Spot, 'light'>, startDate = ''): SunReading {
  const { light } = spot;
  if (light.kind === 'noted') return sunInMonth(spot, 0);
  const kept = readings.get(light) ?? new Map<string, SunReading>();
  const known = kept.get(startDate);
  if (known) return known;
  const made = readingFrom(spot, startDate);
  readings.set(light, kept.set(startDate, made));
  return made;
}

function readingFrom(spot: Pick<Spot, 'light'>, startDate: string): SunReading {
  const { light } = spot;
  const first = startDate ? Number(startDate.slice(5, 7)) - 1 : 0;
  const months = startDate
    ? Array.from({ length: SEASON_MONTHS }, (_, i) => first + i)
    : GROWING.map((m) => m + (isSouthern(spot) ? 6 : 0));
  const list = months.map((m) => sunInMonth(spot, m));
  const mean = (of: (r: SunReading) => number) => list.reduce((s, r) => s + of(r), 0) / list.length;
  const afternoon = Math.max(...list.map((r) => r.afternoon));
  return reading(
    mean((r) => r.hours),
    mean((r) => r.morning),
    afternoon,
    light.dappled,
  );
}

/** Whether only the front is seen: against a wall, in a row, or through a window. */
export const oneSided = ({ seen }: Pick<Spot, 'seen'>): boolean => seen !== 'all-round' && seen !== 'overhead';
