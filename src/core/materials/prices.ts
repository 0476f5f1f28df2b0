/** Ordinary prices, pounds. Working figures: typical garden-centre shelf prices; the user's own receipts replace them. */

/** Bags of mix in the sizes sold. */
export const BAGS = [
  { litres: 10, price: 3.5 },
  { litres: 20, price: 5.5 },
  { litres: 40, price: 8.5 },
  { litres: 50, price: 9.5 },
  { litres: 60, price: 11 },
] as const;

/** What holds a plant up, each of it. */
export const SUPPORTS = {
  stake: { item: 'Cane and ties', size: '90 cm', price: 1.2 },
  frame: { item: 'Frame for a pot, with ties', size: '1 m', price: 9 },
  twines: { item: 'Cane wigwam', size: '1.2 m', price: 6 },
} as const;

/** Slow-release feed: middle of 3–5 g per litre of mix for five to six months, and what a gram costs. The label rules. */
export const FEED_G_PER_L = 4;
export const FEED_PRICE_PER_G = 0.009;
