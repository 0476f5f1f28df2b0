import Papa from 'papaparse';
import { isDay } from '../units/date';
import type { Day } from './days';

export type DaysRead = { ok: true; days: Day[] } | { ok: false; problems: string[] };

/** No weather that people live in is outside these, °C and mm a day. */
const PLAUSIBLE = { tempC: [-60, 58], rainMm: [0, 500] } as const;
const MOST_PROBLEMS = 8;

const between = (x: number, [low, high]: readonly [number, number]): boolean => x >= low && x <= high;

function dayOf(row: Record<string, string>): Day | string {
  const date = row.date?.trim() ?? '';
  if (!isDay(date)) return `“${date}” is not a date. Use the form 2026-07-31.`;
  const [highC, lowC, rainMm] = [row.high_c, row.low_c, row.rain_mm].map((t) => (t?.trim() ? Number(t) : NaN)) as [
    number,
    number,
    number,
  ];
  if (!between(highC, PLAUSIBLE.tempC) || !between(lowC, PLAUSIBLE.tempC))
    return `high “${row.high_c ?? ''}” and low “${row.low_c ?? ''}” must be °C.`;
  if (lowC > highC) return `the low, ${lowC}, is above the high, ${highC}.`;
  if (!between(rainMm, PLAUSIBLE.rainMm)) return `rain “${row.rain_mm ?? ''}” must be mm, 0 or more.`;
  return { date, highC, lowC, rainMm };
}

/**
 * Daily weather from CSV with a heading row and the columns date (YYYY-MM-DD), high_c, low_c and rain_mm. Problems name
 * the row and what to do; nothing is guessed. A day that comes twice counts as it comes last.
 */
export function readDays(text: string): DaysRead {
  const { data, meta } = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (h) => h.trim().toLowerCase(),
  });
  const missing = ['date', 'high_c', 'low_c', 'rain_mm'].filter((c) => !(meta.fields ?? []).includes(c));
  if (missing.length > 0)
    return {
      ok: false,
      problems: [
        `There is no column ${missing.map((m) => `“${m}”`).join(' or ')}. The first row must read: date,high_c,low_c,rain_mm.`,
      ],
    };
  const problems: string[] = [];
  const days = new Map<string, Day>();
  data.forEach((row, i) => {
    const day = dayOf(row);
    if (typeof day === 'string') problems.push(`Row ${i + 2}: ${day}`);
    else days.set(day.date, day);
  });
  if (problems.length === 0) return { ok: true, days: [...days.values()].sort((a, b) => a.date.localeCompare(b.date)) };
  const more = problems.length - MOST_PROBLEMS;
  return { ok: false, problems: [...problems.slice(0, MOST_PROBLEMS), ...(more > 0 ? [`and ${more} more.`] : [])] };
}
