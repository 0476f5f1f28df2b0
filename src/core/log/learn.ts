import { grow } from '../growth/season';
import type { Learned, Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';
import { clamp, sum } from '../units/number';
import { entriesOf, type LogEntry, type MeasureEntry } from './schema';

/** One measure says this much, and each further one more of what is left: n of n + 1. Working figure. */
const DOUBT = 1;
/** Measures are believed within these: beyond them something else is wrong. Working figures. */
const BELIEVED: readonly [number, number] = [0.5, 2];
/**
 * A plant as small as this share of its forecast end says nothing yet. mm, working figure: a new start is as
 * tall as its pot.
 */
const TOO_SMALL_MM = 40;

/**
 * A pace is tried from half as fast to half as fast again; what is learned of it is doubted half as much as a
 * size. Working figures.
 */
const PACES = [0.6, 0.68, 0.77, 0.88, 1, 1.14, 1.3, 1.47, 1.67] as const;
const PACE_DOUBT = 0.5;
/** Only what was measured so many days apart says how fast it went. Working figure. */
const APART_DAYS = 14;

/** A measure beside what was forecast for that day with nothing learned, mm. */
export interface Compared extends MeasureEntry {
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

/** A planting as it was forecast before anything was measured, or with some other lessons. */
const taught = (p: Planting, learned: Planting['learned']): Planting =>
  p.learned.length === 0 && learned.length === 0 ? p : { ...p, learned };

/**
 * Every measure of a log beside its forecast with nothing learned, or with the lessons that are given. Throws
 * UnknownPlantError.
 */
export function comparedWith(
  planting: Planting,
  log: readonly LogEntry[],
  learned: Planting['learned'] = [],
): Compared[] {
  const plain = taught(planting, learned);
  return entriesOf(log, 'measure')
    .filter((m) => m.of === planting.id)
    .map((m) => ({ ...m, forecast: forecastOn(plain, m.to, m.on) }));
}

/**
 * The factor that some ratios come to, its geometric mean, believed the more the more there are; and how
 * badly it fits them.
 */
export function factorOf(ratios: readonly number[]): { by: number; off: number } {
  const logs = ratios.map((r) => Math.log(clamp(r, ...BELIEVED)));
  const level = logs.length === 0 ? 0 : sum(logs) / (logs.length + DOUBT);
  return { by: Math.exp(level), off: sum(logs.map((l) => (l - level) ** 2)) + DOUBT * level ** 2 };
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
    const measures = ratiosOf(mine, 'heightMm').length + ratiosOf(mine, 'spreadMm').length;
    if (measures === 0) return [];
    const own = log.filter((e) => e.kind === 'measure' && e.plant === plant);
    const ofIts = plantings.filter((p) => own.some((e) => e.of === p.id));
    const tried = pacesFor(mine).map((paceBy) => atPace(plant, paceBy, ofIts, own));
    const best = tried.reduce((a, b) => (b.off < a.off ? b : a));
    return [{ plant, heightBy: best.heightBy, spreadBy: best.spreadBy, paceBy: best.paceBy, measures }];
  });
}

/** The paces that measures can tell apart: only its own where all are of one time. */
function pacesFor(measures: readonly Compared[]): readonly number[] {
  const days = measures.map((m) => m.on).sort();
  const apart = daysBetween(days[0] ?? '', days.at(-1) ?? '');
  return apart >= APART_DAYS ? PACES : [1];
}

/** How the measures of a kind lie beside its forecast at another pace, and what they say of its size then. */
function atPace(plant: string, paceBy: number, plantings: readonly Planting[], log: readonly LogEntry[]) {
  const learned = paceBy === 1 ? [] : [{ plant, heightBy: 1, spreadBy: 1, paceBy }];
  const mine = plantings.flatMap((p) => comparedWith(p, log, learned));
  const [heights, spreads] = [factorOf(ratiosOf(mine, 'heightMm')), factorOf(ratiosOf(mine, 'spreadMm'))];
  const off = heights.off + spreads.off + PACE_DOUBT * Math.log(paceBy) ** 2;
  return { paceBy, heightBy: heights.by, spreadBy: spreads.by, off };
}

/** What of the lessons a planting takes: those of its own plants. */
export const learnedFor = (planting: Planting, lessons: readonly Lesson[]): Learned[] => {
  const here = new Set(planting.placements.map((p) => (typeof p.plant === 'string' ? p.plant : p.plant.id)));
  return lessons
    .filter((l) => here.has(l.plant))
    .map(({ plant, heightBy, spreadBy, paceBy }) => ({ plant, heightBy, spreadBy, paceBy }));
};
