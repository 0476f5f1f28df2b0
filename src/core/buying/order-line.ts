import type { Plant } from '../plants/schema';
import type { StartSize } from '../plants/starts';
import type { Role } from '../plants/traits';
import type { Stock } from '../stock/schema';
import type { UnitSystem } from '../units/length';
import { sum } from '../units/number';
import type { ShopId } from '../materials/entry';
import type { FeedId } from '../materials/feeds';
import type { Delivery } from './delivery';
import { type Bought, fillBy, type Offer } from '../materials/packs';

/** One thing to buy for all of them. */
export interface OrderLine {
  /** The same for the same thing: what is ticked and priced by hand stays so. */
  key: string;
  shop: ShopId;
  item: string;
  /** Botanical name of a plant, else what it is for; may be empty. */
  about: string;
  /** What is wanted, with its unit. */
  need: number;
  unit: string;
  /** What is taken to the till. */
  buy: readonly Bought[];
  /** Of what is bought, not wanted. */
  spare: number;
  /** Pounds for all of it. */
  price: number;
  /** What a price of one’s own is put in for, and what it stands at, pounds. */
  priced: { of: string; pounds: number };
  /** It is priced by hand. */
  own: boolean;
  /** Something to know about it, or null. */
  note: string | null;
  /** For a plant: which, in which size, for which part. */
  plant: { plant: Plant; start: StartSize; role: Role; soldSo: boolean; escapes: boolean } | null;
  /** For plants: how many are wanted in which week. */
  deliveries: readonly Delivery[];
  /** As a rule it is there already, as the container itself is. */
  usuallyOwned: boolean;
}

/** What is asked for beside the containers. */
export interface Wants {
  feed: FeedId;
  drip: boolean;
  units: UnitSystem;
  stock: Stock | null;
  /** Plants bought over what is set out, a share of them: 0 for none. */
  spare: number;
  /** Prices of one’s own, pounds for one pack, bag or piece, by line key. */
  prices: Readonly<Record<string, number>>;
}

export const PLAIN_WANTS: Wants = { feed: 'slow', drip: false, units: 'metric', stock: null, spare: 0, prices: {} };

/** Whole pence. */
export const penny = (pounds: number): number => Math.round(pounds * 100) / 100;
/** What is taken to the till, in whole pence. */
export const priceOfAll = (buy: readonly Bought[]): number => penny(sum(buy.map((b) => b.price * b.count)));

/** What a line has none of unless it says so. */
const PLAIN = { note: null, plant: null, deliveries: [], usuallyOwned: false } as const;

/** A line of things sold one way at one price. */
export function plainLine(
  of: Pick<OrderLine, 'key' | 'shop' | 'item' | 'about' | 'unit'> & Partial<OrderLine>,
  need: number,
  each: number,
  { prices }: Wants,
): OrderLine {
  const own = prices[of.key];
  const count = Math.ceil(need - 1e-9);
  const buy = [{ label: of.unit, holds: 1, price: own ?? each, count }];
  return {
    need,
    buy,
    spare: 0,
    price: priceOfAll(buy),
    priced: { of: of.unit, pounds: own ?? each },
    own: own !== undefined,
    ...PLAIN,
    ...of,
  };
}

/**
 * A line of what is sold in packs: the cheapest that make up the need. A price of one’s own is for the
 * smallest, and that is then what is bought.
 */
export function packedLine(
  of: Pick<OrderLine, 'key' | 'shop' | 'item' | 'about' | 'unit'> & Partial<OrderLine>,
  need: number,
  sold: readonly [Offer, ...Offer[]],
  { prices }: Wants,
): OrderLine {
  const own = prices[of.key];
  const [least] = sold;
  const buy = fillBy(Math.ceil(need - 1e-9), own === undefined ? sold : [{ ...least, price: own }]);
  return {
    need,
    buy,
    spare: sum(buy.map((b) => b.holds * b.count)) - need,
    price: priceOfAll(buy),
    priced: { of: least.label, pounds: own ?? least.price },
    own: own !== undefined,
    ...PLAIN,
    ...of,
  };
}

/** What is there already, by line key; what is not said is as it usually is. */
export type Have = Readonly<Record<string, boolean>>;

/** Whether a line is there already. */
export const isHad = (line: Pick<OrderLine, 'key' | 'usuallyOwned'>, have: Have): boolean =>
  have[line.key] ?? line.usuallyOwned;

/** “2 × tray of 18 + 1 × six”; for what is sold by weight or length, “34 g”. */
export function buyText({ buy, unit }: Pick<OrderLine, 'buy' | 'unit'>): string {
  const [only] = buy;
  if (buy.length === 1 && only && only.label === unit && (unit === 'g' || unit === 'mL' || unit === 'm'))
    return `${only.count} ${unit}`;
  return buy
    .map((b) => (b.label === 'single' || b.label === 'each' ? String(b.count) : `${b.count} × ${b.label}`))
    .join(' + ');
}
