import Papa from 'papaparse';
import { isDay } from '../units/date';
import { MM_PER_INCH } from '../units/length';
import { tenth } from '../units/number';
import { celsius } from '../units/quantity';
import type { Day } from './days';

export type DaysRead = { ok: true; days: Day[] } | { ok: false; problems: string[] };

/** No weather that people live in is outside these, °C, mm a day and m/s. */
const PLAUSIBLE = { tempC: [-60, 58], rainMm: [0, 500], gustMs: [0, 115] } as const;
const MOST_PROBLEMS = 8;
/** Letters of a wrong value that are told. */
const SHOWN = 30;

/** What each column is called by stations and services, without case, marks or units. */
const CALLED = {
  date: ['date', 'day', 'time', 'datetime', 'timestamp', 'obstime', 'valid date'],
  high: [
    'high',
    'high c',
    'high f',
    'max',
    'tmax',
    't max',
    'tx',
    'txk',
    'max temp',
    'temp max',
    'maximum',
    'maximum temperature',
    'max temperature',
    'temperature max',
    'temperature 2m max',
    'outdoor high',
    'high temp',
    'temperature high',
  ],
  low: [
    'low',
    'low c',
    'low f',
    'min',
    'tmin',
    't min',
    'tn',
    'tnk',
    'min temp',
    'temp min',
    'minimum',
    'minimum temperature',
    'min temperature',
    'temperature min',
    'temperature 2m min',
    'outdoor low',
    'low temp',
    'temperature low',
  ],
  rain: [
    'rain',
    'rain mm',
    'rain in',
    'rainfall',
    'precip',
    'precipitation',
    'prcp',
    'precipitation sum',
    'rain sum',
    'rr',
    'rsk',
    'daily rain',
    'rain total',
    'precipitation amount',
    'total precipitation',
  ],
  gust: ['gust', 'gusts', 'wind gust', 'wind gusts', 'max gust', 'gust max', 'peak gust', 'wind gusts 10m max', 'fx'],
} as const;
type Column = keyof typeof CALLED;
const COLUMNS = Object.keys(CALLED) as Column[];
/** What may be left out. */
const OPTIONAL: readonly Column[] = ['gust'];

