import Papa from 'papaparse';
import { tenth } from '../units/number';
import type { Climate } from './schema';

export type DailyRead =
  { ok: true; climate: Omit<Climate, 'name'>; days: number; coldestC: number } | { ok: false; problems: string[] };

/** No weather that people live in is outside these, °C and mm a day. */
const PLAUSIBLE = { tempC: [-60, 58], rainMm: [0, 500] } as const;
const MOST_PROBLEMS = 8;

/**
 * Monthly means from daily weather: CSV with a heading row and the columns date (YYYY-MM-DD), high_c, low_c and
 * rain_mm. Every month must have ten days or more. Problems name the row and what to do; nothing is guessed.
 */
export function climateFromDailyCsv(text: string): DailyRead {
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
  const months = Array.from({ length: 12 }, () => ({ high: 0, low: 0, rain: 0, n: 0 }));
  let coldestC = Infinity;
  data.forEach((row, i) => {
    const at = `Row ${i + 2}`;
    const date = row.date?.trim() ?? '';
    if (!/^\d{4}-\d{2}-\d{2}$/.test(date) || Number.isNaN(Date.parse(date)))
      return void problems.push(`${at}: “${date}” is no date. Write it as 2026-07-31.`);
    const [high, low, rain] = [row.high_c, row.low_c, row.rain_mm].map((t) => (t?.trim() ? Number(t) : NaN)) as [
      number,
      number,
      number,
    ];
    const [coolest, hottest] = PLAUSIBLE.tempC;
    if (![high, low].every((t) => t >= coolest && t <= hottest))
      return void problems.push(`${at}: high “${row.high_c ?? ''}” and low “${row.low_c ?? ''}” must be °C.`);
    if (low > high) return void problems.push(`${at}: the low, ${low}, is above the high, ${high}.`);
    if (!(rain >= PLAUSIBLE.rainMm[0] && rain <= PLAUSIBLE.rainMm[1]))
      return void problems.push(`${at}: rain “${row.rain_mm ?? ''}” must be mm, 0 or more.`);
    const m = months[Number(date.slice(5, 7)) - 1];
    if (!m) return;
    [m.high, m.low, m.rain, m.n] = [m.high + high, m.low + low, m.rain + rain, m.n + 1];
    coldestC = Math.min(coldestC, low);
  });
  const thin = months.flatMap((m, i) => (m.n < 10 ? [i + 1] : []));
  if (problems.length === 0 && thin.length > 0)
    problems.push(`Month ${thin.join(', ')} has fewer than ten days. A whole year is needed.`);
  if (problems.length > 0)
    return {
      ok: false,
      problems: [
        ...problems.slice(0, MOST_PROBLEMS),
        ...(problems.length > MOST_PROBLEMS ? [`and ${problems.length - MOST_PROBLEMS} more.`] : []),
      ],
    };
  const daysIn = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
  return {
    ok: true,
    days: data.length,
    coldestC: tenth(coldestC),
    climate: {
      highC: months.map((m) => tenth(m.high / m.n)),
      lowC: months.map((m) => tenth(m.low / m.n)),
      rainMm: months.map((m, i) => Math.round((m.rain / m.n) * (daysIn[i] ?? 30))),
    },
  };
}
