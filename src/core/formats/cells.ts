import { hexOfWord } from '../colour/words';
import type { z } from 'zod';
import type { Part, Plant } from '../plants/schema';
import { DisplaySchema } from '../plants/traits';
import { StartSizeSchema } from '../plants/starts';
import { tenth } from '../units/number';
import { parseLength, type UnitSystem } from '../units/length';

/** A cell that cannot be read: what to write instead. */
export class CellError extends Error {}

export const sayCell = (text: string, what: string): never => {
  throw new CellError(`“${text}” ${what}`);
};

/** “30–60 cm”, “12 to 18 in”, “380 mm”: one length stands for a range a fifth either way. */
export function range(t: string, units: UnitSystem): [number, number] {
  const clean = t
    .trim()
    .toLowerCase()
    .replace(/\s+(to|bis|and)\s+/g, '–')
    .replace(/(\d)\s*[-–—]\s*(?=\d)/g, '$1–');
  const [from = '', to] = clean.split('–');
  const unit = /(mm|cm|m|in|inch|inches|ft|feet|"|″|'|′)\.?\s*$/.exec(to ?? from)?.[1] ?? '';
  const bare = (s: string) => (/[a-z"'″′]\s*$/.test(s.trim()) ? s : `${s.trim()}${unit ? ` ${unit}` : ''}`);
  const low = parseLength(bare(from), units);
  const high = to === undefined ? low : parseLength(bare(to), units);
  if (low === null || high === null) return sayCell(t, 'is not a length. Use the form 30–60 cm');
  if (low > high) return sayCell(t, 'has the larger number first. Put the smaller first');
  return to === undefined && low > 0 ? [tenth(low * 0.8), tenth(low)] : [tenth(low), tenth(high)];
}
export const mmText = ([a, b]: readonly [number, number]): string => `${a}–${b} mm`;

export function number(t: string, low: number, high: number, what: string): number {
  const n = Number(
    t
      .replace('−', '-')
      .replace(',', '.')
      .replace(/[^0-9.eE+-]+$/, ''),
  );
  return t.trim() !== '' && Number.isFinite(n) && n >= low && n <= high
    ? n
    : sayCell(t, `is not a ${what} from ${low} to ${high}`);
}

/** One of a few words; the first letters are enough where they leave no doubt. */
export function oneOf<T extends string>(options: readonly T[], t: string): T {
  const w = t.trim().toLowerCase();
  const hit = options.find((o) => o === w) ?? (w.length >= 3 ? options.filter((o) => o.startsWith(w)) : []);
  const found = Array.isArray(hit) ? (hit.length === 1 ? hit[0] : undefined) : hit;
  return found ?? sayCell(t, `must be one of ${options.join(', ')}`);
}
/** Hours of sun by the words on a tag. Windows are those of shipped plants so labelled. */
const SUN: readonly [RegExp, Plant['sunHours']][] = [
  [/full sun.*(shade|part)|sun or (part )?shade|sun.*shade/, [2, 3, 12, 14]],
  [/full sun|^sun(ny)?$/, [4, 6, 12, 14]],
  [/(part|half|semi).*sun/, [3, 4, 7, 10]],
  [/(part|half|semi|light|dappled).*shade/, [1, 2, 5, 8]],
  [/(full |deep )?shade/, [0, 0.5, 3, 5]],
];
/** Several of a few words, parted by commas or “and”. Throws CellError. */
export const many = <T extends string>(options: readonly T[], t: string): T[] =>
  t.split(/[,;/+]\s*|\s+and\s+/).map((w) => oneOf(options, w));

export function sunCell(t: string): Plant['sunHours'] {
  const hours = t.match(/\d+(?:\.\d+)?/g)?.map(Number) ?? [];
  if (hours.length === 4) return hours as Plant['sunHours'];
  if (hours.length === 2)
    return [
      Math.max(0, (hours[0] as number) - 1.5),
      hours[0] as number,
      hours[1] as number,
      Math.min(16, (hours[1] as number) + 2),
    ];
  return (
    SUN.find(([words]) => words.test(t.toLowerCase()))?.[1] ??
    sayCell(t, 'is not a sun level. Use full sun, part sun, part shade, shade, or four numbers of hours')
  );
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'] as const;
/** “Jun–Oct”, “6-10” or twelve shares of full flower. */
export function bloom(t: string): number[] {
  const figures = t
    .trim()
    .split(/[\s;]+/)
    .map(Number);
  if (figures.length === 12 && figures.every((n) => n >= 0 && n <= 1)) return figures;
  const w = t
    .toLowerCase()
    .replace(/frost|autumn frost/, 'oct')
    .replace(/to/g, '-');
  const named = [...w.matchAll(/jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|\d+/g)].map(([m]) =>
    /\d/.test(m) ? Number(m) - 1 : MONTHS.indexOf(m as (typeof MONTHS)[number]),
  );
  const [from, to] = [named[0], named[named.length - 1]];
  if (from === undefined || to === undefined || named.some((m) => m < 0 || m > 11))
    return sayCell(t, 'is not a range of months. Use Jun–Oct, or twelve numbers from 0 to 1');
  return MONTHS.map((_, m) => {
    const inside = from <= to ? m >= from && m <= to : m >= from || m <= to;
    return !inside ? 0 : m === from || m === to ? 0.6 : 1;
  });
}

const PARTS: readonly Part[] = ['leaf', 'edge', 'vein', 'stem', 'flower', 'throat'];
/** “leaf #5f7c55 0.85; flower white 1” */
/** “4–11”: the first and the last month in which something stands. Throws CellError. */
export function monthSpan(t: string): [number, number] {
  const [from, to, ...more] = t.split(/\s*[–-]\s*/).map(Number);
  const month = (n: number | undefined): n is number => n !== undefined && Number.isInteger(n) && n >= 1 && n <= 12;
  return month(from) && month(to) && more.length === 0
    ? [from, to]
    : sayCell(t, 'is not a range of months. Use 4–11, from April to November');
}

/** “9 weeks under 7 °C”: the winter a plant must have. Throws CellError. */
export function chill(t: string): { weeks: number; belowC: number } {
  const m = /^(\d{1,2})\s*weeks? under (-?\d+(?:\.\d+)?)\s*(?:°?\s*c)?$/i.exec(t.trim());
  return m
    ? { weeks: Number(m[1]), belowC: Number(m[2]) }
    : sayCell(t, 'is not a winter. Use 9 weeks under 7 °C, or none');
}

/**
 * “berries #c8202a 9 0.2 1 1 0…”: what is shown after the flower, its colour, size in mm and share, and
 * twelve shares by month. Throws CellError.
 */
export function display(t: string): z.infer<typeof DisplaySchema> {
  const m = /^([a-z ]+?) (#[0-9a-f]{6}) ([\d.]+) ([\d.]+) ([\d. ]+)$/i.exec(t.trim());
  const read = DisplaySchema.safeParse({
    what: m?.[1]?.toLowerCase(),
    hex: m?.[2],
    sizeMm: Number(m?.[3]),
    show: Number(m?.[4]),
    months: m?.[5]?.trim().split(/ +/).map(Number),
  });
  return read.success
    ? read.data
    : sayCell(
        t,
        'is not in the right form for berries, fruit or seed heads. Use berries #c8202a 9 0.2 and twelve shares from 0 to 1',
      );
}

export function colours(t: string): Plant['colours'] {
  return t
    .split(';')
    .map((s) => s.trim())
    .filter(Boolean)
    .map((piece) => {
      const m = /^(\w+)\s+(.+?)\s+([\d.]+)$/.exec(piece);
      const part = PARTS.find((p) => p === m?.[1]);
      const hex = hexOfWord(m?.[2] ?? '');
      if (!part || !hex)
        return sayCell(
          piece,
          `is not a coloured part. Use the form flower #c8146c 0.85; parts are ${PARTS.join(', ')}`,
        );
      return { part, hex, share: number(m?.[3] ?? '', 0, 1, 'share') };
    });
}

/** “6-pack 3.40; p9 2.20”: start sizes by their code or plain name, each with its price. */
export function starts(t: string): Plant['starts'] {
  return t
    .split(';')
    .map((s) => s.trim())
    .filter(Boolean)
    .map((piece) => {
      const m = /^(.+?)\s+£?([\d.,]+)$/.exec(piece);
      return { size: startSize(m?.[1] ?? piece), price: number((m?.[2] ?? '').replace(',', '.'), 0.01, 500, 'price') };
    });
}
const START_WORDS: readonly [RegExp, Plant['starts'][number]['size']][] = [
  [/unrooted/, 'slip'],
  [/rooted|cutting/, 'cutting'],
  [/seed/, 'seed'],
  [/bulb|corm/, 'bulb'],
  [/bare|tuber/, 'bare'],
  [/plug/, 'plug'],
  [/6.?pack|cell|bedding/, 'pack6'],
  [/\b9\s?cm|3\s?(½|1\/2|\.5)/, 'p9'],
  [/\b10\s?cm|4\s?(in|")/, 'p10'],
  [/\b1\s?l(it)?|quart/, 'l1'],
  [/\b2\s?l/, 'l2'],
  [/\b3\s?l|#1|gallon/, 'l3'],
];
/** A start size from its code or the words on a pot. Throws CellError. */
export function startSize(t: string): Plant['starts'][number]['size'] {
  const code = StartSizeSchema.safeParse(t.trim().toLowerCase());
  return code.success
    ? code.data
    : (START_WORDS.find(([words]) => words.test(t.toLowerCase()))?.[1] ??
        sayCell(
          t,
          'is not a size to buy. Use 6-pack, 9 cm, 10 cm, 1 L, 2 L, 3 L, plug, seed, dry bulb, bare root or rooted cutting',
        ));
}

/** The coldest winter from °C, or from a hardiness zone's number or letter and number. */
export function winterCell(t: string): number {
  const z = /^\s*(?:zone|usda|z)\s*(\d{1,2})\s*([ab])?/i.exec(t);
  // Zone n begins at −51.1 °C for zone 1 and rises 5.6 °C a zone, half of it for b: the published table of
  // average annual extreme minima.
  if (z) return Math.round((-51.1 + (Number(z[1]) - 1) * 5.556 + (z[2]?.toLowerCase() === 'b' ? 2.778 : 0)) * 10) / 10;
  return number(t.replace(/°?\s*c$/i, ''), -50, 20, 'temperature in °C');
}

/** A length in mm. */
export const length = (t: string, units: UnitSystem): number =>
  parseLength(t, units) ?? sayCell(t, 'is not a length. Use the form 45 mm');

/** A colour word or #rrggbb. */
export const colourCell = (t: string): string =>
  hexOfWord(t) ?? sayCell(t, 'is not a colour. Use a name such as rose pink, or #rrggbb');
