import { maxBy, sum } from '../units/number';
import type { Season } from './grown';
import { showOf } from './peak';
import { bloomBands } from './stream';

/** Weeks from one up to and with another. */
export interface Stretch {
  from: number;
  to: number;
}

/** Near enough to the most to be called its best. Working figure. */
const BEST = 0.85;
/** Under this share of the most flower it ever has a planting stands dry of it, from so many weeks on, for so many at least. Working figures. */
const DRY = 0.2;
const DRY_FROM = 3;
const DRY_WEEKS = 2;

/** Runs of weeks for which something holds. */
function runs(weeks: readonly boolean[]): Stretch[] {
  const out: Stretch[] = [];
  weeks.forEach((holds, week) => {
    const last = out[out.length - 1];
    if (!holds) return;
    if (last && last.to === week - 1) last.to = week;
    else out.push({ from: week, to: week });
  });
  return out;
}

/** The longest run of weeks in which canopy and flower are near their most, or null where nothing grows. */
export function bestWeeks({ placed, weeks }: Season): Stretch | null {
  const shows = weeks.map((w) => showOf(placed, w));
  const most = Math.max(0, ...shows);
  if (most === 0) return null;
  return maxBy(runs(shows.map((s) => s >= most * BEST)), (r) => r.to - r.from) ?? null;
}

/** Stretches with hardly a flower, once it has settled and while it lives, where it flowers at all. */
export function dryStretches(season: Season): Stretch[] {
  const { bands } = bloomBands(season);
  const flower = season.weeks.map((_, k) => sum(bands.map((b) => b.width[k] ?? 0)));
  const most = Math.max(0, ...flower);
  if (most === 0) return [];
  return runs(
    flower.map((f, k) => k >= DRY_FROM && f < most * DRY && (season.weeks[k]?.plants.some((p) => p.alive) ?? false)),
  ).filter((r) => r.to - r.from + 1 >= DRY_WEEKS);
}
