import { harm } from '../balance/harm';
import { scorchLimitH, sunFit } from '../balance/suits';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import { refusal } from './filter';

/** What there is to choose from at a spot, and what rules the rest out. */
export interface Choice {
  fits: Plant[];
  /** Plants that do not live in this light, that scorch, and that are not known to be safe for who is about. */
  dark: number;
  scorched: number;
  unsafe: number;
}

/** The choice that a planting's spot and container leave of a library. */
export function choiceAt(planting: Planting, library: readonly Plant[]): Choice {
  const { spot, startDate } = planting;
  const { afternoon } = sunReading(spot, startDate);
  const scorches = (p: Plant) => {
    const limit = scorchLimitH(p, spot);
    return limit !== null && afternoon > limit;
  };
  const count = (of: (p: Plant) => boolean) => library.filter(of).length;
  return {
    fits: library.filter((p) => refusal(p, planting) === null),
    dark: count((p) => sunFit(p, planting) <= 0),
    scorched: count(scorches),
    unsafe: count((p) => harm(p, spot).level > 0),
  };
}
