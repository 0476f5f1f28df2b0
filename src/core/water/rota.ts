import type { Planting } from '../plantings/schema';
import { sum } from '../units/number';
import type { Ahead } from './ahead';

/** A container with what the days ahead bring it. */
export interface ContainerAhead {
  planting: Planting;
  ahead: Ahead;
}

/**
 * Litres a minute from a hose with a rose on it. Working figure: a garden tap gives 10 to 20, a rose lets
 * about half through.
 */
export const HOSE_L_A_MINUTE = 8;
/** Litres in a can as it is carried. Practice. */
const CAN_L = 9;

/** A place on a day of the rota. */
export interface RotaRound {
  place: string;
  litres: number;
  minutes: number;
  cans: number;
  /** Names of the containers, and how often each. */
  pots: { id: string; name: string; litres: number; times: number }[];
}

/** One day: whose turn it is, and what is to be watered where. */
export interface RotaTurn {
  date: string;
  who: string | null;
  rounds: RotaRound[];
  litres: number;
  minutes: number;
}

/**
 * Who waters when: the people take the days on which something is asked for by turns, in their order. Litres are for
 * all of a container’s kind; minutes are of hose. Days on which nothing is asked for are left out.
 */
export function rotaOf(
  asking: readonly ContainerAhead[],
  people: readonly string[],
  litresAMinute = HOSE_L_A_MINUTE,
): RotaTurn[] {
  const dates = [...new Set(asking.flatMap((a) => a.ahead.days.map((d) => d.date)))].sort();
  let turn = 0;
  return dates.flatMap((date): RotaTurn[] => {
    const places = new Map<string, RotaRound['pots']>();
    for (const { planting, ahead } of asking) {
      const day = ahead.days.find((d) => d.date === date);
      if (!day || day.times === 0) continue;
      const litres = day.givenL * planting.container.count;
      const pots = places.get(planting.spot.name) ?? [];
      pots.push({ id: planting.id, name: planting.name, litres, times: day.times });
      places.set(planting.spot.name, pots);
    }
    if (places.size === 0) return [];
    const rounds = [...places].map(([place, pots]): RotaRound => {
      const litres = sum(pots.map((p) => p.litres));
      return { place, pots, litres, minutes: litres / litresAMinute, cans: Math.ceil(litres / CAN_L) };
    });
    const who = people.length > 0 ? (people[turn++ % people.length] ?? null) : null;
    return [
      { date, who, rounds, litres: sum(rounds.map((r) => r.litres)), minutes: sum(rounds.map((r) => r.minutes)) },
    ];
  });
}
