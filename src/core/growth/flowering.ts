import type { Plant } from '../plants/schema';
import { factsOf } from '../plants/facts';
import { flowerInHeat } from '../plants/heat';
import type { Facts } from '../plants/traits';
import { inMonths } from './in-months';
import { clamp01 } from '../units/number';
import { keptBy } from '../units/keep';
import { isFruitCrop } from './bench';
import { warmthShare } from './warmth';

/** A plant in a week, as its flower depends on it. */
export interface Flowering {
  /** Month position as it is read in the north. */
  at: number;
  /** How much of its summer’s size it has, and of the size on its record. */
  grown: number;
  ofAge: number;
  meanC: number;
  highC: number;
  /** Weeks since it was set out, and weeks of full warmth since. */
  age: number;
  rootedWeeks: number;
  /** Weeks since it was cut back, and since its tips were taken off; null when it never was. */
  sinceCut: number | null;
  sincePinch: number | null;
  /** Nobody takes its spent flowers off. */
  unpicked: boolean;
}

/** A show plant is 1; good bedding in its best weeks is this. Growers’ figure: 0.85–0.95. */
const BEST = 0.86;

/**
 * Bedding opens as it grows: from this share of its size, and it is in full flower so much further on. What flowers
 * late in the year, by what its record says of June, begins later. Fitted.
 */
const OPENS_AT = 0.14;
const TO_FULL = 0.56;
const LATER = 1.12;
const JUNE = 5;
/** In full flower at this share of its size at the latest. Working figure. */
const OPEN_BY = 0.95;
/** A month with this share of bloom is in full flower. Working figure. */
const FULL = 0.9;
/** Cool-season bedding that bears more cold than this is sold in flower. °C, working figure. */
const SOLD_IN_FLOWER_C = -4;
/** Before this month position nothing is bought for summer. */
const SPRING = 1;

/**
 * Bought with its first flowers on, in a pot more than in a cell, bedding is in full flower so many weeks of
 * full warmth later at the earliest; crops are sold before they flower. Fitted to begonias, mandevillas and
 * tomatoes.
 */
const FIRST_FLOWERS = 0.42;
const WEEKS_TO_FULL = 4.5;

/**
 * A crown of so many summers that dies down flowers from this share of its grown width, and in full so much
 * further on. Fitted: a hosta from 9 cm has none in its first year, from a litre it has.
 */
const CROWN_SUMMERS = 3;
const CROWN_FLOWERS_AT = 0.63;
const CROWN_TO_FULL = 0.12;

/** In a cool week it flowers less, but more than it grows: at the temperature it stands still at this share. Fitted. */
const STOPPED = 0.43;
const FULL_WARM = 1.07;

/**
 * What is sheared in July grows tired of flowering from so many weeks on, by this share a week. Growers’
 * figures: a petunia 0.9 in July, 0.6 in September, 0.4 in October. Cut back it is fresh again.
 */
const FRESH_WEEKS = 9.8;
const TIRES = 0.036;
const TIREDEST = 0.35;
const SHEARED_MONTH = 7;

/**
 * What of the flower is there in the weeks after a cut, and after a pinch. Practice: bare for ten to fourteen
 * days, half after three weeks; pinched tips are back in three.
 */
const AFTER_CUT = [0.05, 0.1, 0.3, 0.5, 0.7, 0.85, 0.95] as const;
const AFTER_PINCH = [0.1, 0.35, 0.6] as const;
/**
 * What was cut flowers again, whatever its months say: bedding as in June until the middle of October, what
 * is cut to the base in summer for a second flush. Growers’ figures.
 */
const AGAIN_FROM_WEEK = 3;
const AGAIN = 0.95;
const AGAIN_UNTIL = 9;
/** The shears of one summer say nothing of the next. Weeks, from mid-July to the end of October. */
const AGAIN_FOR_WEEKS = 15;
const SECOND_FLUSH = 0.6;
const SECOND_UNTIL_WEEK = 8;

/**
 * What sets seed stops: left on, spent flowers cost it this much, from so many weeks on. Growers’ figures:
 * pelargonium 0.85 with, 0.55 without.
 */
