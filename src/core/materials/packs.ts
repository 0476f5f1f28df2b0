import type { StartSize } from '../plants/starts';

/** A way of buying: how many it holds, and what it costs. */
export interface Offer {
  label: string;
  holds: number;
  price: number;
}

/** So many of an offer. */
export interface Bought extends Offer {
  count: number;
}

/** What decides between ways to fill a need: the till, or what is left over. The other decides a tie. */
export type Prefer = 'price' | 'least over';

/**
 * The best way to buy at least so many `wanted` of something in whole offers: cheapest, or with the least
 * left over. Exact, by dynamic programming over every amount from nought to the need and one largest offer
 * more. Amounts are whole numbers.
 */
export function fillBy(wanted: number, offers: readonly Offer[], prefer: Prefer = 'price'): Bought[] {
  if (wanted <= 0 || offers.length === 0) return [];
  // Nothing lies between the multiples of what divides all of them.
  const unit = offers.reduce((g, o) => divisor(g, o.holds), 0);
  const filled = filledIn(
    Math.ceil(wanted / unit),
    offers.map((o) => ({ ...o, holds: o.holds / unit })),
    prefer,
  );
  return filled.map((b) => ({ ...b, holds: b.holds * unit }));
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

function filledIn(need: number, offers: readonly Offer[], prefer: Prefer): Bought[] {
  const most = need + Math.max(...offers.map((o) => o.holds));
  const cost = new Array<number>(most + 1).fill(Infinity);
  const last = new Array<number>(most + 1).fill(-1);
  cost[0] = 0;
  for (let n = 1; n <= most; n += 1) {
    offers.forEach((o, i) => {
      const c = n >= o.holds ? (cost[n - o.holds] ?? Infinity) + o.price : Infinity;
      // A hair cheaper only by rounding is no cheaper.
      if (c < (cost[n] ?? Infinity) - 1e-9) [cost[n], last[n]] = [c, i];
    });
  }
  let best = -1;
  for (let n = need; n <= most; n += 1) {
    const c = cost[n] ?? Infinity;
    if (!Number.isFinite(c)) continue;
    if (best < 0 || (prefer === 'price' && c < (cost[best] ?? Infinity) - 1e-9)) best = n;
  }
  const counts = new Map<number, number>();
  for (let n = best; n > 0;) {
    const i = last[n] ?? 0;
    counts.set(i, (counts.get(i) ?? 0) + 1);
    n -= offers[i]?.holds ?? n;
  }
  return [...counts]
    .map(([i, count]) => ({ ...(offers[i] as Offer), count }))
    .sort((a, b) => b.holds - a.holds || a.price - b.price);
}

/** A pack a start is sold in: how many it holds, and its price as a multiple of the price in the record. */
interface Pack {
  label: string;
  holds: number;
  costs: number;
}

/**
 * Packs by start. What a record prices is the pack that costs 1; the others are ordinary beside it. Working
 * figures: a tray is a tenth to a fifth off.
 */
export const PACKS: Record<StartSize, readonly Pack[]> = {
  seed: [{ label: 'packet', holds: 25, costs: 1 }],
  bulb: [
    { label: 'bag of 10', holds: 10, costs: 1 },
    { label: 'bag of 25', holds: 25, costs: 2.2 },
  ],
  bare: [{ label: 'single', holds: 1, costs: 1 }],
  slip: [{ label: 'single', holds: 1, costs: 1 }],
  cutting: [
    { label: 'single', holds: 1, costs: 1 },
    { label: 'six', holds: 6, costs: 5.4 },
  ],
  plug: [
    { label: 'tray of 32', holds: 32, costs: 1 },
    { label: 'tray of 50', holds: 50, costs: 1.45 },
  ],
  pack6: [
    { label: 'four', holds: 4, costs: 0.72 },
    { label: 'six', holds: 6, costs: 1 },
    { label: 'tray of 18', holds: 18, costs: 2.7 },
  ],
  p9: [
    { label: 'single', holds: 1, costs: 1 },
    { label: 'six', holds: 6, costs: 5.4 },
    { label: 'tray of 18', holds: 18, costs: 15.3 },
  ],
  p10: [
    { label: 'single', holds: 1, costs: 1 },
    { label: 'six', holds: 6, costs: 5.5 },
    { label: 'tray of 18', holds: 18, costs: 15.5 },
  ],
  l1: [{ label: 'single', holds: 1, costs: 1 }],
  l2: [{ label: 'single', holds: 1, costs: 1 }],
  l3: [{ label: 'single', holds: 1, costs: 1 }],
};

/** The packs of a start at what one priced pack costs, pounds, in whole pence. */
export const offersOf = (start: StartSize, pricedPack: number): Offer[] =>
  PACKS[start].map(({ label, holds, costs }) => ({ label, holds, price: Math.round(pricedPack * costs * 100) / 100 }));
