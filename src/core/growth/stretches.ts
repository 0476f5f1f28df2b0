import { maxBy, sum } from '../units/number';
import type { Season } from './grown';
import { bloomBands } from './stream';

/** Weeks from one up to and with another. */
export interface Stretch {
  from: number;
  to: number;
}

/** Near enough to the most to be called its best. Working figure. */
const BEST = 0.8;
/** The leaf counts so much of its outline beside the flower. Working figure. */
const LEAF_COUNTS = 0.2;
/**
 * Under this share of the most flower it ever has a planting stands dry of it, from so many weeks on, for so
 * many at least. Working figures.
 */
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

/** Flower seen in each week, dm² of outline, and the leaf that carries it. */
function flowerOf(season: Season): { flower: number[]; leaf: number[] } {
  const { bands, leaf } = bloomBands(season);
  const flowers = bands.filter((b) => b.of === 'flower');
  return { flower: season.weeks.map((_, k) => sum(flowers.map((b) => b.width[k] ?? 0))), leaf };
}

/** What is seen of it in each week: flower, and the leaf that carries it, dm² of outline. */
export function showsOf(season: Season): number[] {
  const { flower, leaf } = flowerOf(season);
  return flower.map((f, k) => f + (leaf[k] ?? 0) * LEAF_COUNTS);
}

/** The longest run of weeks in which flower, and the leaf under it, are near their most; null where nothing grows. */
export function bestWeeks(season: Season): Stretch | null {
  const shows = showsOf(season);
  const most = Math.max(0, ...shows);
  if (most === 0) return null;
  return maxBy(runs(shows.map((s) => s >= most * BEST)), (r) => r.to - r.from) ?? null;
}

/** Stretches with hardly a flower, once it has settled and while it lives, where it flowers at all. */
export function dryStretches(season: Season): Stretch[] {
  const { flower } = flowerOf(season);
  const most = Math.max(0, ...flower);
  if (most === 0) return [];
  return runs(
    flower.map((f, k) => k >= DRY_FROM && f < most * DRY && (season.weeks[k]?.plants.some((p) => p.alive) ?? false)),
  ).filter((r) => r.to - r.from + 1 >= DRY_WEEKS);
}
