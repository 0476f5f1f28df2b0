import type { Day } from '../climate/days';
import { latitudeOf } from '../climate/hemisphere';
import { containerSums } from '../containers';
import { shapeOf } from '../containers/shapes';
import { rimOf } from '../containers/outline';
import type { Season } from '../growth/grown';
import { mixOf } from '../materials/mixes';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';
import { allLiveDry } from '../plants/dry';
import { clamp01 } from '../units/number';
import { type Drinking, drinkingIn } from './canopy';
import { referenceMm } from './evaporation';
import { reachedL } from './reach';
import { exposureOf, sunShareOn } from './stand';

/** Bare damp mix gives off so much, against turf. Working figure: its face is dry by noon. */
const SOIL = 0.28;
/**
 * Wind and dry air take so much without any sun while it does not freeze, mm a day. Working figure: a bright
 * winter’s day in a wind.
 */
const WIND_MM = 0.5;
/**
 * Leaf and roots that are cold use less of what the air would take: a mean day under and over which it is the
 * least and all of it, °C, and the least. Working figures.
 */
const COLD: readonly [underC: number, overC: number, least: number] = [4, 12, 0.6];
/** On the hottest days pores close after noon and no more is used, mm a day. Working figure. */
const MOST_MM = 6.5;
const L_PER_MM_M2 = 1;
const MM2_PER_M2 = 1e6;

/**
 * Water that mix gives up to roots, litres a litre. Usual range for peat-free, bark and coir mixes 0.25–0.30;
 * gritty a fifth.
 */
const USABLE = { ordinary: 0.28, acid: 0.28, gritty: 0.21 } as const;
/**
 * What is held back before it is watered again: half gone for what drinks, four fifths for what lives dry.
 * Practice.
 */
const GONE = { thirsty: 0.5, dry: 0.8 } as const;
/** A tank is spent so far before the mix is, once roots have gone down to it. Working figures. */
const TANK_SPENT = 0.95;
const TANK_FROM_WEEK = 4;

/** The opening of a container, m². */
export const rimM2 = ({ container }: Pick<Planting, 'container'>): number => {
  const { wide, deep } = rimOf(container.shape);
  const round = shapeOf(container.shape).family === 'box' ? 1 : Math.PI / 4;
  return (wide * deep * round) / MM2_PER_M2;
};

/** What turf in the place would give off on a day, by its sun, mm. */
function turfMm(planting: Planting, { date, highC, lowC }: Day): number {
  const et = Math.min(MOST_MM, referenceMm(latitudeOf(planting.spot), date, highC, lowC)) * sunShareOn(planting, date);
  return highC > 0 ? Math.max(WIND_MM, et) : et;
}

/** The share of its water that leaf uses on a cold day. */
function coldShare({ highC, lowC }: Day): number {
  const [under, over, least] = COLD;
  return least + (1 - least) * clamp01(((highC + lowC) / 2 - under) / (over - under));
}

/**
 * Litres a container uses on a day: evaporation on its leaf and on the mix between, by class, sun, exposure
 * and wall, and by what was learned of it.
 */
export function usedL(planting: Planting, drinking: Drinking, day: Day): number {
  const bare = Math.max(0, rimM2(planting) - drinking.planM2);
  const leaf = drinking.areaM2 * drinking.factor * coldShare(day);
  return turfMm(planting, day) * (leaf + bare * SOIL) * exposureOf(planting) * planting.drinksBy * L_PER_MM_M2;
}

/** What a container holds for its roots on a day, litres. */
export interface Store {
  /** With the mix full, and the tank. */
  usableL: number;
  /** Of that, what the roots can get at: all of it once they have filled the mix. */
  reachL: number;
  /** What may go before it is watered again. */
  spendL: number;
}

/**
 * What a container holds on a day, how much of it roots reach, and how much of that may go before it is
 * watered again.
 */
export function storeOn(planting: Planting, season: Season, date: string): Store {
  const usable = USABLE[mixOf(planting)];
  const { fillL } = containerSums(planting.container);
  const { reservoirL } = planting.container;
  const down = daysBetween(planting.startDate, date) >= TANK_FROM_WEEK * 7;
  const tankL = down ? reservoirL : 0;
  const mixL = reachedL(planting, season, date) * usable;
  return {
    usableL: fillL * usable + reservoirL,
    reachL: mixL + tankL,
    spendL: mixL * goneOf(planting) + tankL * TANK_SPENT,
  };
}

/** What dries between waterings is not drowned with the thirsty: only where all of it lives dry is more let go. */
const goneOf = (planting: Planting): number =>
  allLiveDry(resolve(planting).map((p) => p.plant)) ? GONE.dry : GONE.thirsty;

/** The leaf on a day, from the season of the planting. */
export function drinkingOn(planting: Planting, season: Season, date: string): Drinking {
  const week = Math.floor(daysBetween(planting.startDate, date) / 7);
  const found = week < 0 ? undefined : season.weeks[Math.min(week, season.weeks.length - 1)];
  return drinkingIn(season, found, planting.container.shape);
}