/** Units of a gust as headings name them, and what one is in m/s. */
const SPEEDS: readonly { named: RegExp; ms: number }[] = [
  { named: /km\s*\/?\s*h\b|kph/, ms: 1 / 3.6 },
  { named: /mph|mi\s*\/\s*h\b/, ms: 0.447 },
  { named: /\bm\s*\/\s*s\b|[\s_(]m_?s\b|mps/, ms: 1 },
  { named: /kn(ots)?\b|\bkt\b/, ms: 0.514 },
];

/** How each column is asked for in a message. */
const WANTED: Record<Column, string> = {
  date: 'date',
  high: 'high_c',
  low: 'low_c',
  rain: 'rain_mm',
  gust: 'gust_ms',
};

/** What a heading says: its words, whether it names °F or inches, and one of the speed it names, m/s. */
interface Heading {
  words: string;
  imperial: boolean;
  ms: number | null;
}

function headingOf(heading: string): Heading {
  const text = heading.trim().toLowerCase();
  const ms = SPEEDS.find((s) => s.named.test(text))?.ms ?? null;
  const imperial = /°\s*f|fahrenheit|[(_[\s]f\b|\bin(ch(es)?)?\b|"/.test(text);
  const words = text
    .replace(/\(.*?\)|\[.*?\]/g, ' ')
    .replace(/[°"]/g, ' ')
    .replace(/[^a-z0-9]+/g, ' ')
    .replace(
      /\b(celsius|fahrenheit|degrees?|inches|inch|of the day|daily|km ?h|kmh|kph|mph|mi h|m s|ms|mps|kn|kt|knots)\b/g,
      ' ',
    )
    .replace(/\s+/g, ' ')
    .trim();
  return { words, imperial, ms };
}

/** A row of a table, by the headings it came with. */
type Row = Readonly<Record<string, unknown>>;

/** Rows of JSON as services give them: a list of days, or lists side by side under one name or none. */
function rowsOfJson(data: unknown): Row[] | null {
  if (Array.isArray(data)) return data.every((row) => typeof row === 'object' && row !== null) ? (data as Row[]) : null;
  if (typeof data !== 'object' || data === null) return null;
  const lists = Object.entries(data).filter(([, v]) => Array.isArray(v)) as [string, unknown[]][];
  const columns = lists.filter(([, v]) => v.every((x) => typeof x !== 'object' || x === null));
  if (columns.length >= COLUMNS.length - OPTIONAL.length - 1) {
    const many = Math.max(...columns.map(([, v]) => v.length));
    return Array.from({ length: many }, (_, i) => Object.fromEntries(columns.map(([k, v]) => [k, v[i]])));
  }
  for (const value of Object.values(data)) {
    const rows = rowsOfJson(value);
    if (rows && rows.length > 0) return rows;
  }
  return null;
}

function rowsOf(text: string): Row[] | null {
  if (/^[[{]/.test(text))
    try {
      return rowsOfJson(JSON.parse(text));
    } catch {
      return null;
    }
  return Papa.parse<Row>(text, { header: true, skipEmptyLines: true, comments: '#' }).data;
}

type Columns = Map<Column, Heading & { heading: string }>;

/** Which heading is which column; where several are, the first that is not of another unit of the same. */
function columnsIn(headings: readonly string[]): Columns {
  const known = headings.map((heading) => ({ heading, ...headingOf(heading) }));
  const out: Columns = new Map();
  for (const column of COLUMNS) {
    const hit = known.find((h) => (CALLED[column] as readonly string[]).includes(h.words));
    if (hit) out.set(column, hit);
  }
  return out;
}

const short = (text: string): string => (text.length > SHOWN ? `${text.slice(0, SHOWN)}…` : text);
const textIn = (row: Row, heading: string | undefined): string =>
  heading === undefined || row[heading] === null || row[heading] === undefined ? '' : String(row[heading]).trim();

/** Whether dates with slashes have the day first, told by any that can only be so; null where none tells. */
function dayFirst(dates: readonly string[]): boolean | null {
  for (const date of dates) {
    const parts = /^(\d{1,2})[/.](\d{1,2})[/.]\d{4}/.exec(date);
    if (Number(parts?.[1]) > 12) return true;
    if (Number(parts?.[2]) > 12) return false;
  }
  return null;
}

/**
 * A date as files have it: 2026-07-31, with a time after it, 20260731, or 31/07/2026 where the file tells
 * which comes first.
 */
function dateOf(text: string, first: boolean | null): string | null {
  const plain = /^(\d{4})-?(\d{2})-?(\d{2})(?!\d)/.exec(text);
  const slashed = /^(\d{1,2})[/.](\d{1,2})[/.](\d{4})/.exec(text);
  const two = (n: string | undefined) => (n ?? '').padStart(2, '0');
  const iso = plain
    ? `${plain[1]}-${plain[2]}-${plain[3]}`
    : slashed && first !== null
      ? `${slashed[3]}-${two(first ? slashed[2] : slashed[1])}-${two(first ? slashed[1] : slashed[2])}`
      : '';
  return isDay(iso) ? iso : null;
}

/** A number with a point or, where there is no point, a decimal comma; NaN for anything else. */
const numberOf = (text: string): number =>
  /^[-−+]?\d+(,\d+)?$/.test(text) || /^[-−+]?\d*\.?\d+$/.test(text)
    ? Number(text.replace('−', '-').replace(',', '.'))
    : NaN;

const between = (x: number, [low, high]: readonly [number, number]): boolean => x >= low && x <= high;

/**
 * Daily weather from CSV with a heading row, or JSON as weather services give it: a list of days, or a list for each
 * column. Headings are matched by what stations call them; °F, inches and the unit of gusts named in a heading are read
 * as such. Problems name the row and what to do; nothing is guessed. A day that comes twice counts as it comes last.
 */
export function readDays(text: string): DaysRead {
  const rows = rowsOf(text.trim());
  if (!rows)
    return {
      ok: false,
      problems: ['This is neither a table nor JSON of daily weather. Save it as CSV and try again.'],
    };
  const columns = columnsIn([...new Set(rows.slice(0, 5).flatMap((row) => Object.keys(row)))]);
  const missing = COLUMNS.filter((c) => !columns.has(c) && !OPTIONAL.includes(c));
  if (missing.length > 0)
    return {
      ok: false,
      problems: [
        `There is no column ${missing.map((m) => `“${WANTED[m]}”`).join(' or ')}. The first row must name a date, a high, a low and rain, such as: date,high_c,low_c,rain_mm.`,
      ],
    };
  const at = (row: Row, column: Column) => textIn(row, columns.get(column)?.heading);
  const first = dayFirst(rows.map((row) => at(row, 'date')));
  const degrees = (row: Row, column: 'high' | 'low') => {
    const n = numberOf(at(row, column));
    return columns.get(column)?.imperial ? tenth(celsius(n)) : n;
  };
  // A gust in a unit that nobody named is left out: 20 may be a breeze or a storm.
  const gustIn = (row: Row): number | null => {
    const ms = columns.get('gust')?.ms ?? null;
    return ms === null || at(row, 'gust') === '' ? null : numberOf(at(row, 'gust')) * ms;
  };
  const dayOf = (row: Row): Day | string => {
    const date = dateOf(at(row, 'date'), first);
    if (date === null) return `“${short(at(row, 'date'))}” is not a date. Use the form 2026-07-31.`;
    const [highC, lowC] = [degrees(row, 'high'), degrees(row, 'low')];
    if (!between(highC, PLAUSIBLE.tempC) || !between(lowC, PLAUSIBLE.tempC))
      return `high “${short(at(row, 'high'))}” and low “${short(at(row, 'low'))}” must be °C, or °F where the heading says so.`;
    if (lowC > highC) return `the low, ${lowC}, is above the high, ${highC}.`;
    const rain = numberOf(at(row, 'rain'));
    const rainMm = columns.get('rain')?.imperial ? tenth(rain * MM_PER_INCH) : rain;
    if (!between(rainMm, PLAUSIBLE.rainMm)) return `rain “${short(at(row, 'rain'))}” must be mm, 0 or more.`;
    const gust = gustIn(row);
    if (gust === null) return { date, highC, lowC, rainMm };
    return between(gust, PLAUSIBLE.gustMs)
      ? { date, highC, lowC, rainMm, gustMs: tenth(gust) }
      : `gust “${short(at(row, 'gust'))}” must be a speed in the unit its heading names, 0 or more.`;
  };
  const problems: string[] = [];
  const days = new Map<string, Day>();
  rows.forEach((row, i) => {
    const day = dayOf(row);
    if (typeof day === 'string') problems.push(`Row ${i + 2}: ${day}`);
    else days.set(day.date, day);
  });
  if (problems.length === 0 && days.size > 0)
    return { ok: true, days: [...days.values()].sort((a, b) => a.date.localeCompare(b.date)) };
  if (problems.length === 0) return { ok: false, problems: ['There are no days in it.'] };
  const more = problems.length - MOST_PROBLEMS;
  return { ok: false, problems: [...problems.slice(0, MOST_PROBLEMS), ...(more > 0 ? [`and ${more} more.`] : [])] };
}
