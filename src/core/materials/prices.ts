/** Ordinary prices, pounds. Working figures: typical garden-centre shelf prices; the user's own receipts replace them. */

/** Bags of mix in the sizes sold, smallest first. */
export const BAGS = [
  { litres: 10, label: '10 L bag', price: 3.5 },
  { litres: 20, label: '20 L bag', price: 5.5 },
  { litres: 40, label: '40 L bag', price: 8.5 },
  { litres: 50, label: '50 L bag', price: 9.5 },
  { litres: 60, label: '60 L bag', price: 11 },
] as const;

/** The same where mix is sold by the quart and the cubic foot: exact litres. */
export const BAGS_US = [
  { litres: 7.571, label: '8 qt bag', price: 3.2 },
  { litres: 15.142, label: '16 qt bag', price: 4.8 },
  { litres: 28.317, label: '1 cu ft bag', price: 7 },
  { litres: 42.475, label: '1.5 cu ft bag', price: 9 },
  { litres: 56.634, label: '2 cu ft bag', price: 10.5 },
] as const;

/** What goes with containers, each of it. */
export const FITTINGS = {
  mesh: { item: 'Mesh for the holes', size: 'each', price: 0.3 },
  liner: { item: 'Liner', size: 'm²', price: 7 },
  hook: { item: 'Hook and chain', size: 'set', price: 8 },
  bracket: { item: 'Bracket', size: 'each', price: 6 },
  feet: { item: 'Pot feet', size: 'set of three', price: 5 },
  dressing: { item: 'Gravel or moss for top dressing', size: 'L', price: 0.9 },
} as const;

/** Drip watering, each of it. */
export const DRIP = {
  emitter: { item: 'Drip emitter, 2 L an hour', size: 'each', price: 0.6 },
  line: { item: '6 mm drip tubing', size: 'm', price: 0.5 },
  staple: { item: 'Tubing staple', size: 'each', price: 0.15 },
} as const;

/** An ordinary container by what it holds to the brim and its material: pounds a litre, and the least. */
export const CONTAINER_PER_L = {
  terracotta: 0.9,
  glazed: 1.4,
  concrete: 1.3,
  timber: 0.9,
  metal: 1.1,
  fibre: 1.2,
  plastic: 0.45,
  coir: 0.9,
} as const;
export const CONTAINER_LEAST = 6;

/** What holds a plant up, each of it. */
export const SUPPORTS = {
  stake: { item: 'Cane and ties', size: '90 cm', price: 1.2 },
  frame: { item: 'Frame for a pot, with ties', size: '1 m', price: 9 },
  twines: { item: 'Cane wigwam', size: '1.2 m', price: 6 },
} as const;

/** Slow-release feed: middle of 3–5 g per litre of mix for five to six months, and what a gram costs. The label rules. */
export const FEED_G_PER_L = 4;
export const FEED_PRICE_PER_G = 0.009;
