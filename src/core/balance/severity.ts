export type Severity = 'good' | 'watch' | 'wrong';

/** What each is called where it is read. */
export const SEVERITY_WORDS: Record<Severity, string> = { good: 'good', watch: 'concern', wrong: 'problem' };

/** Worse is more. */
export const RANK: Record<Severity, number> = { good: 0, watch: 1, wrong: 2 };

/** Quality of a figure against a band: 1 in the middle, 0.8 at its edges, falling to 0 one band's width outside. */
export function bandQuality(x: number, [low, high]: readonly [number, number]): number {
  const half = Math.max((high - low) / 2, 1e-6);
  const off = Math.abs(x - (low + high) / 2) / half;
  return off <= 1 ? 1 - 0.2 * off * off : Math.max(0, 0.8 - 0.4 * (off - 1));
}

/** good inside the band, wrong beyond `outer`, watch between. */
export function bySeverity(
  x: number,
  [low, high]: readonly [number, number],
  outer: readonly [number, number],
): Severity {
  if (x >= low && x <= high) return 'good';
  return x < outer[0] || x > outer[1] ? 'wrong' : 'watch';
}
