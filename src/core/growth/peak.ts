import type { Placed } from '../plantings/resolve';
import { maxBy, sum } from '../units/number';
import type { Week } from './grown';

/** Near enough to the most: the season flattens, and then it declines. Working figure. */
const NEARLY = 0.9;
/** A canopy without flower still shows this much. Working figure. */
const LEAF_SHOWS = 0.6;
/** Judged where nothing grows: a usual week. */
const USUAL = 9;

/** First week in which canopy and bloom reach 90% of the most they ever do. */
export function peakOf(placed: readonly Placed[], weeks: readonly Week[]): number {
  const most = maxBy(weeks, (w) => showOf(placed, w));
  if (!most || placed.length === 0) return Math.min(USUAL, weeks.length - 1);
  const enough = showOf(placed, most) * NEARLY;
  return weeks.find((w) => showOf(placed, w) >= enough)?.week ?? most.week;
}

/** What a week shows of canopy and flower, mm² of outline, flower weighed by what it shows. */
const showOf = (placed: readonly Placed[], { plants }: Week): number =>
  sum(
    plants.map((g, i) =>
      g.alive
        ? g.spreadMm * (g.heightMm + g.trailMm) * (LEAF_SHOWS + g.bloom * (placed[i]?.plant.flower.show ?? 0))
        : 0,
    ),
  );