const SETS_SEED = 0.62;
const SEEDS_FROM_WEEK = 4;
const SEEDS_BY_WEEK = 10;

/** What of a plant's flowering is the same every week. */
const waysOf = keptBy((plant: Plant) => {
  const facts = factsOf(plant);
  const late = (1 - (plant.bloom[JUNE] ?? 0)) ** 2;
  const opensAt = OPENS_AT + LATER * late;
  return {
    facts,
    // What grows through one summer opens as it grows; what lasts, and what is sold in flower, by the calendar.
    byGrowth:
      facts.seasons === 1 &&
      facts.life !== 'bulb' &&
      (plant.season === 'warm' || plant.coldestNightC > SOLD_IN_FLOWER_C),
    fullFrom: plant.bloom.findIndex((b) => b >= FULL),
    opensAt,
    takes: Math.max(0.05, Math.min(TO_FULL, OPEN_BY - opensAt)),
    sheared: facts.cutBack === 'by half' && facts.cutMonth === SHEARED_MONTH,
    first: isFruitCrop(plant) ? 0 : FIRST_FLOWERS,
    crown: facts.winterLook === 'gone' && facts.seasons >= CROWN_SUMMERS,
  };
});

/** Whether a plant is cut to its base in summer and flowers again. */
const flushesAgain = ({ cutBack, cutMonth }: Facts): boolean =>
  cutBack === 'to the base' && (cutMonth === SHEARED_MONTH - 1 || cutMonth === SHEARED_MONTH);

/** What its months say, 0–1, changed by the shears. */
function inMonth(plant: Plant, { at, sinceCut }: Flowering): number {
  const { facts, byGrowth, fullFrom, sheared } = waysOf(plant);
  const month = ((at % 12) + 12) % 12;
  const now = byGrowth && month > SPRING && month < fullFrom ? 1 : inMonths(plant.bloom, at);
  if (sinceCut === null || sinceCut < AGAIN_FROM_WEEK || sinceCut > AGAIN_FOR_WEEKS || month > AGAIN_UNTIL) return now;
  if (sheared) return Math.max(now, AGAIN);
  return flushesAgain(facts) && sinceCut <= SECOND_UNTIL_WEEK ? Math.max(now, SECOND_FLUSH) : now;
}

/** What seed, and the weeks behind it, leave of the flower. */
function worn(plant: Plant, { age, sinceCut, unpicked }: Flowering): number {
  if (plant.deadhead !== 'needed') return 1;
  const tired = waysOf(plant).sheared
    ? Math.max(TIREDEST, 1 - TIRES * Math.max(0, (sinceCut ?? age) - FRESH_WEEKS))
    : 1;
  const seeds = unpicked ? clamp01((age - SEEDS_FROM_WEEK) / (SEEDS_BY_WEEK - SEEDS_FROM_WEEK)) : 0;
  return tired * (1 - (1 - SETS_SEED) * seeds);
}

/** Fresh flower as a share of the densest cover its kind ever has, 0–1, in light, soil and food enough. */
export function floweringOf(plant: Plant, week: Flowering): number {
  const months = inMonth(plant, week);
  if (months === 0) return 0;
  const { facts, byGrowth, opensAt, takes, first, crown } = waysOf(plant);
  const onTheWay = first + ((1 - first) * week.rootedWeeks) / WEEKS_TO_FULL;
  const opened = byGrowth ? clamp01(Math.min((week.grown - opensAt) / takes, onTheWay)) : 1;
  const warm = facts.seasons === 1 ? clamp01((warmthShare(plant, week.meanC) + STOPPED) / FULL_WARM) : 1;
  const cut = week.sinceCut === null ? 1 : (AFTER_CUT[week.sinceCut] ?? 1);
  const pinched = week.sincePinch === null ? 1 : (AFTER_PINCH[week.sincePinch] ?? 1);
  const old = crown ? clamp01((week.ofAge - CROWN_FLOWERS_AT) / CROWN_TO_FULL) : 1;
  return BEST * months * opened * old * warm * cut * pinched * worn(plant, week) * flowerInHeat(facts.heat, week.highC);
}
