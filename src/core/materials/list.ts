import { mayEscape } from '../climate/kind';
import { mixToBuyL } from '../containers';
import { factsOf } from '../plants/facts';
import { plantName, type Plant } from '../plants/schema';
import { STARTS, type StartSize } from '../plants/starts';
import type { Role } from '../plants/traits';
import { ballsL, resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import type { Stock } from '../stock/schema';
import { availabilityOf } from '../stock/shelf';
import { sum } from '../units/number';
import { bagsFor } from './bags';
import { FEED_G_PER_L, FEED_PRICE_PER_G, SUPPORTS } from './prices';

/** One thing to buy, whatever it is. */
interface Line {
  item: string;
  botanical: string;
  /** The size it is sold in, as it is labelled. */
  size: string;
  /** What is wanted: plants, bags or grams. */
  count: number;
  /** What is taken to the till: pots or packs, bags, grams. */
  buy: number;
  /** Pounds for all of them. */
  price: number;
}

export interface PlantLine extends Line {
  kind: 'plant';
  plant: Plant;
  role: Role;
  start: StartSize;
  /** Plants in the packs bought that are not wanted. */
  spare: number;
  /** Whether it may run wild in the place's kind of climate. */
  escapes: boolean;
  /** False when this size is not one the plant is ordinarily sold in: the price is then a guess from the nearest. */
  soldSo: boolean;
}

export interface MixLine extends Line {
  kind: 'mix';
  /** Litres in one bag. */
  bagL: number;
}

export interface FeedLine extends Line {
  kind: 'feed';
}

export interface SupportLine extends Line {
  kind: 'support';
}

export type ShoppingLine = PlantLine | MixLine | FeedLine | SupportLine;

export interface ShoppingList {
  sets: number;
  lines: ShoppingLine[];
  /** Mix wanted, litres, with settling and less the root balls. */
  mixL: number;
  /** Pounds, for all sets and for each. */
  total: number;
  each: number;
}

/** The lines of one kind. */
export const linesOf = <K extends ShoppingLine['kind']>(
  list: ShoppingList,
  kind: K,
): Extract<ShoppingLine, { kind: K }>[] =>
  list.lines.filter((l): l is Extract<ShoppingLine, { kind: K }> => l.kind === kind);

interface Price {
  /** Pounds for one, or for one pack. */
  pack: number;
  soldSo: boolean;
}

/** Every line is priced in whole pence, so that a list comes to what its lines come to. */
const penny = (pounds: number): number => Math.round(pounds * 100) / 100;

/** What one pack of a start costs, at a nursery that has it listed, else what is ordinary; pounds. */
export function priceOf(plant: Plant, start: StartSize, stock: Stock | null): Price {
  const listed = stock ? availabilityOf(stock, plant.id, start, 1).line : null;
  return listed ? { pack: listed.price, soldSo: true } : startPrice(plant, start);
}

/**
 * What one start costs, pounds, and whether it is ordinarily sold in that size. Otherwise scaled from the
 * nearest by the cube root of volume.
 */
export function startPrice(plant: Plant, start: StartSize): Price {
  const exact = plant.starts.find((s) => s.size === start);
  if (exact) return { pack: exact.price, soldSo: true };
  const { litres, perPack } = STARTS[start];
  const off = (s: StartSize) => Math.abs(Math.log(STARTS[s].litres / litres));
  const near = [...plant.starts].sort((a, b) => off(a.size) - off(b.size))[0];
  if (!near) return { pack: 0, soldSo: false };
  const single = near.price / STARTS[near.size].perPack;
  return { pack: single * Math.cbrt(litres / STARTS[near.size].litres) * perPack, soldSo: false };
}

function plantLines(planting: Planting, sets: number, stock: Stock | null): PlantLine[] {
  const kinds = new Map<string, { plant: Plant; role: Role; start: StartSize; count: number }>();
  for (const { plant, role, start } of resolve(planting)) {
    const key = `${plant.id}|${start}`;
    const known = kinds.get(key);
    kinds.set(key, { plant, role, start, ...known, count: (known?.count ?? 0) + sets });
  }
  return [...kinds.values()].map(({ plant, role, start, count }): PlantLine => {
    const { perPack, label } = STARTS[start];
    const buy = Math.ceil(count / perPack);
    const { pack, soldSo } = priceOf(plant, start, stock);
    return {
      kind: 'plant',
      item: plantName(plant),
      botanical: plant.botanical,
      size: label,
      count,
      buy,
      price: penny(buy * pack),
      plant,
      role,
      start,
      spare: buy * perPack - count,
      soldSo,
      escapes: mayEscape(factsOf(plant).runsWild, planting.spot.climate),
    };
  });
}

const mixLines = (mixL: number): MixLine[] =>
  bagsFor(mixL).map(({ litres, label, count, price }) => ({
    kind: 'mix',
    item: 'Peat-free potting mix',
    botanical: '',
    size: label,
    count,
    buy: count,
    price: penny(price * count),
    bagL: litres,
  }));

function feedLine(mixL: number): FeedLine {
  const grams = Math.round(mixL * FEED_G_PER_L);
  const price = penny(grams * FEED_PRICE_PER_G);
  return { kind: 'feed', item: 'Slow-release feed', botanical: '', size: 'g', count: grams, buy: grams, price };
}

/** A stake or frame for each plant that wants one; what hangs over the rim wants none. */
function supportLines(planting: Planting, sets: number): SupportLine[] {
  const wanted = resolve(planting).flatMap(({ plant, role }) => {
    const { support } = factsOf(plant);
    return support === 'none' || role === 'spiller' ? [] : [support];
  });
  return [...new Set(wanted)].map((support) => {
    const count = wanted.filter((s) => s === support).length * sets;
    const { item, size, price } = SUPPORTS[support];
    return { kind: 'support', item, botanical: '', size, count, buy: count, price: penny(price * count) };
  });
}

/**
 * Everything to buy for a planting: plants by start size, mix in whole bags, feed. `sets` defaults to the container's
 * count; plants at a nursery's prices when its stock is given.
 */
export function shoppingList(
  planting: Planting,
  sets = planting.container.count,
  stock: Stock | null = null,
): ShoppingList {
  const mixL = mixToBuyL(planting.container, ballsL(planting.placements)) * sets;
  const lines = [
    ...plantLines(planting, sets, stock),
    ...mixLines(mixL),
    feedLine(mixL),
    ...supportLines(planting, sets),
  ];
  const total = sum(lines.map((l) => l.price));
  return { sets, lines, mixL, total, each: total / sets };
}
