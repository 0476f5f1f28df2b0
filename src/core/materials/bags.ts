import { BAGS } from './prices';

export interface BagCount {
  litres: number;
  count: number;
  price: number;
}

/**
 * Whole bags that hold at least `needL`, with the fewest litres left over; the cheaper on a tie. Exact: every
 * useful combination is a sum of sizes, tried smallest waste first by dynamic programming in steps of the smallest bag.
 */
export function bagsFor(needL: number): BagCount[] {
  if (needL <= 0) return [];
  const step = 10;
  const least = Math.ceil(needL / step);
  const most = least + 6;
  const cost = new Array<number>(most + 1).fill(Infinity);
  const last = new Array<number>(most + 1).fill(-1);
  cost[0] = 0;
  for (let n = 1; n <= most; n += 1) {
    BAGS.forEach((b, i) => {
      const before = n - b.litres / step;
      const c = before >= 0 ? (cost[before] ?? Infinity) + b.price : Infinity;
      if (c < (cost[n] ?? Infinity)) [cost[n], last[n]] = [c, i];
    });
  }
  let n = least;
  while (n <= most && !Number.isFinite(cost[n])) n += 1;
  const counts = new Map<number, number>();
  while (n > 0) {
    const i = last[n] ?? 0;
    counts.set(i, (counts.get(i) ?? 0) + 1);
    n -= (BAGS[i] ?? BAGS[0]).litres / step;
  }
  return [...counts].map(([i, count]) => ({ ...(BAGS[i] ?? BAGS[0]), count })).sort((a, b) => b.litres - a.litres);
}
