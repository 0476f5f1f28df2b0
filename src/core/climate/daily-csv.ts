import { tenth } from '../units/number';
import { readDays } from './days-file';
import type { Climate } from './schema';

export type DailyRead =
  { ok: true; climate: Omit<Climate, 'name'>; days: number; coldestC: number } | { ok: false; problems: string[] };

/** A month is known by so many days of it. Working figure. */
const FEWEST_DAYS = 10;
const DAYS_IN = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

/**
 * Monthly means from daily weather, as `readDays` reads it. Every month must have ten days or more. Problems say what
 * to do; nothing is guessed.
 */
export function climateFromDailyCsv(text: string): DailyRead {
  const read = readDays(text);
  if (!read.ok) return read;
  const months = DAYS_IN.map((length, month) => {
    const days = read.days.filter((d) => Number(d.date.slice(5, 7)) - 1 === month);
    const mean = (of: (d: (typeof days)[number]) => number) => days.reduce((s, d) => s + of(d), 0) / days.length;
    return {
      n: days.length,
      highC: tenth(mean((d) => d.highC)),
      lowC: tenth(mean((d) => d.lowC)),
      rainMm: Math.round(mean((d) => d.rainMm) * length),
    };
  });
  const thin = months.flatMap((m, i) => (m.n < FEWEST_DAYS ? [i + 1] : []));
  if (thin.length > 0)
    return {
      ok: false,
      problems: [`Month ${thin.join(', ')} has fewer than ten days of data. Use at least one whole year.`],
    };
  return {
    ok: true,
    days: read.days.length,
    coldestC: tenth(Math.min(...read.days.map((d) => d.lowC))),
    climate: {
      highC: months.map((m) => m.highC),
      lowC: months.map((m) => m.lowC),
      rainMm: months.map((m) => m.rainMm),
    },
  };
}
