import { grow } from '../growth/season';
import type { Learned, Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';
import { clamp, mean } from '../units/number';
import { entriesOf, type LogEntry, type Measure } from './schema';

/** One measure says this much, and each further one more of what is left: n of n + 1. Working figure. */
const DOUBT = 1;
/** Measures are believed within these: beyond them something else is wrong. Working figures. */
const BELIEVED: readonly [number, number] = [0.5, 2];
/** A plant as small as this share of its forecast end says nothing yet. mm, working figure: a new start is as tall as its pot. */
const TOO_SMALL_MM = 40;

/** A measure beside what was forecast for that day with nothing learned, mm. */
export interface Compared extends Measure {
  forecast: { heightMm: number; spreadMm: number } | null;
}

const DAYS_A_WEEK = 7;

/** What a planting was forecast to be on a day, between its weeks; null where it did not stand or was dead. */
export function forecastOn(
  planting: Planting,
  placementId: string,
  date: string,
): { heightMm: number; spreadMm: number } | null {
  const season = grow(planting);
  const i = season.placed.findIndex((p) => p.id === placementId);
  const at = daysBetween(planting.startDate, date) / DAYS_A_WEEK;
  const [a, b] = [Math.floor(at), Math.floor(at) + 1].map(
    (w) => season.weeks[Math.min(w, season.weeks.length - 1)]?.plants[i],
  );
  if (i < 0 || at < 0 || at > season.weeks.length || !a?.alive || !b) return null;
  const t = at - Math.floor(at);
  const between = (of: 'heightMm' | 'spreadMm') => a[of] + ((b.alive ? b[of] : a[of]) - a[of]) * t;
  return { heightMm: between('heightMm'), spreadMm: between('spreadMm') };
}

/** A planting as it was forecast before anything was measured. */
const untaught = (p: Planting): Planting => (p.learned.length === 0 ? p : { ...p, learned: [] });

/** Every measure of a log beside its forecast. Throws UnknownPlantError. */
export function comparedWith(planting: Planting, log: readonly LogEntry[]): Compared[] {
  const plain = untaught(planting);
  return entriesOf(log, 'measure')
    .filter((m) => m.of === planting.id)
    .map((m) => ({ ...m, forecast: forecastOn(plain, m.to, m.on) }));
}

/** The factor that some ratios come to: their geometric mean, believed the more the more there are. */
function factorOf(ratios: readonly number[]): number {
  const logs = ratios.map((r) => Math.log(clamp(r, ...BELIEVED)));
  return Math.exp((mean(logs) * logs.length) / (logs.length + DOUBT));
}

const ratiosOf = (list: readonly Compared[], of: 'heightMm' | 'spreadMm'): number[] =>
  list.flatMap((m) => {
    const [seen, told] = [m[of], m.forecast?.[of] ?? 0];
    return seen !== null && told >= TOO_SMALL_MM ? [seen / told] : [];
  });

/** What was learned of one kind, and from how many measures. */
export interface Lesson extends Learned {
  measures: number;
}

/**
 * What the measures of a place teach of its plants: each kind on its own, against the forecast with nothing learned, so
 * that taking a measure back takes its lesson back. `plantings` are those of one place. Throws UnknownPlantError.
 */
export function lessonsOf(plantings: readonly Planting[], log: readonly LogEntry[]): Lesson[] {
  const all = plantings.flatMap((p) => comparedWith(p, log));
  const kinds = [...new Set(all.map((m) => m.plant))];
  return kinds.flatMap((plant): Lesson[] => {
    const mine = all.filter((m) => m.plant === plant);
    const [heights, spreads] = [ratiosOf(mine, 'heightMm'), ratiosOf(mine, 'spreadMm')];
    const measures = heights.length + spreads.length;
    return measures === 0 ? [] : [{ plant, heightBy: factorOf(heights), spreadBy: factorOf(spreads), measures }];
  });
}

/** What of the lessons a planting takes: those of its own plants. */
export const learnedFor = (planting: Planting, lessons: readonly Lesson[]): Learned[] => {
  const here = new Set(planting.placements.map((p) => (typeof p.plant === 'string' ? p.plant : p.plant.id)));
  return lessons
    .filter((l) => here.has(l.plant))
    .map(({ plant, heightBy, spreadBy }) => ({ plant, heightBy, spreadBy }));
};
