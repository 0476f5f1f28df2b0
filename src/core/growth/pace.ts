import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { STARTS, type StartSize } from '../plants/starts';
import { keptBy } from '../units/keep';
import { clamp01 } from '../units/number';
import { isCrop, lasts, stalks } from './bench';
import { daylight } from './model';
import { warmthShare } from './warmth';

/** How fast plants grow toward the size of their summer: a logistic whose rate, a week, is a product of small laws. */

/**
 * The rate at full warmth, with its roots out, in long days. Fitted: a summer bedding plant goes from three tenths to
 * nine tenths of its size in eight weeks, a heuchera in fourteen; what takes many summers is slower by a power of them.
 */
const RATE = { fast: 0.4, ordinary: 0.36, crop: 0.54, fruit: 0.5, bulb: 0.53, lasting: 0.21 } as const;
const BY_SUMMERS = 0.83;
/** Each step of vigour over the middle adds this share. Fitted. */
const BY_VIGOUR = 0.048;
const MIDDLE_VIGOUR = 3;
/** A trail has its own pace: of what runs, and of what leans out over the rim once it is wide. Fitted. */
const TRAIL = { runs: 1.32, leans: 1.36, cascades: 2 } as const;
/** Stalks rise faster than leaf. Fitted to lavender, meadow sage and coneflower. */
const STALKS_RISE = 1.91;

/** How much faster than it widens a plant hangs, and rises. */
export const byWidth = keptBy((plant: Plant): { trail: number; height: number } => ({
  trail: TRAIL[plant.habit === 'trail' ? 'runs' : plant.habit === 'cascade' && lasts(plant) ? 'cascades' : 'leans'],
  height: stalks(plant) ? STALKS_RISE : 1,
}));

/**
 * What dies down comes up in a flush from mid-April to June: so much faster as a young plant, and out of a
 * crown that is settled. Fitted to hostas.
 */
const FLUSH = { young: 1.61, crown: 5 } as const;
const FLUSHES = { from: 2.4, to: 5.6 } as const;
/**
 * A bulb or tuber lives on its stores until it has this share of its size: so much faster. Fitted to dahlias
 * from tubers.
 */
const STORES = { until: 0.25, faster: 2.6 } as const;

/**
 * Roots find their way first: this share of the pace on the day, whole after so many weeks of full warmth.
 * Fitted: a fortnight of standing still in May, a week in heat.
 */
const ON_THE_DAY = 0.37;
const BY_WEEK = 0.24;
/** What woke from its own roots has them. Weeks of full warmth. */
export const SETTLED_WEEKS = 9;

/**
 * Under this share of June’s daylight nothing grows; whole so much above it. Fitted to violas from September
 * to April.
 */
const DARK = 0.25;
const LONG = 0.37;
/** Lasting plants rest from September to mid-March outside the tropics, by month positions of the north. Fitted. */
const WAKES = 1.99;
const RESTS = 8.5;
const TROPICS_DEG = 23;

/** Leaf of the shade stands still in sun on hot days. °C and hours over what it takes; growers’ figures. */
const SCORCH_C = 30;
const SCORCH_H = 1;
const SHADE_LEAF_H = 9;

/** What a plant's rate is made of that stays the same from week to week. */
const rateOf = keptBy((plant: Plant): number => {
  const { seasons, pace, life } = factsOf(plant);
  if (life === 'bulb' && plant.season === 'cool') return RATE.bulb;
  if (isCrop(plant)) return RATE.crop;
  const own = seasons > 1 ? RATE.lasting * (2 / seasons) ** BY_SUMMERS : RATE[pace === 'fast' ? 'fast' : 'ordinary'];
  return own * (1 + BY_VIGOUR * (plant.vigour - MIDDLE_VIGOUR));
});

/** A week as a plant meets it. */
export interface Meets {
  /** Month position as it is read in the north. */
  at: number;
  latitude: number;
  meanC: number;
  highC: number;
  /** Direct sun of the spot, hours. */
  sunHours: number;
}

const settled = (rootedWeeks: number): number => Math.min(1, ON_THE_DAY + BY_WEEK * rootedWeeks);

/** The pace of the time of year, 0–1: long days for all, and for what lasts its months of growth. */
function ofTheYear(plant: Plant, { at, latitude }: Meets): number {
  const { seasons, life } = factsOf(plant);
  if (life === 'bulb' && plant.season === 'cool') return 1;
  const days = clamp01((daylight(latitude, at) - DARK) / LONG);
  if (seasons === 1 || Math.abs(latitude) <= TROPICS_DEG) return days;
  const month = ((at % 12) + 12) % 12;
  return days * clamp01(Math.min(month - WAKES, RESTS - month));
}

function inFlush(plant: Plant, at: number, rootedWeeks: number): number {
  const month = ((at % 12) + 12) % 12;
  if (plant.season !== 'hardy' || month <= FLUSHES.from || month >= FLUSHES.to) return 1;
  if (factsOf(plant).life !== 'hardy perennial') return 1;
  return FLUSH[rootedWeeks >= SETTLED_WEEKS ? 'crown' : 'young'];
}

const scorched = (plant: Plant, { highC, sunHours }: Meets): boolean =>
  highC >= SCORCH_C && plant.sunHours[2] < SHADE_LEAF_H && sunHours > plant.sunHours[2] + SCORCH_H;

/**
 * The rate of a plant in a week, a share of the logistic’s exponent: by its kind, the warmth, its roots, the time of
 * year and its stores. `grown` is the share of its summer’s size it has, `rootedWeeks` weeks of full warmth behind it.
 */
export function paceOf(
  plant: Plant,
  { start, grown, rootedWeeks }: { start: StartSize; grown: number; rootedWeeks: number },
  meets: Meets,
): number {
  if (scorched(plant, meets)) return 0;
  const warm = warmthShare(plant, meets.meanC);
  const stores = STARTS[start].is === 'stores' && grown < STORES.until ? STORES.faster : 1;
  return (
    rateOf(plant) *
    warm *
    settled(rootedWeeks + warm / 2) *
    ofTheYear(plant, meets) *
    inFlush(plant, meets.at, rootedWeeks) *
    stores
  );
}
