import { usualStarts, usualWidth } from '../containers/counts';
import { occasionOf } from '../plantings/occasion';
import { groundOf } from '../layout/neighbours';
import { STARTS, type StartSize } from '../plants/starts';
import { schoolOf } from '../schools';
import { clamp, sum } from '../units/number';
import type { Planting } from '../plantings/schema';
import type { Band } from '../schools/school';
import { isGritty } from './gritty';
import { check, percent } from './check';
import type { Moment, Standing } from './standing';

/**
 * Soil that may show once it has filled; more in the cold months and in a first year, when hardly anything
 * closes, and gravel is not soil. Practice.
 */
const SHOWS = { summer: 0.1, cold: 0.25, gravel: 0.4 } as const;
/** A year-round planting takes two thirds of the usual starts. Practice. */
const LASTING_SHARE = 0.67;
/**
 * Soil for each bedding plant from a 9 or 10 cm pot, cm², at the most; what is planted for the cold months
 * will not grow. Growers’ figures.
 */
const SOIL_CM2 = { summer: 165, cold: 120 } as const;
/** What a start counts as, beside one from a 9 cm pot: a cell two thirds, by its ball. Growers’ figure. */
const countsAs = (start: StartSize): number =>
  STARTS[start].is === 'plant' ? clamp(STARTS[start].ballMm / STARTS.p9.ballMm, 2 / 3, 2) : 2 / 3;
/** What a planting is worth here that is hardly planted. Working figure. */
const THINNEST = 0.75;
/** Under this share of the least it is thin. Practice. */
const THIN = 0.6;

/** Share of the soil that no leaf covers. */
function bare({ container }: Planting, { plants }: Moment): number {
  const { cells } = groundOf(container);
  const discs = plants
    .filter((p) => p.grown.alive)
    .map((p) => ({ x: p.xMm, y: p.yMm, r2: (p.grown.spreadMm / 2) ** 2 }));
  const covered = cells.filter((c) => discs.some((d) => (d.x - c.x) ** 2 + (d.y - c.y) ** 2 < d.r2)).length;
  return 1 - covered / Math.max(1, cells.length);
}

/** The soil of a container at the rim, cm². */
const soilCm2 = ({ container }: Planting): number => (Math.PI / 4) * (usualWidth(container) / 10) ** 2;

/** Fewest and most starts that are ordinary for the planting. */
function usual({ planting }: Standing): Band {
  const [few, many] = usualStarts(planting.container);
  const [less, more] = schoolOf(planting.brief).asks?.counts ?? [1, 1];
  const share = planting.brief.lasting ? LASTING_SHARE : 1;
  return [few * less * share, many * more];
}

/** Soil that leaves leave bare, and how full it is planted. */
export const cover = check({
  name: 'Soil cover',
  facet: 'fullness',
  weight: 5,
  at: 'plants',
  of: (standing) => {
    const { planting, plants, moments } = standing;
    if (plants.length === 0) return [];
    const cold = occasionOf(planting) !== 'summer' || planting.brief.changeOver !== null;
    const most =
      schoolOf(planting.brief).asks?.soil ?? (isGritty(plants) ? SHOWS.gravel : cold ? SHOWS.cold : SHOWS.summer);
    const shows = Math.max(bare(planting, moments[1]) * 0.9, bare(planting, moments[2]));
    const [few] = usual(standing);
    const thin = plants.length < few * THIN;
    const gappy = shows > most;
    const asked = planting.brief.lasting
      ? few
      : Math.max(few, soilCm2(planting) / (cold ? SOIL_CM2.cold : SOIL_CM2.summer));
    const full = Math.min(1, sum(plants.map((p) => countsAs(p.start))) / Math.max(1, asked));
    return [
      {
        severity: thin || gappy ? 'watch' : 'good',
        measured: 1 - shows,
        band: [1 - most, 1],
        unit: 'of the soil',
        scale: [0, 1],
        culprits: [],
        says: thin ? 'thin' : gappy ? 'low' : 'good',
        facts: { share: 1 - shows, week: moments[1].week, count: plants.length, few: Math.ceil(few) },
        rule: 'At most a tenth of the soil shows once the plants fill out, with the usual number of plants',
        source: 'common practice; measured on plantings that experts praise',
        quality:
          (gappy ? Math.max(0.15, 0.5 - (shows - most) * 2) : 1 - 0.15 * (shows / most)) *
          (thin ? 0.25 : THINNEST + (1 - THINNEST) * full),
      },
    ];
  },
  words: {
    good: (f) => `Leaves cover ${f.pct('share')} of the soil by week ${f.num('week')}.`,
    low: (f) => `Gappy: only ${f.pct('share')} of the soil is covered by week ${f.num('week')}.`,
    thin: (f) => `Sparse: ${f.num('count')} plants; at least ${f.num('few')} is usual.`,
  },
  figure: percent,
  ideas: ['one more', 'bigger starts', 'swap the body'],
});
