import type { Planting } from '../plantings/schema';

/** Where a thing is bought. */
export const SHOPS = {
  nursery: 'Nursery',
  centre: 'Garden centre',
  ironmonger: 'Ironmonger',
} as const;
export type ShopId = keyof typeof SHOPS;
export const SHOP_IDS = Object.keys(SHOPS) as ShopId[];

/** So many of one container. */
export interface Entry {
  planting: Planting;
  count: number;
}
