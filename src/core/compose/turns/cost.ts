import { shoppingList } from '../../materials/list';
import { boughtOn } from '../../materials/turn';
import type { Planting } from '../../plantings/schema';

/** What a turn costs a container: its new plants, the mix that tops it up, and its feed; pounds. */
export const turnCost = (planting: Planting, on: string): number => {
  const bought = boughtOn(planting, on);
  return bought.placements.length === 0 ? 0 : shoppingList(bought, 1).each;
};
