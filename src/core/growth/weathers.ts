import { SUMMERS } from '../climate/summers';
import type { Climate } from '../climate/schema';
import { plantName } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import type { Spot } from '../spots/schema';
import { addDays } from '../units/date';
import { sum } from '../units/number';
import type { Season } from './grown';
import { grow } from './season';

/** Another year than the ordinary one, to try a planting in. */
interface Weather {
  label: string;
  /** What it is, in a few words. */
  about: string;
  turns: (spot: Spot) => Spot;
}

/** Degrees by which a hot or a cool summer differs from the ordinary one, and days by which a frost is early. Working figures: about one year in ten. */
const SUMMER_C = 3.5;
const EARLY_DAYS = 21;
/** The summer months of the north, January first, and of the south. */
const NORTH = [4, 5, 6, 7, 8];
const SOUTH = [10, 11, 0, 1, 2];

/** The twelve months a spot has, its own or the plain ones. */
const monthsOf = ({ climate, summer }: Spot): Climate =>
  climate ?? {
    name: SUMMERS[summer].label,
    highC: [...SUMMERS[summer].highC],
    lowC: [...SUMMERS[summer].lowC],
    rainMm: Array<number>(12).fill(0),
  };

const summerBy =
  (degrees: number) =>
  (spot: Spot): Spot => {
    const months = monthsOf(spot);
    // The plain months are written for the north; one's own are as they are at the place.
    const summer = spot.climate && spot.lastFrost > spot.firstFrost ? SOUTH : NORTH;
    const turn = (all: readonly number[]) => all.map((c, m) => c + (summer.includes(m) ? degrees : 0));
    return { ...spot, climate: { ...months, highC: turn(months.highC), lowC: turn(months.lowC) } };
  };

/** `MM-DD` so many days earlier. */
const earlier = (monthDay: string, days: number): string => addDays(`2025-${monthDay}`, -days).slice(5);

/** The years there are to try. */
export const WEATHERS = {
  hot: { label: 'A hot summer', about: `${SUMMER_C} °C over the ordinary`, turns: summerBy(SUMMER_C) },
  cool: { label: 'A cool summer', about: `${SUMMER_C} °C under the ordinary`, turns: summerBy(-SUMMER_C) },
  frost: {
    label: 'An early frost',
    about: `${EARLY_DAYS / 7} weeks before the ordinary one`,
    turns: (spot) => ({ ...spot, firstFrost: earlier(spot.firstFrost, EARLY_DAYS) }),
  },
} satisfies Record<string, Weather>;
export type WeatherId = keyof typeof WEATHERS;
export const WEATHER_IDS = Object.keys(WEATHERS) as WeatherId[];

/** The planting in another year. */
export const inWeather = (planting: Planting, id: WeatherId): Planting => ({
  ...planting,
  spot: WEATHERS[id].turns(planting.spot),
});

/** How one kind fares in another year: flower (or leaf, where it has none) over the season against the ordinary year, 1 for as much. */
export interface Fares {
  id: string;
  name: string;
  against: number;
}

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

/** How each kind fares in another year, the worst first: who is at the end of it carries it. */
export function faresIn(planting: Planting, id: WeatherId): Fares[] {
  const [usual, other] = [grow(planting), grow(inWeather(planting, id))];
  const kinds = new Map(usual.placed.map((p) => [p.plant.id, p.plant]));
  return [...kinds.values()]
    .map((plant) => {
      const flowers = shownBy(usual, plant.id, true) > 0;
      const before = shownBy(usual, plant.id, flowers);
      return {
        id: plant.id,
        name: plantName(plant),
        against: before > 0 ? shownBy(other, plant.id, flowers) / before : 1,
      };
    })
    .sort((a, b) => a.against - b.against);
}
