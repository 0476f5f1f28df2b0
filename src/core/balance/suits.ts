import { nightC } from '../climate';
import { lightFit } from '../growth/model';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import type { Spot } from '../spots/schema';
import { addDays, monthPosition, nextMonthDay } from '../units/date';

/** What can be asked of one plant at one spot. The composer's filter and the checks ask the same questions here. */

/** How well the spot's sun suits a plant, 0–1; 0 is no light it can live in. */
export const sunFit = (plant: Plant, { spot, startDate }: Pick<Planting, 'spot' | 'startDate'>): number =>
  lightFit(plant.sunHours, sunReading(spot, startDate).hours);

/** Hotter summers scorch sooner: hours taken off or added to a plant's afternoon limit. Working figure. */
const SCORCH_SHIFT: Record<Spot['summer'], number> = { cool: 1, warm: 0, hot: -1 };

/** Most hours after 13:00 a plant takes at this spot, or null when it does not scorch. */
export const scorchLimitH = (p: Pick<Plant, 'scorchAfternoonH'>, spot: Pick<Spot, 'summer'>): number | null =>
  p.scorchAfternoonH === null ? null : Math.max(0, p.scorchAfternoonH + SCORCH_SHIFT[spot.summer]);

/** A plant that takes colder nights than this lives through an ordinary frost. °C, working figure. */
const FROST_KILLS_OVER_C = -2;

/** The nights a planting meets in its first weeks. */
export interface FirstNights {
  /** Ordinary night a week in, °C. */
  nightC: number;
  /** Frost can still come, or has come again. */
  frosty: boolean;
  lastFrost: string;
}

export function firstNights({ spot, startDate }: Pick<Planting, 'spot' | 'startDate'>): FirstNights {
  const newYear = `${startDate.slice(0, 4)}-01-01`;
  const lastFrost = nextMonthDay(newYear, spot.lastFrost);
  const firstFrost = nextMonthDay(newYear, spot.firstFrost);
  // In the south the frosty months lie in the middle of the year.
  const frosty =
    lastFrost < firstFrost
      ? startDate < lastFrost || startDate >= firstFrost
      : startDate >= firstFrost && startDate < lastFrost;
  return { nightC: nightC(spot, monthPosition(addDays(startDate, 7))), frosty, lastFrost };
}

/** What the first nights do to a plant. */
export function nightsSuit({ coldestNightC }: Pick<Plant, 'coldestNightC'>, n: FirstNights): 'good' | 'cold' | 'frost' {
  if (n.frosty && coldestNightC > FROST_KILLS_OVER_C) return 'frost';
  return n.nightC < coldestNightC ? 'cold' : 'good';
}

/** Roots in pots count two zones colder: 20 °F, 11 °C. Working figure, widely used. */
export const POT_COLDER_C = 11;

/** What the spot's coldest winter does to a plant that stays out in a pot. */
export function winterSuits(
  { coldestWinterC }: Pick<Plant, 'coldestWinterC'>,
  spot: Pick<Spot, 'coldestWinterC'>,
): 'lives' | 'wrap' | 'dies' {
  if (coldestWinterC > spot.coldestWinterC) return 'dies';
  return coldestWinterC > spot.coldestWinterC - POT_COLDER_C ? 'wrap' : 'lives';
}

const HARM = { none: 0, mild: 1, irritant: 1, unknown: 1, toxic: 2 } as const;

type Level = 0 | 1 | 2;

/** How unsafe a plant is for who is about: 0 fine, 1 take care, 2 poisonous. Unknown is never 0. */
export function harm(
  p: Plant,
  spot: Pick<Spot, 'children' | 'cats' | 'dogs' | 'eaten'>,
): { level: Level; who: string[] } {
  const who: string[] = [];
  let level: Level = 0;
  const note = (about: boolean, kind: keyof typeof HARM, name: string) => {
    if (!about || HARM[kind] === 0) return;
    who.push(name);
    level = Math.max(level, HARM[kind]) as Level;
  };
  // Where people pick and eat, even what only upsets a stomach has no place.
  if (p.edible === 'no')
    note(spot.eaten, p.poison.people === 'mild' ? 'toxic' : p.poison.people, 'whoever eats from it');
  const sap = { yes: 'irritant', unknown: 'unknown', no: 'none' } as const;
  note(spot.children, p.poison.people, 'children');
  note(spot.children, sap[p.irritantSap], 'children');
  note(spot.cats, p.poison.cats, 'cats');
  note(spot.dogs, p.poison.dogs, 'dogs');
  return { level, who: [...new Set(who)] };
}
