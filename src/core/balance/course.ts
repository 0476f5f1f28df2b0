import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import type { Grown, Season } from '../growth/grown';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { keptBy } from '../units/keep';
import { lerp, sum } from '../units/number';
import { seenArea, type Seen } from './seen';

/** Flower and colour of a planting in one week, as shares of all that is seen of it. */
export interface CourseWeek {
  flower: number;
  /** Flower, fruit and coloured leaf. */
  colour: number;
}

/** A planting's colour week by week, and what each plant has of it. */
export interface Course {
  weeks: readonly CourseWeek[];
  /** By placement: its share of all that is seen over the weeks. */
  shares: readonly number[];
  /**
   * By placement: how many of the weeks it carries the planting: in good flower, in coloured leaf, or as a
   * bold evergreen.
   */
  carries: readonly number[];
}

/** A leaf this much of which is coloured carries a planting. Practice. */
const COLOURED_LEAF = 0.25;
/** A plant that shows less flower carries nothing by it. Working figure. */
const SHOWS = 0.15;
/** In so much of its full flower a plant carries. Practice. */
const IN_FLOWER = 0.4;

/**
 * A share of green leaf that shows another colour: silver, white, gold, lime, bronze, wine, black. A brown
 * zone in a green leaf is none.
 */
export const colouredLeaf: (p: Plant) => number = keptBy((p: Plant) =>
  sum(
    p.colours.map((c) => {
      if (c.part === 'flower' || c.part === 'throat') return 0;
      const f = family(lch(c.hex));
      if (f === 'green') return 0;
      return c.part === 'vein' && f === 'bronze' ? 0 : c.share;
    }),
  ),
);

/** An evergreen with a bold or a clipped leaf holds a planting together out of flower. */
const isBold = (p: Plant): boolean =>
  p.roles.includes('thriller') &&
  factsOf(p).winterLook === 'evergreen' &&
  (p.leaf.size === 'bold' || p.flower.show < 0.2);

/** Outline of a plant in a week, mm²: what its seen share is scaled by. */
const outlineMm2 = (g: Grown): number => (g.alive ? g.spreadMm * (g.heightMm + g.trailMm) : 0);

interface Looked {
  week: number;
  plants: readonly { grown: Grown; seen: Seen }[];
}

/**
 * What of the outline of the plant at `i` is seen in so many weeks: as in the looked-at ones, between them
 * straight.
 */
function seenShares(looked: readonly Looked[], i: number, weeks: number): Float64Array {
  const points = looked.flatMap(({ week, plants }) => {
    const p = plants[i];
    const whole = p ? outlineMm2(p.grown) : 0;
    return p && whole > 0 ? [{ week, share: seenArea(p.seen) / whole }] : [];
  });
  const out = new Float64Array(weeks).fill(UNSEEN_SHARE);
  let k = 0;
  for (let week = 0; week < weeks; week += 1) {
    while (k < points.length - 1 && (points[k]?.week ?? 0) < week) k += 1;
    const [before, after] = [points[k - 1], points[k]];
    if (!after) continue;
    out[week] =
      before && after.week > week
        ? lerp(before.share, after.share, (week - before.week) / (after.week - before.week))
        : after.share;
  }
  return out;
}

/** What is seen of a plant that stands in none of the looked-at weeks. Working figure. */
const UNSEEN_SHARE = 0.5;

/** What a plant gives to a planting's colour, whatever the week. */
const givesOf = keptBy((plant: Plant) => {
  const { display } = factsOf(plant);
  const leaf = colouredLeaf(plant);
  return {
    show: plant.flower.form === 'none' ? 0 : plant.flower.show,
    fruit: display?.show ?? 0,
    leaf,
    always: leaf >= COLOURED_LEAF || isBold(plant),
  };
});

/** Flower and colour over the judged weeks, from how much of each plant is seen in the weeks that are looked at. */
export function courseOf(season: Season, weeks: number, looked: readonly Looked[]): Course {
  const n = season.placed.length;
  const shares = new Array<number>(n).fill(0);
  const carries = new Array<number>(n).fill(0);
  const gives = season.placed.map((p) => givesOf(p.plant));
  const seen = season.placed.map((_, i) => seenShares(looked, i, weeks));
  let whole = 0;
  const out = season.weeks.slice(0, weeks).map((w, week): CourseWeek => {
    let [all, flower, colour] = [0, 0, 0];
    for (let i = 0; i < n; i += 1) {
      const [g, give] = [w.plants[i], gives[i]];
      if (!g?.alive || !give) continue;
      const area = outlineMm2(g) * (seen[i]?.[week] ?? UNSEEN_SHARE);
      const blooms = g.bloom * give.show;
      const fruits = g.after * give.fruit;
      all += area;
      flower += area * blooms;
      colour += area * Math.min(1, blooms + fruits + give.leaf * (1 - blooms));
      shares[i] = (shares[i] ?? 0) + area;
      const good = (g.bloom >= IN_FLOWER && give.show >= SHOWS) || (give.fruit > 0 && g.after >= IN_FLOWER);
      if (good || give.always) carries[i] = (carries[i] ?? 0) + 1 / weeks;
    }
    whole += all;
    return all > 0 ? { flower: flower / all, colour: colour / all } : { flower: 0, colour: 0 };
  });
  return { weeks: out, shares: shares.map((s) => s / Math.max(1, whole)), carries };
}
