export const clamp = (x: number, low: number, high: number): number => Math.min(high, Math.max(low, x));
export const clamp01 = (x: number): number => clamp(x, 0, 1);
/** The middle of a range. */
export const middleOf = ([low, high]: readonly [number, number]): number => (low + high) / 2;
export const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;
/** Mean of some figures; 0 of none. */
export const mean = (list: readonly number[]): number => (list.length === 0 ? 0 : sum(list) / list.length);

export const sum = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0);

/** To one decimal; never minus nought, which a file would not keep. */
export const tenth = (x: number): number => Math.round(x * 10) / 10 + 0;

export function median(xs: readonly number[]): number {
  if (xs.length === 0) return 0;
  const s = [...xs].sort((a, b) => a - b);
  const mid = s.length >> 1;
  return s.length % 2 ? (s[mid] ?? 0) : ((s[mid - 1] ?? 0) + (s[mid] ?? 0)) / 2;
}

/** The item with the greatest value; undefined for none. The first wins a tie. */
export function maxBy<T>(items: readonly T[], value: (item: T) => number): T | undefined {
  let best: T | undefined;
  let top = -Infinity;
  for (const item of items) {
    const v = value(item);
    if (v > top) [best, top] = [item, v];
  }
  return best;
}

/**
 * A small seeded generator of numbers in [0, 1): mulberry32, a public-domain 32-bit mixer. Good enough to
 * scatter leaves and to break ties; not for statistics.
 */
export function seeded(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A 32-bit hash of a string (FNV-1a), so that a name can seed `seeded`. */
export function hashText(text: string): number {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  return h >>> 0;
}
