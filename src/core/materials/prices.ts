import type { Offer } from './packs';

/**
 * Ordinary prices, pounds. Working figures: typical garden-centre shelf prices; the user's own receipts
 * replace them.
 */

const pack = (holds: number, label: string, price: number): Offer => ({ holds, label, price });

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
  mesh: { item: 'Mesh for the holes', size: 'each', sold: [pack(10, 'pack of 10', 2.5)] },
  liner: { item: 'Liner', size: 'm²', sold: [pack(2, '1 × 2 m', 9), pack(5, '1 × 5 m', 18)] },
  hook: { item: 'Hook and chain', size: 'set', sold: [pack(1, 'each', 8)] },
  bracket: { item: 'Bracket', size: 'each', sold: [pack(1, 'each', 6)] },
  feet: { item: 'Pot feet', size: 'set of three', sold: [pack(1, 'each', 5)] },
  dressing: {
    item: 'Gravel or moss for top dressing',
    size: 'L',
    sold: [pack(5, '5 L bag', 5), pack(15, '15 L bag', 9)],
  },
} as const;

/** Drip watering, in the packs it is sold in. */
export const DRIP = {
  timer: { item: 'Tap timer', size: 'each', sold: [pack(1, 'each', 28)] },
  valve: { item: 'Non-return valve', size: 'each', sold: [pack(1, 'each', 6)] },
  filter: { item: 'Filter', size: 'each', sold: [pack(1, 'each', 7)] },
  reducer: { item: 'Pressure reducer', size: 'each', sold: [pack(1, 'each', 8)] },
  main: { item: '16 mm main line', size: 'm', sold: [pack(25, '25 m coil', 14), pack(50, '50 m coil', 24)] },
  clip: { item: 'Clip for the main line', size: 'each', sold: [pack(10, 'pack of 10', 3), pack(50, 'pack of 50', 11)] },
  plug: { item: 'End plug, 16 mm', size: 'each', sold: [pack(5, 'pack of 5', 2.5)] },
  connector: {
    item: 'Connector, 16 to 6 mm',
    size: 'each',
    sold: [pack(10, 'pack of 10', 2.5), pack(50, 'pack of 50', 9)],
  },
  tee: { item: 'Tee, 6 mm', size: 'each', sold: [pack(10, 'pack of 10', 2.5), pack(50, 'pack of 50', 9)] },
  line: {
    item: '6 mm drip tubing',
    size: 'm',
    sold: [pack(10, '10 m coil', 4.5), pack(25, '25 m coil', 9), pack(50, '50 m coil', 16)],
  },
  staple: { item: 'Tubing staple', size: 'each', sold: [pack(10, 'pack of 10', 1.5), pack(50, 'pack of 50', 5.5)] },
  emitter2: {
    item: 'Drip emitter, 2 L an hour',
    size: 'each',
    sold: [pack(10, 'pack of 10', 5.5), pack(50, 'pack of 50', 22)],
  },
  emitter4: {
    item: 'Drip emitter, 4 L an hour',
    size: 'each',
    sold: [pack(10, 'pack of 10', 5.5), pack(50, 'pack of 50', 22)],
  },
  emitter8: {
    item: 'Drip emitter, 8 L an hour',
    size: 'each',
    sold: [pack(10, 'pack of 10', 5.5), pack(50, 'pack of 50', 22)],
  },
  stake: { item: 'Stake for an emitter', size: 'each', sold: [pack(10, 'pack of 10', 2), pack(50, 'pack of 50', 8)] },
} as const;

/** Feed as it is sold: tubs by weight, bottles by volume. */
export const FEED_SOLD = {
  slow: [pack(500, '500 g tub', 5.5), pack(1000, '1 kg tub', 9.5), pack(5000, '5 kg bag', 36)],
  liquid: [pack(500, '500 mL bottle', 4.5), pack(1000, '1 L bottle', 7.5), pack(5000, '5 L can', 29)],
  pellets: [pack(1000, '1 kg tub', 6), pack(2500, '2.5 kg tub', 12), pack(10000, '10 kg bag', 38)],
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

/**
 * Slow-release feed: middle of 3–5 g per litre of mix for five to six months, and what a gram costs. The
 * label rules.
 */
export const FEED_G_PER_L = 4;
export const FEED_PRICE_PER_G = 0.009;
