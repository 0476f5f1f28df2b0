import { isNeutral, family } from './family';
import { lch } from './oklch';
import type { Scheme, SchemeColour } from './schemes/scheme';

export interface SchemeReading {
  /** Share of the coloured area that does not belong, 0–1. */
  stray: number;
  /**
   * Poles that have too little, with what they have: shares of the coloured area, or of all that is seen, or
   * how many where they are counted.
   */
  missing: { name: string; has: number; least: number; by: 'share' | 'all' | 'count' }[];
  /** Poles that have too much. */
  over: { name: string; has: number; most: number }[];
  /** The leading hue, degrees. */
  hue: number;
  /** Coloured area over all that is seen. */
  coloured: number;
}

/** Leading hue: the chroma-weighted mean of the strongest hue sector, or the given colour's. */
function leadingHue(seen: readonly SchemeColour[], from: string | null): number {
  if (from) return lch(from).h;
  const sectors = new Float64Array(12);
  for (const s of seen) {
    const f = family(s.colour);
    if (f !== 'white' && f !== 'silver' && f !== 'black') {
      const k = Math.floor(s.colour.h / 30) % 12;
      sectors[k] = (sectors[k] ?? 0) + s.area * s.colour.c;
    }
  }
  let best = 0;
  sectors.forEach((v, i) => {
    if (v > (sectors[best] ?? 0)) best = i;
  });
  let [x, y] = [0, 0];
  for (const s of seen) {
    const a = (s.colour.h * Math.PI) / 180;
    const off = Math.abs(((s.colour.h - (best * 30 + 15) + 540) % 360) - 180);
    if (off <= 30) [x, y] = [x + Math.cos(a) * s.area * s.colour.c, y + Math.sin(a) * s.area * s.colour.c];
  }
  return ((Math.atan2(y, x) * 180) / Math.PI + 360) % 360;
}

/** Fewer hues than this are not many, however small the pot. Working figure. */
const FEWEST_HUES = 3;

/**
 * How well seen colours keep to a scheme. Plain green and silver are the ground and are left out, save where
 * a pole asks for them.
 */
export function judgeScheme(
  scheme: Scheme,
  seen: readonly SchemeColour[],
  from: string | null,
  kindsThere = Infinity,
): SchemeReading {
  const coloured = seen.filter((s) => !isNeutral(s.colour));
  const hue = leadingHue(coloured, from);
  const area = coloured.reduce((a, s) => a + s.area, 0);
  const all = seen.reduce((a, s) => a + s.area, 0);
  if (area <= 0)
    return {
      stray: 0,
      missing: scheme.poles.map((p) => ({ name: p.name, has: 0, least: p.least, by: 'share' })),
      over: [],
      hue,
      coloured: 0,
    };
  const stray = coloured.reduce((a, s) => a + s.area * (1 - scheme.belongs(s, hue)), 0) / area;
  const poles = scheme.poles.map(({ name, least, most = 1, test }) => ({
    name,
    least,
    most,
    has: coloured.reduce((a, s) => a + (test(s, hue) ? s.area : 0), 0) / area,
  }));
  const missing: SchemeReading['missing'] = poles
    .filter((p) => p.has < p.least)
    .map(({ name, has, least }) => ({ name, has, least, by: 'share' }));
  const over = poles.filter((p) => p.has > p.most);
  const { kinds, shown } = scheme;
  if (shown) {
    const has = seen.reduce((a, s) => a + (shown.test(s, hue) ? s.area : 0), 0) / all;
    if (has < shown.least) missing.unshift({ name: shown.name, has, least: shown.least, by: 'all' });
  }
  if (kinds) {
    const there = kinds.of.filter(
      (test) => coloured.reduce((a, s) => a + (test(s) ? s.area : 0), 0) / area >= kinds.each,
    ).length;
    // Few kinds of plant cannot show as many hues as a full box.
    const least = Math.min(kinds.least, Math.max(FEWEST_HUES, kindsThere - 1));
    if (there < least) missing.unshift({ name: kinds.name, has: there, least, by: 'count' });
  }
  return { stray, missing, over, hue, coloured: all > 0 ? area / all : 0 };
}
