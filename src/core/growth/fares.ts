import { plantName } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { sum } from '../units/number';
import type { Season } from './grown';
import { grow } from './season';
import type { YearId } from './years';

/**
 * How one kind fares in another year: flower (or leaf, where it has none) over the season against the
 * ordinary year, 1 for as much.
 */
export interface Fares {
  id: string;
  name: string;
  against: number;
  /** Hardly anything is left of it. */
  lost: boolean;
}

/** Less than this of what it shows in an ordinary year is as good as nothing. Working figure. */
const LOST_UNDER = 0.12;

/** A plant with less flower than this is grown for its leaf. Working figure. */
const FLOWERS = 0.15;

const shownBy = ({ placed, weeks }: Season, kind: string, flowers: boolean): number =>
  sum(
    weeks.map((w) =>
      sum(
        w.plants.map((g, i) =>
          placed[i]?.plant.id === kind && g.alive ? g.spreadMm * (g.heightMm + g.trailMm) * (flowers ? g.bloom : 1) : 0,
        ),
      ),
    ),
  );

/**
 * How each kind fares in another year, the worst first: who is at the end of it carries it. Throws
 * UnknownPlantError.
 */
export function faresIn(planting: Planting, year: YearId): Fares[] {
  const [usual, other] = [grow(planting), grow(planting, undefined, year)];
  const kinds = new Map(usual.placed.map((p) => [p.plant.id, p.plant]));
  return [...kinds.values()]
    .map((plant) => {
      const flowers = plant.flower.show >= FLOWERS && shownBy(usual, plant.id, true) > 0;
      const before = shownBy(usual, plant.id, flowers);
      const against = before > 0 ? shownBy(other, plant.id, flowers) / before : 1;
      return { id: plant.id, name: plantName(plant), against, lost: against < LOST_UNDER };
    })
    .sort((a, b) => a.against - b.against);
}
