import { mixToBuyL } from '../containers';
import { plantName, type Plant, type Role } from '../plants/schema';
import { STARTS, type StartSize } from '../plants/starts';
import type { Stock } from '../stock/schema';
import { stateOf } from '../stock/shelf';
import { ballsL, resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { sum } from '../units/number';
import { bagsFor, type BagCount } from './bags';
import { FEED_G_PER_L, FEED_PRICE_PER_G } from './prices';

export interface PlantLine {
  plant: Plant;
  name: string;
  role: Role;
  start: StartSize;
  /** Plants wanted, and how they are bought. */
  count: number;
  packs: number;
  spare: number;
  price: number;
  /** False when this size is not one the plant is ordinarily sold in: the price is then a guess from the nearest. */
  soldSo: boolean;
}

export interface ShoppingList {
  sets: number;
  plants: PlantLine[];
  plantsPrice: number;
  mixL: number;
  bags: BagCount[];
  bagsPrice: number;
  feedG: number;
  feedPrice: number;
  total: number;
  each: number;
}

/** What one start or pack costs at a nursery that has it listed, pounds; else what is ordinary. */
function priceOf(plant: Plant, start: StartSize, stock: Stock | null): { pack: number; soldSo: boolean } {
  const listed = stock ? stateOf(stock, plant.id, start, 1).line : null;
  return listed ? { pack: listed.price, soldSo: true } : startPrice(plant, start);
}

/** What one start costs, pounds, and whether it is ordinarily sold in that size. Otherwise scaled from the nearest by the cube root of volume. */
export function startPrice(plant: Plant, start: StartSize): { pack: number; soldSo: boolean } {
  const exact = plant.starts.find((s) => s.size === start);
  if (exact) return { pack: exact.price, soldSo: true };
  const near = [...plant.starts].sort(
    (a, b) =>
      Math.abs(Math.log(STARTS[a.size].litres / STARTS[start].litres)) -
      Math.abs(Math.log(STARTS[b.size].litres / STARTS[start].litres)),
  )[0];
  if (!near) return { pack: 0, soldSo: false };
  const single = near.price / STARTS[near.size].perPack;
  return {
    pack: single * Math.cbrt(STARTS[start].litres / STARTS[near.size].litres) * STARTS[start].perPack,
    soldSo: false,
  };
}

/** Everything to buy for a planting: plants by start size, mix in whole bags, feed. `sets` defaults to the container's count; plants at a nursery's prices when its stock is given. */
export function shoppingList(
  planting: Planting,
  sets = planting.container.count,
  stock: Stock | null = null,
): ShoppingList {
  const lines = new Map<string, PlantLine>();
  for (const p of resolve(planting)) {
    const key = `${p.plant.id}|${p.start}`;
    const line = lines.get(key) ?? {
      plant: p.plant,
      name: plantName(p.plant),
      role: p.role,
      start: p.start,
      count: 0,
      packs: 0,
      spare: 0,
      price: 0,
      soldSo: true,
    };
    lines.set(key, { ...line, count: line.count + sets });
  }
  const plants = [...lines.values()].map((l) => {
    const { perPack } = STARTS[l.start];
    const packs = Math.ceil(l.count / perPack);
    const { pack, soldSo } = priceOf(l.plant, l.start, stock);
    return { ...l, packs, spare: packs * perPack - l.count, price: packs * pack, soldSo };
  });
  const eachMixL = mixToBuyL(planting.container, ballsL(planting.placements));
  const bags = bagsFor(eachMixL * sets);
  const feedG = Math.round(eachMixL * sets * FEED_G_PER_L);
  const plantsPrice = sum(plants.map((p) => p.price));
  const bagsPrice = sum(bags.map((b) => b.price * b.count));
  const feedPrice = feedG * FEED_PRICE_PER_G;
  const total = plantsPrice + bagsPrice + feedPrice;
  return {
    sets,
    plants,
    plantsPrice,
    mixL: eachMixL * sets,
    bags,
    bagsPrice,
    feedG,
    feedPrice,
    total,
    each: total / sets,
  };
}
