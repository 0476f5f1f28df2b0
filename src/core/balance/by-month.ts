import { family } from '../colour/family';
import { judgeScheme } from '../colour/judge';
import { lch } from '../colour/oklch';
import { schemeOf } from '../colour/schemes';
import type { Season, Week } from '../growth/grown';
import { judgedWeeks } from '../growth/span';
import { plantName } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { isSouthern } from '../climate/hemisphere';
import { maxBy, sum } from '../units/number';
import { seenArea, seenFrom } from './seen';
import { seenColours, tells } from './seen-colours';

/** One colour of a month: whose it is, and its share of all the colour that is seen. */
export interface MonthSwatch {
  hex: string;
  name: string;
  share: number;
}

/** What is seen of a planting in the middle of a month. */
export interface MonthColour {
  /** `YYYY-MM`. */
  month: string;
  /** The week that stands for it. */
  week: number;
  /** Flower, as a share of all that is seen. */
  flower: number;
  /** Colours other than plain green, most first. */
  swatches: MonthSwatch[];
  /** Share of the colour that is off the scheme. */
  stray: number;
  /** What of the scheme is too little, or too much. */
  lacks: string | null;
  over: string | null;
  /** *bare*: hardly anything stands; *green*: hardly a colour; *off*: the scheme no longer holds; *holds*: it does. */
  verdict: 'holds' | 'off' | 'green' | 'bare';
}

/** Swatches told of in one month. */
const TOLD = 6;
/**
 * So much may stray in any scheme (practice); under this share of colour there is nothing to hold to (working
 * figure).
 */
const ACCENT = 0.1;
const COLOURLESS = 0.06;
/** Plants under this much of the most that is ever seen of them leave a bare pot. Working figure. */
const BARE = 0.12;

/** The week that stands for each month of a season: its middle one. */
function midWeeks(weeks: readonly Week[]): Week[] {
  const months = new Map<string, Week[]>();
  for (const w of weeks) {
    const month = w.date.slice(0, 7);
    months.set(month, [...(months.get(month) ?? []), w]);
  }
  return [...months.values()].flatMap((of) => of[Math.floor(of.length / 2)] ?? []);
}

function lookAt(planting: Planting, season: Season, w: Week) {
  const seen = seenFrom(planting, season.placed, w.plants);
  const plants = season.placed.flatMap((p, i) => {
    const [grown, s] = [w.plants[i], seen[i]];
    return grown && s ? [{ ...p, grown, seen: s }] : [];
  });
  const area = sum(plants.map((p) => (p.grown.alive ? seenArea(p.seen) : 0)));
  return { plants, area };
}

/**
 * Colour by month over the weeks a planting is judged over, and whether its scheme still holds. Shares 0–1.
 * Throws UnknownPlantError.
 */
export function byMonth(planting: Planting, season: Season): MonthColour[] {
  const scheme = schemeOf(planting.brief);
  const judged = season.weeks.slice(0, judgedWeeks(planting));
  const looked = midWeeks(judged).map((w) => ({ w, ...lookAt(planting, season, w) }));
  const most = Math.max(0, ...looked.map((l) => l.area));
  return looked.map(({ w, plants, area }): MonthColour => {
    const colours = seenColours({ plants })
      .filter(tells)
      .map((c) => ({ ...c, colour: lch(c.hex) }));
    const reading = judgeScheme(
      scheme,
      colours,
      scheme.from === 'no' ? null : planting.brief.from,
      new Set(plants.filter((p) => p.grown.alive).map((p) => p.plant.id)).size,
    );
    const shown = colours.filter((c) => family(c.colour) !== 'green' && c.area > 0);
    const coloured = sum(shown.map((c) => c.area));
    const byHex = new Map<string, MonthSwatch>();
    for (const c of shown) {
      const plant = plants.find((p) => p.id === c.id)?.plant;
      const key = `${plant?.id}|${c.hex}`;
      const known = byHex.get(key) ?? { hex: c.hex, name: plant ? plantName(plant) : '', share: 0 };
      byHex.set(key, { ...known, share: known.share + c.area / coloured });
    }
    const off = reading.stray > Math.max(scheme.accent, ACCENT) || reading.missing.length + reading.over.length > 0;
    return {
      month: w.date.slice(0, 7),
      week: w.week,
      flower: area > 0 ? sum(colours.filter((c) => c.isFlower).map((c) => c.area)) / area : 0,
      swatches: [...byHex.values()].sort((a, b) => b.share - a.share).slice(0, TOLD),
      stray: reading.stray,
      lacks: reading.missing[0]?.name ?? null,
      over: reading.over[0]?.name ?? null,
      verdict: area < most * BARE ? 'bare' : area > 0 && coloured / area < COLOURLESS ? 'green' : off ? 'off' : 'holds',
    };
  });
}

/** When a planting peaks over the weeks it is judged over. */
export type Peaking = 'early' | 'late' | 'in time';

/** Over before so much of its weeks, or not begun until so much of them: too early, too late. Working figures. */
const OVER_BY = 0.4;
const NOT_UNTIL = 0.6;

/** Whether its best weeks come too early or too late for how long it is to stand. */
export function peaking(planting: Planting, best: { from: number; to: number }): Peaking {
  const weeks = judgedWeeks(planting);
  if (best.to < weeks * OVER_BY) return 'early';
  return best.from > weeks * NOT_UNTIL ? 'late' : 'in time';
}

/** The months from November to March, January first, and half a year on in the south. */
const WINTER = { north: [0, 1, 2, 10, 11], south: [4, 5, 6, 7, 8] } as const;

/**
 * What holds a lasting planting up in its barest month of winter: the share of its most that is still seen,
 * and the plants most of it is. Null for one season's plantings.
 */
export function barest(planting: Planting, season: Season): { month: string; share: number; names: string[] } | null {
  if (!planting.brief.lasting) return null;
  const looked = midWeeks(season.weeks.slice(0, judgedWeeks(planting))).map((w) => ({
    w,
    ...lookAt(planting, season, w),
  }));
  const most = Math.max(0, ...looked.map((l) => l.area));
  const winter: readonly number[] = WINTER[isSouthern(planting.spot) ? 'south' : 'north'];
  const least = maxBy(
    looked.filter(({ w }) => winter.includes(Number(w.date.slice(5, 7)) - 1)),
    (l) => -l.area,
  );
  if (!least || most === 0) return null;
  const kinds = new Map<string, number>();
  for (const p of least.plants)
    if (p.grown.alive) kinds.set(plantName(p.plant), (kinds.get(plantName(p.plant)) ?? 0) + seenArea(p.seen));
  return {
    month: least.w.date.slice(0, 7),
    share: least.area / most,
    names: [...kinds]
      .sort((a, b) => b[1] - a[1])
      .slice(0, 2)
      .map(([name]) => name),
  };
}
