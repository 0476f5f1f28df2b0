import type { Plant } from '../plants/schema';
import { factsOf } from '../plants/facts';
import type { Tended } from './grown';

/**
 * What a week without water in the heat leaves of a plant's flower in the weeks after it, and of its size, by
 * how it drinks. Growers’ figures for the flower: thirsty kinds have none for a fortnight and are whole after
 * five weeks, moderate ones after three, dry ones lose nothing; the size is a working figure.
 */
const AFTER_DRY = { dry: [], moderate: [0.3, 0.55, 0.8], thirsty: [0, 0, 0.3, 0.55, 0.8] } as const;
const LEFT = { dry: 1, moderate: 0.85, thirsty: 0.6 } as const;
/**
 * A second week of it, and what is not made for it is dead; what drops its flowers is dead of the third time
 * in a season. Growers’ figures.
 */
const BEARS_WEEKS = 1;
const BEARS_TIMES = 2;

/**
 * Weeks for which a plant has hardly any flower after going dry so often, and until it is whole again; null
 * where it loses none.
 */
export function flowerLostTo({ water }: Pick<Plant, 'water'>, times: number): { bare: number; whole: number } | null {
  const shares = AFTER_DRY[water];
  if (shares.length === 0 || times === 0) return null;
  const bare = shares.filter((s) => s < HARDLY_ANY).length;
  return { bare: bare * times, whole: shares.length * times };
}
/** Less of its flower than this and a plant looks bare. Working figure. */
const HARDLY_ANY = 0.5;

/** What thirst makes of a plant in a week. */
export interface Thirst {
  dies: boolean;
  /** Shares of its size and its flower that it keeps. */
  size: number;
  flower: number;
  sinceDry: number | null;
  timesDry: number;
}

/** A plant in a week in which nobody waters, or somebody does. */
export function thirstInWeek(plant: Plant, { sinceDry: was, timesDry }: Tended, dry: boolean): Thirst {
  const { wilt } = factsOf(plant);
  const times = timesDry + (dry ? 1 : 0);
  const runOn = dry && was !== null && was <= BEARS_WEEKS;
  const often = wilt === 'drops its flowers' && times > BEARS_TIMES;
  const sinceDry = dry ? 0 : was;
  // Each time it takes longer to come back.
  const weeks = sinceDry === null ? null : Math.floor(sinceDry / Math.max(1, times));
  return {
    dies: dry && plant.water !== 'dry' && (wilt === 'dies' || runOn || often),
    size: dry ? LEFT[plant.water] : 1,
    flower: weeks === null ? 1 : (AFTER_DRY[plant.water][weeks] ?? 1),
    sinceDry,
    timesDry: times,
  };
}
