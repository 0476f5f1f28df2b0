import { changeOvers, turnFrom } from '../growth/turn';
import type { Planting } from '../plantings/schema';
import { shoppingList } from './list';

/** The change-over that is to be bought for next, or was last; null where it is the first planting. */
export function turnToBuy(planting: Planting, today: string): string | null {
  if (planting.startDate >= today) return null;
  const overs = changeOvers(planting);
  return overs.find((d) => d >= today) ?? overs.at(-1) ?? null;
}

/**
 * What is to be bought for the turn of a planting that a day lies in, or that comes next: its new plants, and
 * mix to top up what was lifted. One that is never changed over is bought as it is.
 */
export function toBuy(planting: Planting, today: string): Planting {
  const turn = turnToBuy(planting, today);
  return turn === null ? firstOf(planting, changeOvers(planting)[0] ?? null) : boughtOn(planting, turn);
}

/** As it is first planted, without what is to come. */
const firstOf = (planting: Planting, ends: string | null): Planting =>
  ends === null ? planting : turnFrom(planting, planting.startDate, ends);

/** The new plants of one turn, and the top of its mix. */
export function boughtOn(planting: Planting, begins: string): Planting {
  const turn = turnFrom(planting, begins, null);
  const fresh = new Set(planting.placements.filter((p) => p.from === begins).map((p) => p.id));
  return {
    ...turn,
    placements: turn.placements.filter((p) => fresh.has(p.id)),
    container: {
      ...planting.container,
      refill: planting.container.refill === 'all' ? 'top up' : planting.container.refill,
    },
  };
}

/** What a turn costs a container: its new plants, the mix that tops it up, and its feed; pounds. */
export const turnCost = (planting: Planting, on: string): number => {
  const bought = boughtOn(planting, on);
  return bought.placements.length === 0 ? 0 : shoppingList(bought, 1).each;
};
