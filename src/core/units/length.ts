/** Lengths. Core works in millimetres; this is the only place that reads or writes any other unit. */
export type UnitSystem = 'metric' | 'imperial';

/** Exact, international inch (1959). */
export const MM_PER_INCH = 25.4;

const UNIT_MM: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
  ft: 12 * MM_PER_INCH,
  foot: 12 * MM_PER_INCH,
  feet: 12 * MM_PER_INCH,
  "'": 12 * MM_PER_INCH,
  '′': 12 * MM_PER_INCH,
};

/** `14`, `14.5`, `1/2` or `14 1/2` as a number. */
function parseAmount(text: string): number | null {
  const m = /^(?:(\d+(?:[.,]\d+)?)\s+)?(?:(\d+)\s*\/\s*(\d+)|(\d+(?:[.,]\d+)?))$/.exec(text.trim());
  if (!m) return null;
  const [, whole, top, bottom, plain] = m;
  const num = (s: string) => Number(s.replace(',', '.'));
  if (top && bottom) return Number(bottom) === 0 ? null : (whole ? num(whole) : 0) + Number(top) / Number(bottom);
  return plain && !whole ? num(plain) : null;
}

/**
 * Reads a length as a gardener writes it: `35cm`, `14 in`, `1' 2"`, `14 1/2"`, or a bare number in the
 * system's everyday unit (cm or inches). Returns millimetres, or null when it is no length.
 */
export function parseLength(text: string, system: UnitSystem = 'metric'): number | null {
  const clean = text.trim().toLowerCase();
  const bare = parseAmount(clean);
  if (bare !== null) return bare * (system === 'metric' ? 10 : MM_PER_INCH);
  const piece =
    /\s*(\d+(?:[.,]\d+)?(?:\s+\d+\s*\/\s*\d+|\s*\/\s*\d+)?)\s*(mm|cm|m|inches|inch|in|feet|foot|ft|"|″|'|′)\.?/gy;
  let total = 0;
  let end = 0;
  for (let m = piece.exec(clean); m; m = piece.exec(clean)) {
    const amount = parseAmount(m[1] ?? '');
    const unit = UNIT_MM[m[2] ?? ''];
    if (amount === null || unit === undefined) return null;
    total += amount * unit;
    end = piece.lastIndex;
  }
  return end > 0 && end === clean.length ? total : null;
}

/** A length to either side, mm: “-30 cm” is as far the other way. Null where it is none. */
export function parseOffset(text: string, system: UnitSystem = 'metric'): number | null {
  const [, sign = '', rest = ''] = /^\s*([-−]?)\s*(.*)$/s.exec(text) ?? [];
  const mm = parseLength(rest, system);
  return mm === null || sign === '' ? mm : -mm;
}

const trim = (n: number, digits: number) => Number(n.toFixed(digits)).toString();

/** A length in mm as people say it: whole centimetres (one decimal under 10 cm) or inches to the half. */
export function formatLength(mm: number, system: UnitSystem = 'metric'): string {
  return `${lengthNumber(mm, system)} ${lengthUnit(system)}`;
}

/** A span of lengths in mm: “24–31 cm”; one figure where both ends are written the same. */
export function formatLengthSpan([low, high]: readonly [number, number], system: UnitSystem = 'metric'): string {
  const [from, to] = [lengthNumber(low, system), lengthNumber(high, system)];
  return `${from === to ? from : `${from}–${to}`} ${lengthUnit(system)}`;
}

/** The figure alone, as `formatLength` would print it. */
export function lengthNumber(mm: number, system: UnitSystem): string {
  if (system === 'metric') return trim(mm / 10, Math.abs(mm) < 100 ? 1 : 0);
  return trim(Math.round((mm / MM_PER_INCH) * 2) / 2, 1);
}

export const lengthUnit = (system: UnitSystem): string => (system === 'metric' ? 'cm' : 'in');
